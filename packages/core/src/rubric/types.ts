import type { Strand, Fault } from '../technique';

export const LEVELS = [1, 2, 3, 4] as const;
export type Level = (typeof LEVELS)[number];

/** The names of the four levels, weakest first. */
export const LEVEL_NAMES: Readonly<Record<Level, string>> = { 1: 'Not yet', 2: 'Nearly', 3: 'Secure', 4: 'Assured' };

export type EvidenceKind = 'measured' | 'seen' | 'tasted';

/** The level at which a criterion is passed in a new rubric. */
export const PASS_LEVEL: Level = 3;

interface CriterionBase {
  readonly key: string;
  readonly name: string;
  readonly strand: Strand;
  readonly evidence: EvidenceKind;
  /** Faults that can be noted under this criterion, copied from technique cards when the rubric is published. */
  readonly faults: readonly (Fault & { readonly technique: string })[];
}

/** A criterion judged by level. */
export interface LevelCriterion extends CriterionBase {
  readonly kind: 'levels';
  /** Weight within its strand, above 0. */
  readonly weight: number;
  /** Observable descriptors for levels 1 to 4. */
  readonly descriptors: readonly [string, string, string, string];
}

/** A criterion that caps the dish when it is not met, whatever the rest says. */
export interface CriticalCriterion extends CriterionBase {
  readonly kind: 'critical';
  readonly met: string;
  readonly notMet: string;
  /** The highest mark the dish can have when this is not met, 0 to 100. */
  readonly cap: number;
}

export type Criterion = LevelCriterion | CriticalCriterion;

export interface RubricContent {
  readonly name: string;
  /** Weights of the strands; any positive numbers, used in proportion. */
  readonly strandWeights: Readonly<Record<Strand, number>>;
  /** Share of a criterion's weight that each level earns, levels 1 to 4, not falling, the last 1. */
  readonly levelShares: readonly [number, number, number, number];
  readonly criteria: readonly Criterion[];
  /** Where results are told as pass or not yet: the level at which a criterion is passed. */
  readonly passAt: Level;
}

/** What an assessor said of one criterion. "Not seen" is an answer; no entry means it has not been marked yet. */
export type MarkValue =
  | { readonly kind: 'level'; readonly level: Level; readonly faults: readonly string[] }
  | { readonly kind: 'critical'; readonly met: boolean; readonly faults: readonly string[] }
  | { readonly kind: 'notSeen' };

/** Marks of one dish by criterion key. */
export type Marks = Readonly<Record<string, MarkValue | undefined>>;

/** A judgement by one assessor, with its number in the stream of the lesson. */
export interface GivenMark {
  readonly assessorId: string;
  readonly criterionKey: string;
  /** Null once it was taken back. */
  readonly value: MarkValue | null;
  readonly number: number;
}

/** The marks in force on a dish: of each criterion the newest judgement that its assessor did not take back. */
export function marksInForce(given: readonly GivenMark[]): Marks {
  return Object.fromEntries([...newestOf(given)].map(([key, { value }]) => [key, value!]));
}

/** Who gave the marks in force, each once. */
export function assessorsInForce(given: readonly GivenMark[]): readonly string[] {
  return [...new Set([...newestOf(given).values()].map(({ assessorId }) => assessorId))];
}

function newestOf(given: readonly GivenMark[]): ReadonlyMap<string, GivenMark> {
  const newest = new Map<string, GivenMark>();
  for (const mark of given) {
    if (mark.value === null) continue;
    const other = newest.get(mark.criterionKey);
    if (!other || mark.number > other.number) newest.set(mark.criterionKey, mark);
  }
  return newest;
}
