import type { Difference } from './model';

/** What is held as it is in a neighbourhood: everything but `loose` keeps its order and its resources. */
export interface Held {
  readonly loose: ReadonlySet<number>;
  /** Differences `start(to) >= start(from) + add` that keep the order of what is held. */
  readonly orders: readonly Difference[];
  /** The pool of each need, for steps that are held. */
  readonly pool: Int32Array;
  /** Least and greatest start of each step. */
  readonly from: Int32Array;
  readonly until: Int32Array;
}

export interface SearchLimits {
  readonly work: number;
  readonly deadEnds?: number;
  /** Asked now and then: true ends the search. */
  readonly stop: () => boolean;
}
