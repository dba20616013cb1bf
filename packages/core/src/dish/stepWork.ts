import type { Store } from './types';

/** What food is while a step is done with it: what may not meet what. */
export const FOOD_STATES = ['raw flesh', 'raw vegetable', 'ready', 'allergen'] as const;
export type FoodState = (typeof FOOD_STATES)[number];

/** Who makes what is made before the lesson. */
export const MAKERS = ['technician', 'instructor', 'team'] as const;
export type Maker = (typeof MAKERS)[number];

/** Heats that are still right beside the best one, and the minutes it takes at either end. */
export interface HeatBand {
  /** Degrees Celsius. */
  readonly from: number;
  readonly to: number;
  readonly minutesAtFrom: number;
  readonly minutesAtTo: number;
}

/** That a step may be done before the lesson. */
export interface MayBeAhead {
  readonly may: boolean;
  /** How long what it gives keeps in that store. */
  readonly hours: number;
  readonly store: Store;
  readonly by: Maker;
}

/**
 * How a step lies in time beside the others, as far as a person has said so. Null follows from its text and place
 * (`workOf` says what).
 */
export interface StepWork {
  /** Ids of the steps that must be finished before it. */
  readonly after: readonly string[] | null;
  /** Percent of its hands-on minutes that grow with the amount; the rest stays. */
  readonly grows: number | null;
  readonly band: HeatBand | null;
  /** Minutes until what it needs is at its heat, its own burner or bath; 0 for none. */
  readonly warmUp: number | null;
  readonly ahead: MayBeAhead | null;
  /** It ends at a cue, after so many minutes at least and at most. */
  readonly cue: { readonly text: string; readonly least: number; readonly most: number } | null;
  /** It is only done in some cases: "the stock is thin". */
  readonly only: { readonly when: string; readonly likely: boolean } | null;
  /** Whether it can be done again when it fails: how often at most, 0 for never, and in how many minutes. */
  readonly redo: { readonly times: number; readonly minutes: number } | null;
  readonly food: FoodState | null;
}

export const AS_IT_READS: StepWork = {
  after: null,
  grows: null,
  band: null,
  warmUp: null,
  ahead: null,
  cue: null,
  only: null,
  redo: null,
  food: null,
};
