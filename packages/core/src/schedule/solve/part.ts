import { leastBetween, type Draft, type Model, type ModelLink, type ModelNeed } from './model';
import type { Windows } from './construct';

/** A part of a model: some of its steps may move, all others stay where a plan has put them. */
export interface Part {
  readonly model: Model;
  /** The loose steps, in the order in which they come first in the part. */
  readonly steps: readonly number[];
  /** The whole plan, with the part as `draft` has it. */
  readonly whole: (draft: Draft) => Draft;
}

/**
 * The part of a model in which only `loose` may move. What stays is there as far as it takes what the loose ones could take, and as
 * windows; the cost is that of the whole plan.
 */
export function partOf(model: Model, { starts, pool }: Draft, loose: ReadonlySet<number>, windows: Windows): Part {
  const { minutes, horizon } = model;
  const steps = [...loose].sort((a, b) => a - b);
  const place = new Map(steps.map((step, at) => [step, at]));
  const earliest = steps.map((step) => windows.earliest[step]!);
  const latest = steps.map((step) => windows.latest[step]!);
  const links: ModelLink[] = [];
  for (const [at, step] of steps.entries()) {
    for (const link of model.linksTo[step]!) {
      const { from, min, max } = model.links[link]!;
      const before = place.get(from);
      if (before !== undefined) {
        links.push({ from: before, to: at, min, max });
        continue;
      }
      const ends = starts[from]! + minutes[from]!;
      earliest[at] = Math.max(earliest[at]!, ends + min);
      if (max !== null) latest[at] = Math.min(latest[at]!, ends + max);
    }
    for (const link of model.linksFrom[step]!) {
      const { to, min, max } = model.links[link]!;
      if (place.has(to)) continue;
      latest[at] = Math.min(latest[at]!, starts[to]! - minutes[step]! - min);
      if (max !== null) earliest[at] = Math.max(earliest[at]!, starts[to]! - minutes[step]! - max);
    }
  }
  const own = steps.flatMap((step) => model.needsOf[step]!);
  const used = [...new Set(own.flatMap((need) => model.needs[need]!.pools))].sort((a, b) => a - b);
  const poolAt = new Map(used.map((index, at) => [index, at]));
  // Nothing loose reaches beyond these minutes, by pool.
  const reach = used.map(() => ({ from: Infinity, until: -Infinity }));
  for (const need of own) {
    const { step, pools } = model.needs[need]!;
    const at = place.get(step)!;
    for (const index of pools) {
      const its = reach[poolAt.get(index)!]!;
      its.from = Math.min(its.from, earliest[at]!);
      its.until = Math.max(its.until, latest[at]! + minutes[step]!);
    }
  }
  const lengths = steps.map((step) => minutes[step]!);
  const costs = steps.map((step) => model.cost[step]!);
  const needs: ModelNeed[] = own.map((need) => {
    const { step, pools, ...rest } = model.needs[need]!;
    return { ...rest, step: place.get(step)!, pools: pools.map((index) => poolAt.get(index)!) };
  });
  // What stays: a step of its own for each thing it takes within reach.
  let constant = model.constant;
  let end = 0;
  for (let step = 0; step < model.count; step += 1) {
    if (loose.has(step)) continue;
    constant += model.cost[step]! * starts[step]!;
    end = Math.max(end, starts[step]! + minutes[step]!);
    for (const need of model.needsOf[step]!) {
      const at = poolAt.get(pool[need]!);
      if (at === undefined) continue;
      const { change } = model.pools[used[at]!]!;
      const { from, until } = reach[at]!;
      if (starts[step]! + minutes[step]! + change <= from || starts[step]! >= until + change) continue;
      const { slot, amount, temperature } = model.needs[need]!;
      needs.push({ step: lengths.length, slot, amount, temperature, pools: [at] });
      lengths.push(minutes[step]!);
      costs.push(0);
      earliest.push(starts[step]!);
      latest.push(starts[step]!);
    }
  }
  if (model.makespanWeight > 0) {
    // The latest end of what stays.
    lengths.push(0);
    costs.push(0);
    earliest.push(end);
    latest.push(end);
  }
  const count = lengths.length;
  const linksFrom: number[][] = lengths.map(() => []);
  const linksTo: number[][] = lengths.map(() => []);
  links.forEach(({ from, to }, index) => {
    linksFrom[from]!.push(index);
    linksTo[to]!.push(index);
  });
  const needsOf: number[][] = lengths.map(() => []);
  needs.forEach(({ step }, at) => needsOf[step]!.push(at));
  const taken = Int32Array.from(lengths);
  return {
    steps,
    model: {
      instance: model.instance,
      count,
      horizon,
      minutes: taken,
      earliest: Int32Array.from(earliest),
      latest: Int32Array.from(latest),
      links,
      linksFrom,
      linksTo,
      pools: used.map((index) => model.pools[index]!),
      needs,
      needsOf,
      teams: new Int32Array(count),
      between: leastBetween(count, taken, links, linksFrom),
      idle: new Map(),
      cost: Float64Array.from(costs),
      constant,
      makespanWeight: model.makespanWeight,
      impossible: [],
    },
    whole: (draft) => {
      const all = { starts: Int32Array.from(starts), pool: Int32Array.from(pool), cost: draft.cost };
      steps.forEach((step, at) => (all.starts[step] = draft.starts[at]!));
      own.forEach((need, at) => (all.pool[need] = used[draft.pool[at]!]!));
      return all;
    },
  };
}
