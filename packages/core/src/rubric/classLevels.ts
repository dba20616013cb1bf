import { seenOf, standingOf } from './kinds';
import type { Criterion, Marks, RubricContent } from './types';

/** How a class did on one criterion. */
export interface CriterionLevels {
  readonly key: string;
  readonly name: string;
  readonly strand: Criterion['strand'];
  readonly kind: Criterion['kind'];
  /** Dishes at levels 1 to 4; for a critical criterion: not met, 0, 0, met. */
  readonly counts: readonly [number, number, number, number];
  readonly notSeen: number;
  readonly unmarked: number;
  /** The fault noted most often, and how often; null when none was. */
  readonly commonFault: { readonly see: string; readonly count: number } | null;
}

/** Counts of levels by criterion over the dishes of a class, in the rubric's order. */
export function classLevels(rubric: RubricContent, dishes: readonly Marks[]): readonly CriterionLevels[] {
  return rubric.criteria.map((criterion) => {
    const counts: [number, number, number, number] = [0, 0, 0, 0];
    const faults = new Map<string, number>();
    let notSeen = 0;
    let unmarked = 0;
    for (const marks of dishes) {
      const value = marks[criterion.key];
      const seen = seenOf(criterion, value);
      if (!value) unmarked += 1;
      else if (!seen) notSeen += 1;
      else {
        counts[standingOf(criterion, seen, rubric).level - 1]! += 1;
        for (const key of seen.faults) faults.set(key, (faults.get(key) ?? 0) + 1);
      }
    }
    const [top] = [...faults.entries()].sort((a, b) => b[1] - a[1]);
    const fault = top && criterion.faults.find(({ key }) => key === top[0]);
    return {
      key: criterion.key,
      name: criterion.name,
      strand: criterion.strand,
      kind: criterion.kind,
      counts,
      notSeen,
      unmarked,
      commonFault: fault ? { see: fault.see, count: top[1] } : null,
    };
  });
}
