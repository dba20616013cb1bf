import { ladderOf, sharesFor, type RubricContent, type TechniqueCard } from '@pelvo/core';
import {
  byCount,
  byLevel,
  byMeasure,
  byStage,
  critical,
  MISSED_BOARDS,
  ON_TIME,
  SAFE_COLD,
  SAFE_FOOD,
  SAFE_KNIFE,
  SEASONING,
  STATION,
  withFaults,
  type StarterCriterion,
  type StarterRubric,
} from './criteria';

const CUT_SIZE = byLevel(
  { key: 'cut-size', name: 'Cut against its size', strand: 'knife', evidence: 'measured' },
  2,
  [
    'Fewer than 4 of 10 pieces are within tolerance.',
    '4 to 6 of 10 pieces are within tolerance.',
    '7 or 8 of 10 pieces are within tolerance.',
    '9 or 10 of 10 pieces are within tolerance.',
  ],
  'Julienne: mixed-width, wedge',
  'Fine dice: brick, mixed-dice',
);

const KNIFE_HAND = byLevel(
  { key: 'knife-hand', name: 'Grip and station', strand: 'knife' },
  1,
  [
    'Grip changes from cut to cut; board crowded.',
    'Grip right when reminded; trim left among the cuts.',
    'Pinch grip and guide hand throughout; trim parted.',
    'Fluent and even; station reset after every cut.',
  ],
  'Grip, guide hand and board: finger-on-spine, flat-fingers',
  'Julienne: trim-waste',
);

const DONENESS = byLevel(
  { key: 'doneness', name: 'Doneness', strand: 'cooking', evidence: 'measured' },
  3,
  [
    'Raw or dry through most of it.',
    'Done in part; edges over or centre under.',
    'Done throughout, carry-over allowed for.',
    'Exact throughout, rested, held right.',
  ],
  'Poach: overcooked-poach, boiled',
  'Blanch and refresh: under-blanched, dull-green',
  'Render and sear: grey-band, flabby-skin',
  'Finish in the oven: past-core, cold-core',
);

const SAUCE = byLevel(
  { key: 'sauce', name: 'Body of sauce or dressing', strand: 'cooking' },
  2,
  [
    'Split, lumpy or like water.',
    'Holds for a moment, then runs or parts.',
    'Coats a spoon, edge stays.',
    'Glossy, exact body, hot or cold as meant.',
  ],
  'Reduce and mount a sauce: thin-sauce, broken-sauce',
  'Emulsify a dressing: split',
  'Cook a custard: curdled, thin-custard',
);

const COLOUR = byLevel(
  { key: 'colour', name: 'Colour and crust', strand: 'cooking' },
  2,
  [
    'None, or black in places.',
    'Patchy, or one side only.',
    'Even, as deep as the dish asks.',
    'Even on every side, crisp, tastes of roasting and not of burning.',
  ],
  'Sear in a hot pan: stewed-sear, burnt-crust, torn-crust',
  'Sauté: stewed-pan, burnt-fat',
  'Roast vegetables: steamed-roast, burnt-edges',
);

const BUILD = byLevel(
  { key: 'build', name: 'Plan and portion', strand: 'plating' },
  2,
  [
    'Two or more items of the plan missing.',
    'All there, amounts off.',
    'Plan kept, portion right.',
    'Plan kept to the gram, and every item earns its place.',
  ],
  'Plan and build the plate: missing-item, no-focus',
  'Sauce the plate: flooded',
);

const COMPOSITION = byLevel(
  { key: 'composition', name: 'Composition and contrast', strand: 'plating' },
  1,
  [
    'No first look, one colour, one texture.',
    'A first look, or some contrast.',
    'Clear first look, contrast of colour and of texture.',
    'Clear first look, contrast and room, placed as the practice in force asks.',
  ],
  'Height, number and contrast: one-texture',
  'Plan and build the plate: no-focus',
  'Sauce the plate: smeared',
);

const RIM = byLevel(
  { key: 'rim', name: 'Rim and temperature', strand: 'plating' },
  1,
  [
    'Smeared rim and wrong plate temperature.',
    'One of the two right.',
    'Clean rim, right plate temperature.',
    'Spotless, right temperature, at the pass on time.',
  ],
  'Clean rim and pass: fingerprints, waited',
  'Plan and build the plate: cold-plate',
);

