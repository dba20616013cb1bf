import type { WorkStep } from './workOf';

/** A step of a dish on a line of time of its own: minutes from the first thing that is done. */
export interface LinedStep {
  readonly work: WorkStep;
  readonly from: number;
  /** End for a practised hand, and for a novice. */
  readonly until: number;
  readonly noviceUntil: number;
  /** Whether the dish takes longer when it does. */
  readonly decides: boolean;
}

export interface WorkLine {
  readonly steps: readonly LinedStep[];
  /** Minutes from first to last with as many hands as it can use. */
  readonly least: number;
  /** Minutes for one pair of hands that never waits: what is done by hand, all told. */
  readonly byHand: number;
}

/**
 * The work of a dish as early as it can be, with as many hands as it can use: each step begins when all that it waits for is done and
 * has waited its least.
 *
 * @source critical-path method, forward and backward pass
 */
export function workLine(work: readonly WorkStep[]): WorkLine {
  const byId = new Map(work.map((step) => [step.id, step]));
  const from = new Map<string, number>();
  const startOf = (step: WorkStep): number => {
    const known = from.get(step.id);
    if (known !== undefined) return known;
    const at = Math.max(
      0,
      ...step.after.flatMap((id) => {
        const before = byId.get(id);
        return before ? [startOf(before) + before.minutes.practised + before.toNext.least] : [];
      }),
    );
    from.set(step.id, at);
    return at;
  };
  work.forEach(startOf);
  const least = Math.max(0, ...work.map((step) => from.get(step.id)! + step.minutes.practised));
  const latest = new Map<string, number>();
  for (const step of [...work].sort((a, b) => from.get(b.id)! - from.get(a.id)!)) {
    const followers = work.filter(({ after }) => after.includes(step.id));
    latest.set(step.id, Math.min(least, ...followers.map((each) => latest.get(each.id)! - each.minutes.practised - step.toNext.least)));
  }
  return {
    steps: work.map((step) => ({
      work: step,
      from: from.get(step.id)!,
      until: from.get(step.id)! + step.minutes.practised,
      noviceUntil: from.get(step.id)! + step.minutes.novice,
      decides: latest.get(step.id) === from.get(step.id)! + step.minutes.practised,
    })),
    least,
    byHand: work.filter(({ hands }) => hands === 'on').reduce((sum, { minutes }) => sum + minutes.practised, 0),
  };
}
