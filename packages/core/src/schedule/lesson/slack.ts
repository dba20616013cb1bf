import type { Plan, PlanInstance } from '../planInstance';

export interface Slack {
  /** Minutes by which each step can begin later without anything else ending after it must, by step. */
  readonly of: ReadonlyMap<string, number>;
  /** Steps that have the least of it, one leading to the next: what decides when the lesson is done. */
  readonly critical: readonly string[];
}

interface Arc {
  readonly to: string;
  /** Minutes from the end of the one to the start of the other. */
  readonly gap: number;
}

/**
 * How much room each step has in a plan that holds: all that comes after it by a link, or on the same hands, burner, shelf or assessor,
 * may be pushed later with it, until something would end after `until`. Longest times within a link are left aside: pushing what went before
 * keeps them.
 *
 * @param until - the minute by which all but fixed steps must be done; later than the plan where slack is kept
 * @source critical-path method on the partial order of the plan
 */
export function slackOf(instance: PlanInstance, { starts, uses }: Pick<Plan, 'starts' | 'uses'>, until: number): Slack {
  const minutesOf = new Map(instance.steps.map(({ id, minutes }) => [id, minutes]));
  const endOf = (id: string) => starts[id]! + minutesOf.get(id)!;
  const after = new Map<string, Arc[]>(instance.steps.map(({ id }) => [id, []]));
  for (const { from, to, min } of instance.links) after.get(from)!.push({ to, gap: min });
  for (const arc of handedOn(instance, { starts, uses })) after.get(arc.from)!.push(arc);

  const order = [...instance.steps].sort((a, b) => starts[b.id]! - starts[a.id]! || endOf(b.id) - endOf(a.id));
  const latest = new Map<string, number>();
  for (const step of order) {
    const own = step.fixedStart !== undefined ? starts[step.id]! : until - step.minutes;
    let at = own;
    for (const { to, gap } of after.get(step.id)!) {
      const bound = latest.get(to);
      if (bound !== undefined) at = Math.min(at, bound - gap - step.minutes);
    }
    latest.set(step.id, at);
  }
  const of = new Map(instance.steps.map(({ id }) => [id, Math.max(0, latest.get(id)! - starts[id]!)]));
  return { of, critical: chainOf(instance, after, starts, of) };
}

/** Which step hands a unit of a shared thing on to which, by who had it last. */
function* handedOn(instance: PlanInstance, { starts, uses }: Pick<Plan, 'starts' | 'uses'>): Generator<Arc & { readonly from: string }> {
  for (const resource of instance.resources) {
    const loads = instance.steps
      .filter(({ minutes }) => minutes > 0)
      .flatMap((step) =>
        step.needs.flatMap(({ amount, temperature }, slot) =>
          uses[step.id]?.[slot] === resource.id
            ? [{ id: step.id, from: starts[step.id]!, until: starts[step.id]! + step.minutes, amount, temperature }]
            : [],
        ),
      )
      .sort((a, b) => a.from - b.from || a.until - b.until);
    // Units in the order in which they became free; who needs some takes those that were free last, so that the order stays loose.
    const units: { by: (typeof loads)[number]; until: number }[] = [];
    for (const load of loads) {
      const free = units.filter(({ until }) => until <= load.from).sort((a, b) => b.until - a.until);
      const capacity = resource.kind === 'oven' ? resource.shelves : resource.capacity;
      const fresh = Math.max(0, capacity - units.length);
      const taken = free.slice(0, Math.max(0, load.amount - fresh));
      for (const unit of taken) {
        yield { from: unit.by.id, to: load.id, gap: 0 };
        units.splice(units.indexOf(unit), 1);
      }
      for (let count = 0; count < load.amount; count += 1) units.push({ by: load, until: load.until });
    }
    if (resource.kind !== 'oven') continue;
    for (const [index, load] of loads.entries()) {
      const next = loads.slice(index + 1).find(({ from, temperature }) => from >= load.until && temperature !== load.temperature);
      if (next) yield { from: load.id, to: next.id, gap: resource.changeMinutes };
    }
  }
}

/** From the tightest step that ends last, back through what it waited for without a break. */
function chainOf(
  { steps }: PlanInstance,
  after: ReadonlyMap<string, readonly Arc[]>,
  starts: Readonly<Record<string, number>>,
  slack: ReadonlyMap<string, number>,
): readonly string[] {
  const movable = steps.filter(({ fixedStart }) => fixedStart === undefined);
  if (movable.length === 0) return [];
  const least = Math.min(...movable.map(({ id }) => slack.get(id)!));
  const minutesOf = new Map(steps.map(({ id, minutes }) => [id, minutes]));
  const tight = new Set(movable.filter(({ id }) => slack.get(id) === least).map(({ id }) => id));
  const before = new Map<string, string[]>();
  for (const [from, arcs] of after)
    for (const { to, gap } of arcs)
      if (tight.has(from) && tight.has(to) && starts[from]! + minutesOf.get(from)! + gap === starts[to])
        before.set(to, [...(before.get(to) ?? []), from]);
  const ends = [...tight].sort((a, b) => starts[b]! + minutesOf.get(b)! - (starts[a]! + minutesOf.get(a)!) || a.localeCompare(b));
  const chain: string[] = [];
  for (let at: string | undefined = ends[0]; at !== undefined && !chain.includes(at);) {
    chain.unshift(at);
    at = [...(before.get(at) ?? [])].sort((a, b) => starts[a]! - starts[b]! || a.localeCompare(b))[0];
  }
  return chain;
}
