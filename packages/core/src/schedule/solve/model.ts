import type { OvenResource, PlanInstance } from '../planInstance';

/** Resources that are as good as one another, as one: `members` are indices of resources. */
export interface Pool {
  readonly members: readonly number[];
  readonly capacity: number;
  /** Minutes between loads at different temperatures; 0 where there are no temperatures. */
  readonly change: number;
  readonly oven: boolean;
}

/** What a step occupies while it lasts. Steps of no length occupy nothing and have none. */
export interface ModelNeed {
  readonly step: number;
  /** Which of the step's needs it is. */
  readonly slot: number;
  readonly amount: number;
  readonly temperature: number;
  /** Pools that can give it. */
  readonly pools: readonly number[];
}

export interface ModelLink {
  readonly from: number;
  readonly to: number;
  readonly min: number;
  readonly max: number | null;
}

/** An instance in numbers, with what can be said before any search. */
export interface Model {
  readonly instance: PlanInstance;
  readonly count: number;
  readonly horizon: number;
  readonly minutes: Int32Array;
  readonly earliest: Int32Array;
  readonly latest: Int32Array;
  readonly links: readonly ModelLink[];
  readonly linksFrom: readonly (readonly number[])[];
  readonly linksTo: readonly (readonly number[])[];
  readonly pools: readonly Pool[];
  readonly needs: readonly ModelNeed[];
  readonly needsOf: readonly (readonly number[])[];
  readonly teams: Int32Array;
  /** Least minutes from the start of one step to the start of another by the links, at `from * count + to`; -1 where none says. */
  readonly between: Int32Array;
  /** For steps of no length: resources named for each of their needs. */
  readonly idle: ReadonlyMap<number, readonly string[]>;
  /** Cost for each minute of a start; the objective is `constant + sum(cost * start) + makespanWeight * latest end`. */
  readonly cost: Float64Array;
  readonly constant: number;
  readonly makespanWeight: number;
  /** Steps that cannot be done at all, each with the need that nothing meets. */
  readonly impossible: readonly { readonly step: number; readonly slot: number }[];
}

export function modelOf(instance: PlanInstance): Model {
  const { horizon, steps, resources } = instance;
  const count = steps.length;
  const indexOf = new Map(steps.map(({ id }, index) => [id, index]));
  const resourceOf = new Map(resources.map(({ id }, index) => [id, index]));
  const minutes = Int32Array.from(steps, (step) => step.minutes);
  const earliest = Int32Array.from(steps, (step) => Math.max(step.earliest ?? 0, step.fixedStart ?? 0));
  const latest = Int32Array.from(steps, (step) =>
    Math.min((step.latestEnd ?? horizon) - step.minutes, step.fixedStart ?? horizon, horizon - step.minutes),
  );
  const links = instance.links.map(({ from, to, min, max }) => ({ from: indexOf.get(from)!, to: indexOf.get(to)!, min, max }));
  const linksFrom: number[][] = steps.map(() => []);
  const linksTo: number[][] = steps.map(() => []);
  links.forEach(({ from, to }, index) => {
    linksFrom[from]!.push(index);
    linksTo[to]!.push(index);
  });

  const cost = new Float64Array(count);
  let constant = 0;
  instance.links.forEach(({ min, waitCost }, index) => {
    const { from, to } = links[index]!;
    cost[to]! += waitCost;
    cost[from]! -= waitCost;
    constant -= waitCost * (minutes[from]! + min);
  });
  steps.forEach(({ earlyCost = 0 }, index) => {
    cost[index]! -= earlyCost;
    constant += earlyCost * horizon;
  });

  const impossible: { step: number; slot: number }[] = [];
  const idle = new Map<number, string[]>();
  const raw: { step: number; slot: number; amount: number; temperature: number; options: number[] }[] = [];
  steps.forEach((step, index) => {
    step.needs.forEach((need, slot) => {
      const options = need.anyOf
        .map((id) => resourceOf.get(id)!)
        .filter((at) => {
          const resource = resources[at]!;
          if (resource.kind === 'oven' && resource.temperatures && !resource.temperatures.includes(need.temperature!)) return false;
          return step.minutes === 0 || need.amount <= (resource.kind === 'oven' ? resource.shelves : resource.capacity);
        });
      if (options.length === 0) impossible.push({ step: index, slot });
      else if (step.minutes === 0) idle.set(index, [...(idle.get(index) ?? []), resources[options[0]!]!.id]);
      else raw.push({ step: index, slot, amount: need.amount, temperature: need.temperature ?? 0, options });
    });
  });

  // Units that are always offered together, one at a time, are as good as one lot.
  const askedBy = new Map<number, string[]>();
  raw.forEach(({ options, amount }, at) => {
    for (const option of options) {
      const list = askedBy.get(option) ?? [];
      list.push(amount === 1 ? String(at) : `${at}!`);
      askedBy.set(option, list);
    }
  });
  const pools: Pool[] = [];
  const poolOf = new Map<number, number>();
  const alike = new Map<string, number[]>();
  resources.forEach((resource, at) => {
    const asks = askedBy.get(at);
    if (!asks) return;
    const key = resource.kind === 'units' && !asks.some((ask) => ask.endsWith('!')) ? asks.join() : `own ${at}`;
    alike.set(key, [...(alike.get(key) ?? []), at]);
  });
  for (const members of alike.values()) {
    const first = resources[members[0]!]!;
    for (const member of members) poolOf.set(member, pools.length);
    pools.push({
      members,
      capacity: members.reduce((sum, at) => {
        const resource = resources[at]!;
        return sum + (resource.kind === 'oven' ? resource.shelves : resource.capacity);
      }, 0),
      change: first.kind === 'oven' ? first.changeMinutes : 0,
      oven: first.kind === 'oven',
    });
  }
  const needs = raw.map(({ options, ...need }) => ({ ...need, pools: [...new Set(options.map((at) => poolOf.get(at)!))] }));
  const needsOf: number[][] = steps.map(() => []);
  needs.forEach(({ step }, at) => needsOf[step]!.push(at));
  const teamIndex = new Map<string, number>();
  const teams = Int32Array.from(steps, ({ team }) => {
    if (!teamIndex.has(team)) teamIndex.set(team, teamIndex.size);
    return teamIndex.get(team)!;
  });
  const between = leastBetween(count, minutes, links, linksFrom);
  return {
    instance,
    count,
    horizon,
    minutes,
    earliest,
    latest,
    links,
    linksFrom,
    linksTo,
    pools,
    needs,
    needsOf,
    teams,
    between,
    idle,
    cost,
    constant,
    makespanWeight: instance.objective.makespanWeight,
    impossible,
  };
}

