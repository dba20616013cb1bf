import { PASS_LEVEL, type Criterion, type CriterionOf, type MeasureTarget, type RubricContent, type TechniqueCard } from '@pelvo/core';

/** A rubric that every school begins with. Weights, sizes and levels are ours; every school sets its own. */
export interface StarterRubric {
  readonly name: string;
  /** Weights of the strands; those left out weigh nothing. */
  readonly weights: Partial<RubricContent['strandWeights']>;
  readonly criteria: readonly StarterCriterion[];
}

/** A criterion whose faults are still named: `card: fault, fault`. */
export type StarterCriterion = Omit<Criterion, 'faults'> & { readonly faults: readonly string[] };

/**
 * A starter rubric with the faults of the cards copied in.
 *
 * @throws Error when a fault it names is on none of the cards
 */
export function withFaults(rubric: StarterRubric, cards: readonly TechniqueCard[]): RubricContent {
  return {
    name: rubric.name,
    passAt: PASS_LEVEL,
    strandWeights: { knife: 0, cooking: 0, plating: 0, process: 0, ...rubric.weights },
    levelShares: [0.25, 0.5, 0.75, 1],
    criteria: rubric.criteria.map((criterion) => ({ ...criterion, faults: faultsFrom(cards, criterion.faults) }) as Criterion),
  };
}

function faultsFrom(cards: readonly TechniqueCard[], picks: readonly string[]): Criterion['faults'] {
  return picks.flatMap((pick) => {
    const at = pick.lastIndexOf(': ');
    const technique = pick.slice(0, at);
    const card = cards.find(({ name }) => name === technique);
    return pick
      .slice(at + 2)
      .split(', ')
      .map((key) => {
        const fault = card?.faults.find((candidate) => candidate.key === key);
        if (!fault) throw new Error(`No fault "${key}" on the card "${technique}"`);
        return { ...fault, technique };
      });
  });
}

type Head = Pick<Criterion, 'key' | 'name' | 'strand'> & { readonly evidence?: Criterion['evidence'] };
const seen = ({ evidence = 'seen', ...head }: Head) => ({ ...head, evidence });

/** Judged by four levels, weakest first. */
export const byLevel = (
  head: Head,
  weight: number,
  descriptors: CriterionOf<'levels'>['descriptors'],
  ...faults: readonly string[]
): StarterCriterion => ({ kind: 'levels', ...seen(head), weight, descriptors, faults }) as StarterCriterion;

/** Met or not, and a cap on the dish when it is not. */
export const critical = (head: Head, met: string, notMet: string, ...faults: readonly string[]): StarterCriterion =>
  ({ kind: 'critical', ...seen(head), cap: 40, met, notMet, faults }) as StarterCriterion;

/** Measured piece by piece; shares within tolerance at which levels 2, 3 and 4 begin. */
export const byMeasure = (
  head: Omit<Head, 'evidence'>,
  weight: number,
  target: Omit<MeasureTarget, 'shares'> & Partial<Pick<MeasureTarget, 'shares'>>,
  ...faults: readonly string[]
): StarterCriterion =>
  ({
    kind: 'measured',
    ...head,
    evidence: 'measured',
    weight,
    target: { shares: target.pieces === 1 ? [1, 1, 1] : [0.4, 0.7, 0.9], ...target },
    faults,
  }) as StarterCriterion;

/** Counted; the most that stand at levels 4, 3 and 2. */
export const byCount = (
  head: Head,
  weight: number,
  counts: string,
  most: CriterionOf<'counted'>['most'],
  ...faults: readonly string[]
): StarterCriterion => ({ kind: 'counted', ...seen(head), weight, counts, most, faults }) as StarterCriterion;

/** A stage on a ladder with what each earns. */
export const byStage = (
  head: Head,
  weight: number,
  stages: readonly (readonly [name: string, share: number])[],
  ...faults: readonly string[]
): StarterCriterion =>
  ({ kind: 'ladder', ...seen(head), weight, stages: stages.map(([name, share]) => ({ name, share })), faults }) as StarterCriterion;

/** Danger at the board caps any dish, whatever it is. */
export const SAFE_KNIFE = critical(
  { key: 'safe-knife', name: 'Safe with the knife', strand: 'knife' },
  'Fingertips behind the knuckles, board secured, knife carried and laid down safely, or corrected at the first word.',
  'A dangerous grip or a sliding board went on after it was pointed out.',
  'Grip, guide hand and board: flat-fingers, board-slides',
);

/** So does food that can make someone ill. */
export const SAFE_FOOD = critical(
  { key: 'safe-food', name: 'Food handled safely', strand: 'cooking', evidence: 'measured' },
  'Core temperature met the local rule, or the dish is served below it under an allowance and each of its conditions was kept; raw never touched ready.',
  'Core temperature missed the local rule without an allowance, a condition of the allowance was not kept, or raw touched ready food.',
  'Judge doneness: not-probed, wrong-place',
);

/** Ready-to-eat food that is not cooked again. */
export const SAFE_COLD = critical(
  { key: 'safe-cold', name: 'Cold food handled safely', strand: 'cooking', evidence: 'measured' },
  'Cold chain kept by the local rules, clean hands, board and tools for what is ready to eat, allergens kept apart and named.',
  'Cold food stood longer or warmer than the local rules allow, met a raw board or hand, or an allergen was not named.',
);

/** The commonest remark of all, in the words the pass needs. */
export const SEASONING = byLevel(
  { key: 'seasoning', name: 'Seasoning', strand: 'cooking', evidence: 'tasted' },
  2,
  [
    'Unseasoned, or too salty to finish.',
    'Some parts seasoned, some flat.',
    'Balanced in every part.',
    'Balanced, and each part lifts the next.',
  ],
  'Season and taste: under-seasoned, over-seasoned, acid-missing',
  'Poach: bland-poach',
);

export const MISSED_BOARDS = byCount(
  { key: 'boards-missed', name: 'Change of board, knife and cloth', strand: 'process' },
  2,
  'changes missed',
  [0, 1, 2],
);

export const STATION = byStage({ key: 'station', name: 'Order of the station', strand: 'process' }, 2, [
  ['Trim, tools and food lie among each other.', 0.25],
  ['Cleared when told.', 0.5],
  ['Cleared by itself after each task.', 0.75],
  ['Clear at every look, trim parted by its use.', 1],
]);

export const ON_TIME = byMeasure({ key: 'time', name: 'Time against the window', strand: 'process' }, 1, {
  unit: 'min late',
  sizes: [{ name: 'late', least: -60, most: 0 }],
  pieces: 1,
});
