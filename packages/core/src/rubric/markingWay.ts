import { exact, type Exact } from '../exact';
import { figure, given, measure, product, sum, type Figure, type Reference, type Working } from '../figure';
import type { Said } from '../words';
import { seenOf, standingOf } from './kinds';
import type { Level } from './levels';
import type { Criterion, GradedCriterion, Marks, RubricContent } from './types';

/** How results are told; a setting of how a lesson runs. */
export const MARKING_WAYS = ['levels', 'pass', 'deductions'] as const;
export type MarkingWay = (typeof MARKING_WAYS)[number];

export interface Judged {
  readonly criterion: GradedCriterion;
  readonly level: Level;
  /** Share of its points that the level earns. */
  readonly share: Exact;
  /** Points out of 100 the criterion is worth in this result. */
  readonly points: Working;
}

export const referenceTo = (criterion: Criterion): Reference => ({
  kind: 'criterion',
  key: criterion.key,
  strand: criterion.strand,
  name: criterion.name,
  critical: criterion.kind === 'critical',
});

/** What each level earned: `Nearly earns: 50 % of 20 points`. */
export function earnings(judged: readonly Judged[]): readonly Working[] {
  return judged.map(({ criterion, level, share, points }) =>
    product([given(measure(share.mul(100), 'percent')), points], 'point', {
      from: referenceTo(criterion),
      said: { code: 'level-earns', level },
    }),
  );
}

/** The same mark told from the top: full marks, less what each criterion falls short. */
export function deductions(judged: readonly Judged[]): readonly Working[] {
  const short = judged.flatMap(({ criterion, level, share, points }): Working[] => {
    if (share.equals(1)) return [];
    const lost = given(measure(share.sub(1).mul(100), 'percent'));
    return [product([lost, points], 'point', { from: referenceTo(criterion), said: { code: 'stands', level } })];
  });
  return [given(measure(100, 'point'), { said: { code: 'full-marks' } }), ...short];
}

/**
 * A dish passes when nothing critical is missed and every criterion seen stands at the rubric's level or above.
 *
 * @returns a figure whose value is the number of criteria in the way: 0 is a pass
 */
export function passOrNotYet(
  rubric: RubricContent,
  marks: Marks,
  { notSeen, unmarked }: { readonly notSeen: readonly string[]; readonly unmarked: readonly string[] },
): Figure {
  const parts = rubric.criteria.flatMap((criterion): Working[] => {
    const seen = seenOf(criterion, marks[criterion.key]);
    if (!seen) return [];
    const { stands, passed } = standingOf(criterion, seen, rubric);
    const labels = { from: referenceTo(criterion), said: stands, by: { code: passed ? 'passed' : 'in-the-way' } } as const;
    return [given(measure(passed ? 0 : 1, 'criterion'), labels)];
  });
  const working = sum(parts, 'criterion');
  return figure({ code: 'result' }, working, {
    told: { code: exact(working.value.value).equals(0) ? 'pass' : 'not-yet' },
    estimate: unmarked.length > 0,
    notes: [
      { code: 'passes-when', level: rubric.passAt },
      ...(notSeen.length > 0 ? [{ code: 'not-seen-uncounted', names: notSeen } as const] : []),
      ...(unmarked.length > 0 ? [{ code: 'not-marked-yet', names: unmarked } as const] : []),
      ...criticalNotSeen(rubric, notSeen),
    ],
  });
}

/** What decides by itself and was not seen is named as such, in every way of marking. */
export const criticalNotSeen = (rubric: RubricContent, notSeen: readonly string[]): readonly Said[] =>
  rubric.criteria
    .filter((criterion) => criterion.kind === 'critical' && notSeen.includes(criterion.name))
    .map(({ name }): Said => ({ code: 'critical-not-seen', name }));
