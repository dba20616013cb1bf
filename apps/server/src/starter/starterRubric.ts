import { PASS_LEVEL, type Criterion, type RubricContent, type RubricStrand, type TechniqueCard } from '@pelvo/core';
import { faultsFrom, safeKnife } from './criteria';

interface Levels {
  readonly key: string;
  readonly name: string;
  readonly strand: RubricStrand;
  readonly weight: number;
  readonly evidence: Criterion['evidence'];
  readonly levels: readonly [string, string, string, string];
  readonly faults: Criterion['faults'];
}

const levels = ({ levels: descriptors, ...rest }: Levels): Criterion => ({ kind: 'levels', descriptors, ...rest });

/**
 * A rubric to start from, for a practical dish. Weights and levels are ours; every school edits them.
 *
 * @param cards - the cards whose faults its criteria carry
 * @throws Error when a fault it names is on none of them
 */
export function starterRubric(cards: readonly TechniqueCard[]): RubricContent {
  const faultsOf = faultsFrom(cards);
  return {
    name: 'Practical dish',
    passAt: PASS_LEVEL,
    strandWeights: { knife: 30, cooking: 45, plating: 25, process: 0 },
    levelShares: [0.25, 0.5, 0.75, 1],
    criteria: [
      safeKnife(faultsOf),
      levels({
        key: 'cut-size',
        name: 'Cut against its size',
        strand: 'knife',
        weight: 2,
        evidence: 'measured',
        levels: [
          'Fewer than 4 of 10 pieces are within tolerance.',
          '4 to 6 of 10 pieces are within tolerance.',
          '7 or 8 of 10 pieces are within tolerance.',
          '9 or 10 of 10 pieces are within tolerance.',
        ],
        faults: faultsOf('Julienne: mixed-width, wedge', 'Fine dice: brick, mixed-dice'),
      }),
      levels({
        key: 'knife-hand',
        name: 'Grip and station',
        strand: 'knife',
        weight: 1,
        evidence: 'seen',
        levels: [
          'Grip changes from cut to cut; board crowded.',
          'Grip right when reminded; trim left among the cuts.',
          'Pinch grip and guide hand throughout; trim parted.',
          'Fluent and even; station reset after every cut.',
        ],
        faults: faultsOf('Grip, guide hand and board: finger-on-spine, flat-fingers', 'Julienne: trim-waste'),
      }),
      {
        kind: 'critical',
        key: 'safe-food',
        name: 'Food handled safely',
        strand: 'cooking',
        evidence: 'measured',
        cap: 40,
        met: 'Core temperature met the local rule, or the dish is served below it under an allowance and each of its conditions was kept; raw never touched ready.',
        notMet:
          'Core temperature missed the local rule without an allowance, a condition of the allowance was not kept, or raw touched ready food.',
        faults: [],
      },
      levels({
        key: 'doneness',
        name: 'Doneness',
        strand: 'cooking',
        weight: 3,
        evidence: 'measured',
        levels: [
          'Raw or dry through most of it.',
          'Done in part; edges over or centre under.',
          'Done throughout, carry-over allowed for.',
          'Exact throughout, rested, held right.',
        ],
        faults: faultsOf(
          'Poach: overcooked-poach, boiled',
          'Blanch and refresh: under-blanched, dull-green',
          'Render and sear: grey-band, flabby-skin',
        ),
      }),
      levels({
        key: 'seasoning',
        name: 'Seasoning',
        strand: 'cooking',
        weight: 2,
        evidence: 'tasted',
        levels: [
          'Unseasoned, or too salty to finish.',
          'Some parts seasoned, some flat.',
          'Balanced in every part.',
          'Balanced, and each part lifts the next.',
        ],
        faults: faultsOf('Poach: bland-poach', 'Reduce and mount a sauce: oversalted', 'Emulsify a dressing: flat-dressing'),
      }),
      levels({
        key: 'sauce',
        name: 'Body of sauce or dressing',
        strand: 'cooking',
        weight: 2,
        evidence: 'seen',
        levels: [
          'Split, lumpy or like water.',
          'Holds for a moment, then runs or parts.',
          'Coats a spoon, edge stays.',
          'Glossy, exact body, hot or cold as meant.',
        ],
        faults: faultsOf(
          'Reduce and mount a sauce: thin-sauce, broken-sauce',
          'Emulsify a dressing: split',
          'Cook a custard: curdled, thin-custard',
        ),
      }),
      levels({
        key: 'build',
        name: 'Plan and portion',
        strand: 'plating',
        weight: 2,
        evidence: 'seen',
        levels: [
          'Two or more items of the plan missing.',
          'All there, amounts off.',
          'Plan kept, portion right.',
          'Plan kept to the gram, and every item earns its place.',
        ],
        faults: faultsOf('Plan and build the plate: missing-item, no-focus', 'Sauce the plate: flooded'),
      }),
      levels({
        key: 'composition',
        name: 'Height and contrast',
        strand: 'plating',
        weight: 1,
        evidence: 'seen',
        levels: [
          'Flat, one colour, one texture.',
          'Some height or some contrast.',
          'Height and contrast, clear first look.',
          'Height, contrast and space as the practice in force asks.',
        ],
        faults: faultsOf('Height, number and contrast: flat-plate, one-texture', 'Sauce the plate: smeared'),
      }),
      levels({
        key: 'rim',
        name: 'Rim and temperature',
        strand: 'plating',
        weight: 1,
        evidence: 'seen',
        levels: [
          'Smeared rim and wrong plate temperature.',
          'One of the two right.',
          'Clean rim, right plate temperature.',
          'Spotless, right temperature, at the pass on time.',
        ],
        faults: faultsOf('Clean rim and pass: fingerprints, waited', 'Plan and build the plate: cold-plate'),
      }),
    ],
  };
}