const CLEAN_AS_YOU_GO = byLevel({ key: 'clean', name: 'Clean as you go', strand: 'process' }, 1, [
  'Dirty tools pile up; spills stay.',
  'Cleaned when told, or only at the end.',
  'Cleaned between tasks; cloths changed.',
  'Nothing dirty waits; station can be handed over at any minute.',
]);

const WASTE = byMeasure({ key: 'waste', name: 'Waste that could have been used', strand: 'process' }, 1, {
  unit: 'g',
  sizes: [{ name: 'waste', least: 0, most: 60 }],
  pieces: 1,
});

/** What every school begins with, in the order in which a rubric is looked for. */
export const STARTER_RUBRICS: readonly StarterRubric[] = [
  {
    name: 'Practical dish',
    weights: { knife: 30, cooking: 45, plating: 25 },
    criteria: [SAFE_KNIFE, CUT_SIZE, KNIFE_HAND, SAFE_FOOD, DONENESS, SEASONING, SAUCE, BUILD, COMPOSITION, RIM],
  },
  {
    name: 'Knife practical',
    weights: { knife: 70, process: 30 },
    criteria: [
      SAFE_KNIFE,
      byMeasure(
        { key: 'fine-dice', name: 'Fine dice', strand: 'knife' },
        3,
        { unit: 'mm', sizes: [{ name: 'side', least: 2, most: 4 }], pieces: 10 },
        'Fine dice: brick, mixed-dice',
      ),
      byMeasure(
        { key: 'julienne', name: 'Julienne', strand: 'knife' },
        3,
        {
          unit: 'mm',
          sizes: [
            { name: 'length', least: 40, most: 50 },
            { name: 'thickness', least: 2, most: 3 },
          ],
          pieces: 10,
        },
        'Julienne: mixed-width, wedge',
      ),
      byMeasure(
        { key: 'trim-left', name: 'Trim that is of no use', strand: 'knife' },
        1,
        { unit: 'g', sizes: [{ name: 'trim', least: 0, most: 60 }], pieces: 1 },
        'Julienne: trim-waste',
      ),
      MISSED_BOARDS,
      STATION,
      ON_TIME,
    ],
  },
  {
    name: 'Hot dish',
    weights: { knife: 10, cooking: 55, plating: 20, process: 15 },
    criteria: [
      SAFE_KNIFE,
      KNIFE_HAND,
      SAFE_FOOD,
      DONENESS,
      COLOUR,
      SEASONING,
      SAUCE,
      byLevel(
        { key: 'sides', name: 'What goes with it', strand: 'cooking', evidence: 'tasted' },
        2,
        [
          'Raw, burnt or mush.',
          'Done, uneven from piece to piece.',
          'Tender as meant, seasoned.',
          'Exact bite, seasoned, hot at the pass.',
        ],
        'Blanch and refresh: under-blanched, dull-green',
        'Cook roots evenly: hard-core, wet-roots',
        'Glaze vegetables: swimming-glaze, hard-glaze',
      ),
      byMeasure(
        { key: 'hot-at-the-pass', name: 'Core of the plate at the pass', strand: 'plating' },
        2,
        { unit: '°C', sizes: [{ name: 'core', least: 63, most: 85 }], pieces: 1 },
        'Plan and build the plate: cold-plate',
        'Clean rim and pass: waited',
      ),
      BUILD,
      RIM,
      CLEAN_AS_YOU_GO,
      ON_TIME,
    ],
  },
  {
    name: 'Cold dish and pastry',
    weights: { cooking: 60, plating: 25, process: 15 },
    criteria: [
      SAFE_KNIFE,
      SAFE_COLD,
      byLevel(
        { key: 'set', name: 'Set, crumb or foam', strand: 'cooking', evidence: 'tasted' },
        3,
        [
          'Runs, rubber, dense or fallen.',
          'Holds, but heavy, grainy or uneven.',
          'Holds and melts, or short and even.',
          'Exact: trembles, melts, snaps or bows as the dish asks.',
        ],
        'Set with gelatine: rubber, no-set',
        'Whip and fold: flat-mousse, over-whipped',
        'Rub in a short pastry: tough-pastry, shrunk',
      ),
      byStage(
        { key: 'bake', name: 'Colour of the bake', strand: 'cooking' },
        2,
        // A dish that says another stage is judged by its own.
        sharesFor(ladderOf('crust')!, 'gold').map(({ name, share }) => [name, share] as const),
        'Rub in a short pastry: soggy-base',
      ),
      byLevel(
        { key: 'balance', name: 'Sweetness, acid and salt', strand: 'cooking', evidence: 'tasted' },
        2,
        ['One of them alone.', 'Two in balance, the third missing.', 'In balance.', 'In balance, long, each part lifts the next.'],
        'Season and taste: acid-missing, under-seasoned',
      ),
      byLevel(
        { key: 'smooth', name: 'Smoothness', strand: 'cooking', evidence: 'tasted' },
        1,
        ['Lumps, grains or crystals.', 'A few of them.', 'Smooth.', 'Silken to the last spoon.'],
        'Cook a custard: curdled, thin-custard',
        'Caramel: crystals',
      ),
      byMeasure(
        { key: 'portions-alike', name: 'Pieces alike in weight', strand: 'plating' },
        1,
        { unit: 'g', sizes: [{ name: 'piece', least: 54, most: 66 }], pieces: 6 },
        'Portion by weight and count: short-plate, uneven-plates',
      ),
      BUILD,
      RIM,
      CLEAN_AS_YOU_GO,
      WASTE,
    ],
  },
  {
    name: 'Plating',
    weights: { plating: 85, process: 15 },
    criteria: [
      critical(
        { key: 'can-be-eaten', name: 'All of it can be eaten', strand: 'plating' },
        'Everything on the plate can be eaten and has its allergens named.',
        'Something cannot be eaten, or contains an allergen that was not named.',
      ),
      BUILD,
      byMeasure(
        { key: 'portion-weight', name: 'Portion against the build', strand: 'plating' },
        2,
        { unit: '% of build', sizes: [{ name: 'portion', least: 90, most: 110 }], pieces: 4 },
        'Portion by weight and count: short-plate, uneven-plates',
      ),
      COMPOSITION,
      byLevel(
        { key: 'sauce-place', name: 'Sauce on the plate', strand: 'plating' },
        2,
        [
          'Floods, or missing.',
          'Runs, or where the fork will not find it.',
          'Right amount, clear edge.',
          'Right amount, clear edge, six plates alike.',
        ],
        'Sauce the plate: flooded',
        'Lay a base: runs-out, second-stroke',
      ),
      byCount({ key: 'marks', name: 'Clean rim', strand: 'plating' }, 1, 'marks on the rim', [0, 1, 3], 'Clean rim and pass: fingerprints'),
      byMeasure(
        { key: 'plate-heat', name: 'Heat of a warm plate', strand: 'plating' },
        1,
        { unit: '°C', sizes: [{ name: 'plate', least: 50, most: 70 }], pieces: 1 },
        'Plan and build the plate: cold-plate',
      ),
      byMeasure(
        { key: 'stood', name: 'Minutes it stood before it was called', strand: 'process' },
        2,
        { unit: 'min', sizes: [{ name: 'stood', least: 0, most: 3 }], pieces: 1 },
        'Clean rim and pass: waited',
      ),
      byLevel({ key: 'hands', name: 'Hands and tools at the plate', strand: 'process' }, 1, [
        'Fingers in ready food, tools from raw work.',
        'Clean tools, plate touched again and again.',
        'Clean tools or gloves, built without going back.',
        'Clean, calm, each touch once, six in a row.',
      ]),
    ],
  },
  {
    name: 'Process',
    weights: { process: 100 },
    criteria: [
      SAFE_KNIFE,
      SAFE_FOOD,
      byLevel({ key: 'plan', name: 'Own plan of the work', strand: 'process' }, 2, [
        'None, or not looked at.',
        'Written, left behind when something slipped.',
        'Kept, changed when something slipped.',
        'Kept, foresees what is short, others can work by it.',
      ]),
      STATION,
      CLEAN_AS_YOU_GO,
      MISSED_BOARDS,
      byCount({ key: 'labels', name: 'Labels and records', strand: 'process' }, 1, 'labels or readings missing', [0, 1, 2]),
      ON_TIME,
      WASTE,
      byLevel({ key: 'together', name: 'Working together', strand: 'process' }, 1, [
        'Blocks others, says nothing.',
        'Answers when spoken to.',
        'Says what is hot, behind and needed; hands over.',
        'Sees what others need before they ask.',
      ]),
    ],
  },
];

/** The starter rubrics with the faults of the cards in them. @throws Error when a fault they name is on none of the cards */
export const starterRubrics = (cards: readonly TechniqueCard[]): readonly RubricContent[] =>
  STARTER_RUBRICS.map((rubric) => withFaults(rubric, cards));

export type { StarterCriterion };
