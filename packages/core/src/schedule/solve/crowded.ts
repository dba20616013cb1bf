import type { Model } from './model';

/**
 * Steps that ask for more of something than there is of it between two minutes: for each lot of resources the fewest that do, as few as there
 * are first. A class of forty at one burner is explained by six pots, where leaving out steps one by one would look at hundreds.
 *
 * @param earliest - first start of each step, `latest` the last one; minutes
 * @returns indices of steps, in order; empty where nothing is asked for too much of by itself
 * @source energy between two minutes: J. Erschler, P. Lopez, "Energy-based approach for task scheduling under time and resources constraints"
 * (1990)
 */
export function crowdedSteps(model: Model, earliest: ArrayLike<number>, latest: ArrayLike<number>): readonly (readonly number[])[] {
  const { needs, pools, minutes } = model;
  const lots = new Map<string, readonly number[]>();
  for (const { pools: own } of needs) lots.set(own.join(), own);
  const found: number[][] = [];
  for (const lot of lots.values()) {
    const capacity = lot.reduce((sum, pool) => sum + pools[pool]!.capacity, 0);
    const asking = needs
      .filter(({ pools: own }) => own.every((pool) => lot.includes(pool)))
      .map(({ step, amount }) => ({
        step,
        energy: amount * minutes[step]!,
        from: earliest[step]!,
        until: latest[step]! + minutes[step]!,
      }));
    const fewest = fewestOf(asking, capacity);
    if (fewest) found.push(fewest);
  }
  return found.sort((a, b) => a.length - b.length);
}

interface Asking {
  readonly step: number;
  /** Amount times minutes. */
  readonly energy: number;
  readonly from: number;
  readonly until: number;
}

/** The fewest that do not fit between any two minutes; null where all fit everywhere. */
function fewestOf(asking: readonly Asking[], capacity: number): number[] | null {
  const byEnergy = [...asking].sort((a, b) => b.energy - a.energy || a.step - b.step);
  const begins = [...new Set(asking.map(({ from }) => from))];
  const ends = [...new Set(asking.map(({ until }) => until))].sort((a, b) => a - b);
  let fewest: number[] | null = null;
  for (const begin of begins) {
    // What lies behind `begin`, by where it ends: one sum grows with the end.
    const behind = asking.filter(({ from }) => from >= begin).sort((a, b) => a.until - b.until);
    let sum = 0;
    let at = 0;
    for (const end of ends) {
      for (; at < behind.length && behind[at]!.until <= end; at += 1) sum += behind[at]!.energy;
      const room = capacity * (end - begin);
      if (sum <= room) continue;
      const few = takenUntil(byEnergy, begin, end, room, fewest ? fewest.length - 1 : Infinity);
      if (few) fewest = few;
    }
  }
  return fewest;
}

/** The largest of those between two minutes until there is no room for the last; null where it takes more than so many of them. */
function takenUntil(byEnergy: readonly Asking[], begin: number, end: number, room: number, atMost: number): number[] | null {
  const steps: number[] = [];
  let sum = 0;
  for (const { step, energy, from, until } of byEnergy) {
    if (from < begin || until > end) continue;
    if (steps.length >= atMost) return null;
    steps.push(step);
    sum += energy;
    if (sum > room) return [...new Set(steps)];
  }
  return null;
}
