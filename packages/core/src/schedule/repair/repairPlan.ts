import { checkPlan } from '../checkPlan';
import type { Plan, PlanInstance, PlanLink, PlanStep } from '../planInstance';
import { solvePlan } from '../solvePlan';
import { nudge } from './nudge';

export interface Repair {
  /** Null where nothing that keeps what is fixed was found in time. */
  readonly plan: Pick<Plan, 'starts' | 'uses'> | null;
  /** Steps that now begin at another minute. */
  readonly moved: readonly string[];
  /** Whether it is proven that nothing holds as long as what is fixed stays. */
  readonly impossible: boolean;
}

export interface RepairOptions {
  /** The same plan, seed and effort give the same repair. Default 1. */
  readonly seed?: number;
  /** Work of the exact search, in the solver's own measure. */
  readonly effort?: number;
  /** Asked while it looks; true ends it with what it has. */
  readonly stop?: () => boolean;
}

/** Rounds of nudging at most, each with other luck, and how many that succeed are compared. */
const ROUNDS = 8;
const COMPARED = 2;
/** Steps up to which the exact search is asked whether less movement does. */
const FEW = 24;
const EFFORT = 40_000;

type Placed = Pick<Plan, 'starts' | 'uses'>;

/**
 * Puts a plan right that does not hold any more, and moves as little as it can: the sum of minutes by which steps begin earlier or later
 * than before. First steps are nudged from where they are, then a few of them are placed anew exactly; where neither finds anything, the whole
 * is made anew around what is fixed.
 *
 * @param before - starts and uses as they stand, broken or not; steps that are not in it may go anywhere
 */
export function repairPlan(
  instance: PlanInstance,
  before: Placed,
  { seed = 1, effort = EFFORT, stop = () => false }: RepairOptions = {},
): Repair {
  const check = checkPlan(instance, before);
  if (check.faults.length === 0) return { plan: before, moved: [], impossible: false };
  const holds = (plan: Placed | null): plan is Placed => plan !== null && checkPlan(instance, plan).faults.length === 0;
  const movedBy = ({ starts }: Placed) =>
    instance.steps.reduce((sum, { id }) => sum + (before.starts[id] === undefined ? 0 : Math.abs(starts[id]! - before.starts[id])), 0);
  let best: Placed | null = null;
  const take = (plan: Placed | null) => {
    if (holds(plan) && (best === null || movedBy(plan) < movedBy(best))) best = plan;
  };
  const everything = new Set(instance.steps.map(({ id }) => id));
  // What the windows of the steps alone rule out is said at once.
  if (solvePlan(instance, { stop: () => true }).status === 'infeasible') return { plan: null, moved: [], impossible: true };
  for (let round = 0, compared = 0; round < ROUNDS && compared < COMPARED && !stop(); round += 1) {
    const nudged = nudge(instance, before, everything, { seed: seed + round, stop });
    if (nudged) compared += 1;
    take(nudged);
  }

  const broken = new Set(check.faults.flatMap(({ steps }) => steps));
  const touched = best === null ? broken : new Set([...broken, ...movedIn(instance, before, best)]);
  if (touched.size <= FEW && !stop()) take(placedAnew(instance, before, touched, { seed, effort, stop }).plan);
  let impossible = false;
  if (best === null && !stop()) {
    const anew = placedAnew(instance, before, everything, { seed, effort: effort * 10, stop });
    take(anew.plan);
    impossible = anew.impossible;
  }
  if (best === null) return { plan: null, moved: [], impossible };
  return { plan: best, moved: movedIn(instance, before, best), impossible: false };
}

const movedIn = ({ steps }: PlanInstance, before: Placed, after: Placed): readonly string[] =>
  steps.flatMap(({ id }) => (after.starts[id] === before.starts[id] ? [] : [id]));

/** Places some steps anew with everything else held where it is, by the solver, with their movement as the cost. */
function placedAnew(instance: PlanInstance, before: Placed, free: ReadonlySet<string>, options: Required<RepairOptions>) {
  let found = false;
  const all = free.size === instance.steps.length;
  const plan = solvePlan(all ? instance : withMovement(instance, before, free), {
    seed: options.seed,
    effort: options.effort,
    stop: () => (all && found) || options.stop(),
    onPlan: () => (found = true),
  });
  // What is held is not all in the smaller problem: it lies where it lay.
  const own = <T>(values: Readonly<Record<string, T>>, held: Readonly<Record<string, T>>) =>
    Object.fromEntries(instance.steps.map(({ id }) => [id, (free.has(id) || !Object.hasOwn(held, id) ? values : held)[id]!]));
  return {
    plan: plan.objective === null ? null : { starts: own(plan.starts, before.starts), uses: own(plan.uses, before.uses) },
    impossible: all && plan.status === 'infeasible',
  };
}

/** A pin of no length that may lie anywhere before both places of a step: what it waits for either, all told, is how far the step moved. */
const pinOf = (id: string) => `moved.${id}`;
const placeOf = (id: string) => `place.${id}`;

/**
 * The free steps, with the movement of these as the cost, and of everything else, held where it is, only what they can meet: what they are
 * linked to, and what lies on a thing that they can take.
 */
function withMovement(instance: PlanInstance, before: Placed, free: ReadonlySet<string>): PlanInstance {
  const things = new Set(instance.steps.filter(({ id }) => free.has(id)).flatMap(({ needs }) => needs.flatMap(({ anyOf }) => anyOf)));
  const beside = new Set(instance.links.flatMap(({ from, to }) => (free.has(from) ? [to] : free.has(to) ? [from] : [])));
  const steps: PlanStep[] = [];
  const links: PlanLink[] = instance.links
    .filter(({ from, to }) => free.has(from) || free.has(to))
    .map((link) => ({ ...link, waitCost: 0 }));
  for (const step of instance.steps) {
    const { earlyCost: _, ...plain } = step;
    const start = before.starts[step.id];
    if (start !== undefined && !free.has(step.id)) {
      const used = before.uses[step.id] ?? [];
      const needs = step.needs.flatMap((need, slot) => {
        const thing = used[slot];
        return thing !== undefined && things.has(thing) && need.anyOf.includes(thing) ? [{ ...need, anyOf: [thing] }] : [];
      });
      if (needs.length > 0 || beside.has(step.id)) steps.push({ ...plain, fixedStart: start, needs });
      continue;
    }
    steps.push(plain);
    if (start === undefined || step.fixedStart !== undefined) continue;
    const place = Math.min(Math.max(0, start), instance.horizon);
    steps.push({ id: pinOf(step.id), team: step.team, minutes: 0, needs: [] });
    steps.push({ id: placeOf(step.id), team: step.team, minutes: 0, needs: [], fixedStart: place });
    links.push(
      { from: pinOf(step.id), to: placeOf(step.id), min: 0, max: null, waitCost: 1 },
      { from: pinOf(step.id), to: step.id, min: 0, max: null, waitCost: 1 },
    );
  }
  return {
    ...instance,
    objective: { makespanWeight: 0 },
    resources: instance.resources.filter(({ id }) => things.has(id)),
    steps,
    links,
  };
}
