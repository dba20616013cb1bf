import { exact } from '../exact';
import { computeResult } from './computeResult';
import type { Marks, RubricContent } from './types';
import { seenOf } from './kinds';
import type { MarkingWay } from './markingWay';

/** A dish as it was marked, and as the same marks would stand under a changed rubric. */
export interface WouldHaveBeen {
  /** Marks out of 100, rounded as results are; null where there was nothing to compute from. */
  readonly was: number | null;
  readonly would: number | null;
  /** Criteria of the changed rubric for which that dish has no judgement of its kind. */
  readonly unknown: readonly string[];
  /** Judgements that count no longer, since their criterion is gone or of another kind. */
  readonly dropped: readonly string[];
}

const pointsOf = (rubric: RubricContent, marks: Marks, way: MarkingWay): number | null => {
  const mark = computeResult(rubric, marks, way).mark;
  return mark ? exact(mark.value.value).valueOf() : null;
};

/**
 * What past marks would have been under a changed rubric: the judgements stay as they were given, and whatever the change takes away or asks
 * anew is named, not guessed.
 *
 * @param was - the edition the dish was marked with
 * @param would - the rubric as it is being changed
 */
export function wouldHaveBeen(was: RubricContent, would: RubricContent, marks: Marks): WouldHaveBeen {
  const kept = Object.fromEntries(
    would.criteria.flatMap((criterion) => {
      const value = marks[criterion.key];
      return value && (value.kind === 'notSeen' || seenOf(criterion, value)) ? [[criterion.key, value] as const] : [];
    }),
  );
  return {
    was: pointsOf(was, marks, 'levels'),
    would: pointsOf(would, kept, 'levels'),
    unknown: would.criteria
      .filter(({ key }) => !kept[key] && (marks[key] || !was.criteria.some((old) => old.key === key)))
      .map(({ name }) => name),
    dropped: was.criteria.filter(({ key }) => marks[key] && !kept[key]).map(({ name }) => name),
  };
}
