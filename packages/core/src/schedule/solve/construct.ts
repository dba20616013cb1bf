import { costOf, type Draft, type Model } from './model';

/** How much of each pool is taken, minute by minute, and at which heat. */
export class Usage {
  readonly taken: Int32Array[];
  private readonly placed: number[][];

  constructor(
    private readonly model: Model,
    private readonly starts: Int32Array,
  ) {
    this.taken = model.pools.map(() => new Int32Array(model.horizon + 1));
    this.placed = model.pools.map(() => []);
  }

  put(need: number, pool: number): void {
    this.change(need, pool, 1);
    if (this.model.pools[pool]!.oven) this.placed[pool]!.push(need);
  }

  take(need: number, pool: number): void {
    this.change(need, pool, -1);
    if (this.model.pools[pool]!.oven) this.placed[pool]!.splice(this.placed[pool]!.indexOf(need), 1);
  }

  private change(need: number, pool: number, sign: 1 | -1): void {
    const { step, amount } = this.model.needs[need]!;
    const use = this.taken[pool]!;
    const until = this.starts[step]! + this.model.minutes[step]!;
    for (let minute = this.starts[step]!; minute < until; minute += 1) use[minute]! += sign * amount;
  }

  /** The first start from `begins` on at which the need does not clash here; `begins` itself when it fits. */
  firstFit(need: number, pool: number, begins: number): number {
    const { needs, pools, minutes } = this.model;
    const { step, amount, temperature } = needs[need]!;
    const { capacity, oven, change } = pools[pool]!;
    const until = begins + minutes[step]!;
    const use = this.taken[pool]!;
    for (let minute = until - 1; minute >= begins; minute -= 1) if (use[minute]! + amount > capacity) return minute + 1;
    if (!oven) return begins;
    let first = begins;
    for (const other of this.placed[pool]!) {
      const its = needs[other]!;
      if (its.temperature === temperature) continue;
      const otherBegins = this.starts[its.step]!;
      const otherEnds = otherBegins + minutes[its.step]!;
      if (begins < otherEnds + change && otherBegins < until + change) first = Math.max(first, otherEnds + change);
    }
    return first;
  }
}

/**
 * One plan by taking steps in an order and putting each at its first place that everything before it leaves; null if it does not come
 * out. Where a step then lies too long after one it follows, that one is taken out again and put later ("unscheduling").
 *
 * @param urgency - by step: among those that may be put next, the least goes first
 * @source serial schedule generation with unscheduling for greatest waits: K. Neumann, C. Schwindt, J. Zimmermann, "Project Scheduling with
 * Time Windows and Scarce Resources" (2003), 2.6
 */
