import { STRAND_NAMES, STRANDS, type Fault, type Strand } from '../technique';
import type { CountedCriterion, CountedValue } from './kinds/counted';
import type { CriticalCriterion, CriticalValue } from './kinds/critical';
import type { LadderCriterion, LadderValue } from './kinds/ladder';
import type { LevelCriterion, LevelValue } from './kinds/levels';
import type { MeasuredCriterion, MeasuredValue } from './kinds/measured';
import type { Level } from './levels';

export type EvidenceKind = 'measured' | 'seen' | 'tasted';

/** What is judged: the three strands that techniques are taught in, and how the work was done. */
export const RUBRIC_STRANDS = [...STRANDS, 'process'] as const;
export type RubricStrand = Strand | 'process';
export const RUBRIC_STRAND_NAMES: Readonly<Record<RubricStrand, string>> = { ...STRAND_NAMES, process: 'Process' };

export interface CriterionBase {
  readonly key: string;
  readonly name: string;
  readonly strand: RubricStrand;
  readonly evidence: EvidenceKind;
  /** Faults that can be noted under this criterion, copied from technique cards when the rubric is published. */
  readonly faults: readonly (Fault & { readonly technique: string })[];
}

export interface Weighed {
  /** Weight within its strand, above 0. */
  readonly weight: number;
}

export type Criterion = LevelCriterion | CriticalCriterion | MeasuredCriterion | CountedCriterion | LadderCriterion;
/** A criterion that earns points. */
export type GradedCriterion = Extract<Criterion, Weighed>;
export type CriterionOf<K extends Criterion['kind']> = Extract<Criterion, { kind: K }>;

export interface RubricContent {
  readonly name: string;
  /** Weights of the strands; any positive numbers, used in proportion. */
  readonly strandWeights: Readonly<Record<RubricStrand, number>>;
  /** Share of a criterion's weight that each level earns, levels 1 to 4, not falling, the last 1. */
  readonly levelShares: readonly [number, number, number, number];
  readonly criteria: readonly Criterion[];
  /** Where results are told as pass or not yet: the level at which a criterion is passed. */
  readonly passAt: Level;
}

/** What an assessor saw of a criterion, by its kind. */
export type SeenValue = LevelValue | CriticalValue | MeasuredValue | CountedValue | LadderValue;
interface Values {
  readonly levels: LevelValue;
  readonly critical: CriticalValue;
  readonly measured: MeasuredValue;
  readonly counted: CountedValue;
  readonly ladder: LadderValue;
}
export type ValueOf<K extends Criterion['kind']> = Values[K];

/** What an assessor said of one criterion. "Not seen" is an answer; no entry means it has not been marked yet. */
export type MarkValue = SeenValue | { readonly kind: 'notSeen' };

/** Marks of one dish by criterion key. */
export type Marks = Readonly<Record<string, MarkValue | undefined>>;

/** A judgement by one assessor, with its number in the stream of the lesson. */
export interface GivenMark {
  readonly assessorId: string;
  readonly criterionKey: string;
  /** Null once it was taken back. */
  readonly value: MarkValue | null;
  readonly number: number;
  /** What those who marked differently agreed on afterwards: it counts, and their own judgements stay on record beside it. */
  readonly agreed?: true;
}
