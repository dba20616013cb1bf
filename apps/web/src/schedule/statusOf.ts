import type { ClassProblem, Conflict, Plan, TimePlan } from '@pelvo/core';
import { platesWait } from './lanes';

interface Status {
  readonly placed: TimePlan['placed'];
  readonly failed: Plan | null;
  readonly solving: 'idle' | 'plan' | 'repair';
  readonly conflicts: readonly Conflict[];
  /** Whether people have decided about steps: what does not fit may do so without. */
  readonly decided: boolean;
  readonly problem: ClassProblem;
  readonly clock: (minute: number) => string;
}

/** How a plan stands, in a sentence. */
export function statusOf({ placed, failed, solving, conflicts, decided, problem, clock }: Status): string {
  if (solving === 'repair') return 'It is being put right …';
  if (!placed) {
    if (solving === 'plan') return 'The first plan is being made …';
    if (failed?.status === 'infeasible') return 'It does not fit.';
    return failed ? 'No plan was found in ten seconds, and none was proven impossible.' : 'Stopped before there was a plan.';
  }
  if (conflicts.length > 0)
    return failed?.status === 'infeasible'
      ? decided
        ? 'With what is decided, it does not fit: take something back, or make room.'
        : 'It does not fit any more.'
      : `${conflicts.length} ${conflicts.length === 1 ? 'thing does' : 'things do'} not hold.`;
  const plates = problem.instance.steps.filter(({ id }) => problem.meaning.get(id)!.kind === 'tasting').map(({ id }) => placed.starts[id]!);
  const { longest } = platesWait(problem, placed);
  const said =
    plates.length > 0
      ? `${plates.length} plates reach the pass from ${clock(Math.min(...plates))} to ${clock(Math.max(...plates))}; the longest wait is ${longest} ${longest === 1 ? 'minute' : 'minutes'}.`
      : 'It fits.';
  if (solving === 'plan') return `${said} Still looking for a better one …`;
  return placed.status === 'optimal' ? `${said} Nothing better is possible.` : said;
}