export function construct(model: Model, windows: Windows, urgency: ArrayLike<number>, effort = 4 * model.count + 40): Draft | null {
  const { count, minutes, links, linksFrom, linksTo, needs, needsOf, pools } = model;
  const starts = new Int32Array(count).fill(-1);
  const pool = new Int32Array(needs.length).fill(-1);
  const usage = new Usage(model, starts);
  const from = Int32Array.from(windows.earliest);
  const waiting = new Int32Array(count);
  const done = new Uint8Array(count);
  const reserved = new Set<number>();
  for (const { to } of links) waiting[to]! += 1;
  const ready: number[] = [];
  for (let at = 0; at < count; at += 1) if (waiting[at] === 0) ready.push(at);

  const put = (step: number, begins: number): void => {
    starts[step] = begins;
    done[step] = 1;
    if (!reserved.has(step)) for (const need of needsOf[step]!) usage.put(need, pool[need]!);
    for (const link of linksFrom[step]!) {
      const { to } = links[link]!;
      waiting[to]! -= 1;
      if (waiting[to] === 0) ready.push(to);
    }
  };
  const takeOut = (step: number): void => {
    for (const link of linksFrom[step]!) {
      const { to } = links[link]!;
      if (done[to]) takeOut(to);
      // It waits again, also where it was only now taken out.
      if (waiting[to] === 0) ready.splice(ready.indexOf(to), 1);
      waiting[to]! += 1;
    }
    if (!reserved.has(step)) {
      for (const need of needsOf[step]!) usage.take(need, pool[need]!);
    }
    done[step] = 0;
    ready.push(step);
  };
  /** The first start from `begins` at which every need of the step has a place; its pools are noted. */
  const place = (step: number, begins: number, until: number): number => {
    for (let at = begins; at <= until;) {
      let next = at;
      for (const need of needsOf[step]!) {
        let first = Infinity;
        for (const option of needs[need]!.pools) {
          const fit = usage.firstFit(need, option, at);
          if (fit < first) {
            first = fit;
            pool[need] = option;
          }
          if (fit === at) break;
        }
        if (first > next) next = first;
      }
      if (next === at) {
        if (needsOf[step]!.length < 2 || !overfull(step, at)) return at;
        next = at + 1;
      }
      at = next;
    }
    return -1;
  };
  /** Whether needs of one step together take more of one pool than is left, each having looked alone. */
  const overfull = (step: number, begins: number): boolean => {
    const own = needsOf[step]!;
    return own.some((need, at) => {
      const alike = own.filter((other) => pool[other] === pool[need]);
      if (alike.length < 2 || alike[0] !== own[at]) return false;
      if (pools[pool[need]!]!.oven && alike.some((other) => needs[other]!.temperature !== needs[need]!.temperature)) return true;
      const sum = alike.reduce((all, other) => all + needs[other]!.amount, 0);
      const taken = usage.taken[pool[need]!]!.subarray(begins, begins + minutes[step]!);
      return taken.some((amount) => amount + sum > pools[pool[need]!]!.capacity);
    });
  };

  // Room is kept for what has its start given, before anything else takes it.
  for (const step of windows.fixed) {
    const at = place(step, windows.earliest[step]!, windows.latest[step]!);
    if (at < 0) return null;
    starts[step] = at;
    for (const need of needsOf[step]!) usage.put(need, pool[need]!);
    reserved.add(step);
  }
  let left = effort;
  while (ready.length > 0) {
    if (left-- <= 0) return null;
    let which = 0;
    for (let at = 1; at < ready.length; at += 1) if (urgency[ready[at]!]! < urgency[ready[which]!]!) which = at;
    const step = ready[which]!;
    ready[which] = ready[ready.length - 1]!;
    ready.length -= 1;
    let begins = from[step]!;
    let until = windows.latest[step]!;
    for (const link of linksTo[step]!) {
      const { from: before, min } = links[link]!;
      begins = Math.max(begins, starts[before]! + minutes[before]! + min);
    }
    const hard = until;
    for (const link of linksTo[step]!) {
      const { from: before, max } = links[link]!;
      if (max !== null) until = Math.min(until, starts[before]! + minutes[before]! + max);
    }
    if (begins > hard) return null;
    const at = reserved.has(step) ? hard : place(step, begins, hard);
    if (at < 0) return null;
    if (at <= until) {
      put(step, at);
      continue;
    }
    // It comes too late after one before it: that one has to come later.
    ready.push(step);
    for (const link of linksTo[step]!) {
      const { from: before, max } = links[link]!;
      if (max === null || !done[before]) continue;
      const late = at - (starts[before]! + minutes[before]! + max);
      if (late <= 0) continue;
      from[before] = starts[before]! + late;
      if (from[before]! > windows.latest[before]!) return null;
      takeOut(before);
    }
  }
  if (done.includes(0)) return null;
  return { starts, pool, cost: costOf(model, starts) };
}

/** First and last starts that windows and links leave. */
export interface Windows {
  readonly earliest: Int32Array;
  readonly latest: Int32Array;
  /** Steps whose start is given, for which room is kept. */
  readonly fixed: readonly number[];
}
