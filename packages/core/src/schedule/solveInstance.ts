import { checkPlan } from './checkPlan';
import type { Plan } from './planInstance';
import { readInstance, type InstanceProblem } from './readInstance';
import { solvePlan } from './solvePlan';

export interface SolveInstanceOptions {
  /** Time to take, from the start of the clock; null for as long as its size is worth. */
  readonly seconds: number | null;
  readonly seed: number;
  /** Milliseconds since the work began. */
  readonly clock: () => number;
}

/** Steps up to which a plan is there within a second. */
const SMALL = 60;
/** What of the time is left for starting and printing. */
const MARGIN = 60;

/** Reads an instance, makes its plan in the time given, and checks the plan before it is told. */
export function solveInstance(
  given: unknown,
  { seconds, seed, clock }: SolveInstanceOptions,
): { readonly kind: 'plan'; readonly plan: Plan } | { readonly kind: 'refused'; readonly problems: readonly InstanceProblem[] } {
  const read = readInstance(given);
  if (read.kind === 'refused') return read;
  const { instance } = read;
  const until = seconds === null ? (instance.steps.length <= SMALL ? 850 : 9_300) : Math.max(20, seconds * 1000 - MARGIN);
  const plan = solvePlan(instance, { seed, stop: () => clock() > until });
  if (plan.objective !== null) {
    const { faults, objective } = checkPlan(instance, plan);
    if (faults.length > 0 || objective !== plan.objective)
      throw new Error(`The plan for ${instance.id} does not hold: ${JSON.stringify(faults.slice(0, 5))}`);
  }
  return { kind: 'plan', plan };
}
