import type { Plan, PlanInstance } from './planInstance';

/** What is wrong with a plan: a code, and whom it touches. */
export interface PlanFault {
  readonly kind:
    | 'start-missing'
    | 'start-not-whole'
    | 'outside-session'
    | 'too-early'
    | 'too-late'
    | 'not-at-fixed-start'
    | 'wait-too-short'
    | 'wait-too-long'
    | 'uses-missing'
    | 'resource-not-offered'
    | 'heat-not-offered'
    | 'over-capacity'
    | 'two-heats'
    | 'no-time-to-change'
    | 'objective-wrong'
    | 'bound-above-objective';
  readonly steps: readonly string[];
  readonly resource: string | null;
  /** The minute at which it shows; null where there is none. */
  readonly minute: number | null;
  /** What was found, and what it should be. */
  readonly found: number | null;
  readonly wanted: number | null;
}

export interface PlanCheck {
  readonly faults: readonly PlanFault[];
  /** Of the plan as it stands, valid or not; null while a start is missing. */
  readonly objective: number | null;
}

interface Taken {
  readonly step: string;
  readonly from: number;
  readonly until: number;
  readonly amount: number;
  readonly temperature: number | null;
}

/**
 * Says whether a plan keeps everything that its instance asks, minute by minute, and what it costs. It shares nothing with what makes
 * plans, and no plan is shown or stored before it has passed here. The instance must have been read by `readInstance`.
 */
export function checkPlan(
  instance: PlanInstance,
  plan: Pick<Plan, 'starts' | 'uses'> & Partial<Pick<Plan, 'objective' | 'bound'>>,
): PlanCheck {
  const faults: PlanFault[] = [];
  const fault = (kind: PlanFault['kind'], steps: readonly string[], more: Partial<Omit<PlanFault, 'kind' | 'steps'>> = {}) =>
    void faults.push({ kind, steps, resource: null, minute: null, found: null, wanted: null, ...more });
  const has = (id: string): boolean => Object.hasOwn(plan.starts, id);
  const startOf = (id: string): number => plan.starts[id]!;

  for (const step of instance.steps) {
    if (!has(step.id)) {
      fault('start-missing', [step.id]);
      continue;
    }
    const start = startOf(step.id);
    const end = start + step.minutes;
    if (!Number.isSafeInteger(start)) fault('start-not-whole', [step.id], { found: start });
    else if (start < 0 || end > instance.horizon)
      fault('outside-session', [step.id], { minute: start, found: start < 0 ? start : end, wanted: start < 0 ? 0 : instance.horizon });
    if (step.earliest !== undefined && start < step.earliest)
      fault('too-early', [step.id], { minute: start, found: start, wanted: step.earliest });
    if (step.latestEnd !== undefined && end > step.latestEnd)
      fault('too-late', [step.id], { minute: end, found: end, wanted: step.latestEnd });
    if (step.fixedStart !== undefined && start !== step.fixedStart)
      fault('not-at-fixed-start', [step.id], { minute: start, found: start, wanted: step.fixedStart });
  }
  const minutesOf = new Map(instance.steps.map(({ id, minutes }) => [id, minutes]));
  for (const { from, to, min, max } of instance.links) {
    if (!has(from) || !has(to)) continue;
    const wait = startOf(to) - (startOf(from) + minutesOf.get(from)!);
    if (wait < min) fault('wait-too-short', [from, to], { minute: startOf(to), found: wait, wanted: min });
    if (max !== null && wait > max) fault('wait-too-long', [from, to], { minute: startOf(to), found: wait, wanted: max });
  }

  const taken = new Map<string, Taken[]>();
  const resources = new Map(instance.resources.map((resource) => [resource.id, resource]));
  for (const step of instance.steps) {
    const uses = Object.hasOwn(plan.uses, step.id) ? plan.uses[step.id]! : [];
    if (uses.length !== step.needs.length) {
      fault('uses-missing', [step.id], { found: uses.length, wanted: step.needs.length });
      continue;
    }
    step.needs.forEach((need, slot) => {
      const used = uses[slot]!;
      const resource = resources.get(used);
      if (!resource || !need.anyOf.includes(used)) {
        fault('resource-not-offered', [step.id], { resource: used });
        return;
      }
      if (resource.kind === 'oven' && resource.temperatures && !resource.temperatures.includes(need.temperature!))
        fault('heat-not-offered', [step.id], { resource: used, found: need.temperature! });
      if (step.minutes === 0 || !has(step.id)) return;
      const from = startOf(step.id);
      taken.set(used, [
        ...(taken.get(used) ?? []),
        {
          step: step.id,
          from,
          until: from + step.minutes,
          amount: need.amount,
          temperature: resource.kind === 'oven' ? need.temperature! : null,
        },
      ]);
    });
  }
  for (const [id, loads] of taken) {
    const resource = resources.get(id)!;
    const capacity = resource.kind === 'oven' ? resource.shelves : resource.capacity;
    // The amount in use changes only where a load begins, so those minutes are all that need a look.
    const seen = new Set<string>();
    for (const minute of new Set(loads.map(({ from }) => from))) {
      const there = loads.filter(({ from, until }) => from <= minute && minute < until);
      const amount = there.reduce((sum, each) => sum + each.amount, 0);
      const steps = [...new Set(there.map(({ step }) => step))].sort();
      if (amount <= capacity || seen.has(steps.join('|'))) continue;
      seen.add(steps.join('|'));
      fault('over-capacity', steps, { resource: id, minute, found: amount, wanted: capacity });
    }
    if (resource.kind !== 'oven') continue;
    const inOrder = [...loads].sort((a, b) => a.from - b.from);
    for (const [at, one] of inOrder.entries())
      for (const other of inOrder.slice(at + 1)) {
        if (one.temperature === other.temperature) continue;
        const gap = other.from - one.until;
        if (gap < 0)
          fault('two-heats', [one.step, other.step], {
            resource: id,
            minute: other.from,
            found: other.temperature,
            wanted: one.temperature,
          });
        else if (gap < resource.changeMinutes)
          fault('no-time-to-change', [one.step, other.step], {
            resource: id,
            minute: other.from,
            found: gap,
            wanted: resource.changeMinutes,
          });
      }
  }

  let objective: number | null = null;
  if (instance.steps.every(({ id }) => has(id))) {
    const latest = instance.steps.reduce((end, { id, minutes }) => Math.max(end, startOf(id) + minutes), 0);
    objective = instance.objective.makespanWeight * latest;
    for (const { from, to, min, waitCost } of instance.links)
      objective += waitCost * (startOf(to) - startOf(from) - minutesOf.get(from)! - min);
    for (const { id, earlyCost = 0 } of instance.steps) objective += earlyCost * (instance.horizon - startOf(id));
  }
  if (typeof plan.objective === 'number' && plan.objective !== objective)
    fault('objective-wrong', [], { found: plan.objective, wanted: objective });
  if (typeof plan.bound === 'number' && objective !== null && plan.bound > objective)
    fault('bound-above-objective', [], { found: plan.bound, wanted: objective });
  return { faults, objective };
}
