import type { Exact } from '../../exact';
import type { FieldRefused, Said } from '../../words';
import type { Level } from '../levels';
import type { Criterion, CriterionOf, RubricContent, ValueOf } from '../types';

/** What the levels of a rubric earn and where a criterion is passed. */
export type Scale = Pick<RubricContent, 'levelShares' | 'passAt'>;

/**
 * A kind of criterion: how it is given, checked, scored and put into words. A further kind is one file here, and one each where it is
 * touched, edited and read from a request.
 */
export interface KindOf<K extends Criterion['kind']> {
  /** The kind that its values bear. */
  readonly value: ValueOf<K>['kind'];
  /** "by level", "as met or not met": how it is judged. */
  readonly judged: string;
  /** Whether it has a weight of its own; one that has none caps the dish. */
  readonly weighs: boolean;
  /** What keeps the criterion from being published; fields are named below `at`. */
  readonly lacks: (criterion: CriterionOf<K>, at: string) => readonly FieldRefused[];
  /** Why a value cannot be one of this criterion; null when it can. */
  readonly refuses: (criterion: CriterionOf<K>, value: ValueOf<K>) => string | null;
  /** The level at which the dish stands here. */
  readonly level: (criterion: CriterionOf<K>, value: ValueOf<K>, scale: Scale) => Level;
  /** Share of its points that it earns, 0 to 1. */
  readonly share: (criterion: CriterionOf<K>, value: ValueOf<K>, scale: Scale) => Exact;
  readonly passed: (criterion: CriterionOf<K>, value: ValueOf<K>, scale: Scale) => boolean;
  /** What stands there, to be put into a working. */
  readonly stands: (criterion: CriterionOf<K>, value: ValueOf<K>, scale: Scale) => Said;
  /** What was said, and what that means. */
  readonly words: (criterion: CriterionOf<K>, value: ValueOf<K>) => readonly [said: string, means: string];
  /** What to aim for, as a sentence; empty where nothing better can be said. */
  readonly aim: (criterion: CriterionOf<K>) => string;
}