export interface Difference {
  readonly from: number;
  readonly to: number;
  /** Minutes from the start of the one to the start of the other, at least. */
  readonly add: number;
}

/** What links say, as least differences between starts. */
export const differencesOf = ({ links, minutes }: Model): readonly Difference[] =>
  links.flatMap(({ from, to, min, max }) => [
    { from, to, add: minutes[from]! + min },
    ...(max === null ? [] : [{ from: to, to: from, add: -minutes[from]! - max }]),
  ]);

/** So many sets of pools are looked at together; each costs as much as a pool. */
const MOST_SETS = 24;

/** What chooses among several pools occupies one of them: together they hold no more than all of them do. `inside` are needs. */
export function poolSetsOf({ needs, pools }: Model): readonly { set: readonly number[]; inside: readonly number[]; capacity: number }[] {
  const sets = new Map<string, readonly number[]>();
  for (const need of needs) if (need.pools.length > 1) sets.set([...need.pools].sort((a, b) => a - b).join(), need.pools);
  return [...sets.values()].slice(0, MOST_SETS).map((set) => ({
    set,
    inside: needs.map((_, at) => at).filter((at) => needs[at]!.pools.every((option) => set.includes(option))),
    capacity: set.reduce((sum, option) => sum + pools[option]!.capacity, 0),
  }));
}

/** The cost of starts, as `Model.cost` tells it. */
export function costOf(model: Model, starts: ArrayLike<number>): number {
  let sum = model.constant;
  let end = 0;
  for (let at = 0; at < model.count; at += 1) {
    sum += model.cost[at]! * starts[at]!;
    end = Math.max(end, starts[at]! + model.minutes[at]!);
  }
  return sum + model.makespanWeight * end;
}

/** Starts and the pool of each need: a plan in numbers. */
export interface Draft {
  readonly starts: Int32Array;
  /** By need. */
  readonly pool: Int32Array;
  readonly cost: number;
}

/** The resources that a plan takes, by step: members of a pool are given out in the order of time. */
export function usesOf(model: Model, { starts, pool }: Draft): Record<string, string[]> {
  const { instance } = model;
  const uses: Record<string, string[]> = {};
  instance.steps.forEach((step, at) => {
    uses[step.id] = [...(model.idle.get(at) ?? step.needs.map(() => ''))];
  });
  const order = model.needs.map((_, at) => at).sort((a, b) => starts[model.needs[a]!.step]! - starts[model.needs[b]!.step]!);
  const free = model.pools.map(({ members }) =>
    members.map((at) => {
      const resource = instance.resources[at] as Exclude<PlanInstance['resources'][number], OvenResource>;
      return { id: instance.resources[at]!.id, ends: new Array<number>(resource.capacity ?? 0).fill(0) };
    }),
  );
  for (const at of order) {
    const { step, slot } = model.needs[at]!;
    const { id } = instance.steps[step]!;
    const candidates = free[pool[at]!]!;
    let taken = candidates[0]!;
    if (candidates.length > 1) {
      const begins = starts[step]!;
      for (const candidate of candidates) {
        const unit = candidate.ends.findIndex((end) => end <= begins);
        if (unit < 0) continue;
        candidate.ends[unit] = begins + model.minutes[step]!;
        taken = candidate;
        break;
      }
    }
    uses[id]![slot] = taken.id;
  }
  return uses;
}

/** Longest ways along the least waits of links; in a ring what was found so far (a ring is refused before anything is solved). */
export function leastBetween(
  count: number,
  minutes: Int32Array,
  links: readonly ModelLink[],
  linksFrom: readonly (readonly number[])[],
): Int32Array {
  const between = new Int32Array(count * count).fill(-1);
  const waiting = new Int32Array(count);
  for (const { to } of links) waiting[to]! += 1;
  const order: number[] = [];
  for (let at = 0; at < count; at += 1) if (waiting[at] === 0) order.push(at);
  for (let at = 0; at < order.length; at += 1)
    for (const link of linksFrom[order[at]!]!) {
      const { to } = links[link]!;
      waiting[to]! -= 1;
      if (waiting[to] === 0) order.push(to);
    }
  for (let at = order.length - 1; at >= 0; at -= 1) {
    const from = order[at]!;
    for (const index of linksFrom[from]!) {
      const { to, min } = links[index]!;
      const step = minutes[from]! + min;
      if (step > between[from * count + to]!) between[from * count + to] = step;
      for (let other = 0; other < count; other += 1) {
        const on = between[to * count + other]!;
        if (on >= 0 && step + on > between[from * count + other]!) between[from * count + other] = step + on;
      }
    }
  }
  return between;
}
