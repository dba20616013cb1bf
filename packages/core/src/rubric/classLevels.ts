import { seenOf, standingOf } from './kinds';
import type { LadderCriterion, LadderValue } from './kinds/ladder';
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
  /** Of a ladder of stages: how many stopped short of the best stage, reached it, and went on; and how many stand at each. Others have none. */
  readonly reached?: StagesReached;
}

export interface StagesReached {
  readonly short: number;
  readonly best: number;
  readonly far: number;
  readonly stages: readonly { readonly name: string; readonly count: number; readonly best: boolean }[];
}

/**
 * Where the dishes of a class stand on a ladder. The best stage is the one that the dish wanted, where it said one; elsewhere those that earn
 * all by the rubric, of which several may stand beside one another.
 */
function stagesReached({ stages }: LadderCriterion, reached: readonly LadderValue[]): StagesReached {
  const best = stages.flatMap(({ share }, at) => (share === 1 ? [at] : []));
  const [first, last] = [best[0] ?? 0, best.at(-1) ?? stages.length - 1];
  const short = reached.filter(({ stage, wanted }) => stage < (wanted ?? first)).length;
  const far = reached.filter(({ stage, wanted }) => stage > (wanted ?? last)).length;
  const asked = new Set(reached.flatMap(({ wanted }) => (wanted === undefined ? [] : [wanted])));
  const isBest = (at: number) => (asked.size > 0 ? asked.has(at) : at >= first && at <= last);
  return {
    short,
    best: reached.length - short - far,
    far,
    stages: stages.map(({ name }, at) => ({ name, count: reached.filter(({ stage }) => stage === at).length, best: isBest(at) })),
  };
}

/** Counts of levels by criterion over the dishes of a class, in the rubric's order. */
export function classLevels(rubric: RubricContent, dishes: readonly Marks[]): readonly CriterionLevels[] {
  return rubric.criteria.map((criterion) => {
    const counts: [number, number, number, number] = [0, 0, 0, 0];
    const faults = new Map<string, number>();
    let notSeen = 0;
    let unmarked = 0;
    const reached: LadderValue[] = [];
    for (const marks of dishes) {
      const value = marks[criterion.key];
      const seen = seenOf(criterion, value);
      if (!value) unmarked += 1;
      else if (!seen) notSeen += 1;
      else {
        counts[standingOf(criterion, seen, rubric).level - 1]! += 1;
        if (seen.kind === 'ladder') reached.push(seen);
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
      ...(criterion.kind === 'ladder' ? { reached: stagesReached(criterion, reached) } : {}),
    };
  });
}
