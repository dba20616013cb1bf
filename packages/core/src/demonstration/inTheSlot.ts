import type { ShowStep } from './showing';
import type { Given } from './types';

/** A step before the group, in minutes from the beginning. */
export interface ShownAt {
  readonly at: number;
  /** Place in the list of steps. */
  readonly step: number;
}

export interface Showing {
  readonly minutes: number;
  readonly shown: readonly ShownAt[];
}

/** Orders that are looked at before the best so far is taken. */
const MOST_TRIED = 4000;

/**
 * The shortest order of what is shown by one pair of hands: each step after what it waits for, within the time it may wait itself. What
 * goes on by itself leaves the hands free. Exact up to a bound of orders tried; the best found beyond it.
 *
 * @returns null where no order keeps the times at most
 */
export function inTheSlot(steps: readonly ShowStep[], given: readonly Given[], atMost = Infinity): Showing | null {
  const shown = steps.flatMap((_, at) => (given[at] === 'ready' ? [] : [at]));
  const tail = tails(steps, given, shown);
  const ends = new Map<number, number>();
  let best: Showing | null = null;
  let tried = 0;
  const order: ShownAt[] = [];

  const earliest = (at: number) =>
    Math.max(
      0,
      ...steps[at]!.after.filter((before) => given[before] !== 'ready').map((before) => ends.get(before)! + waits(steps, given, before)),
    );
  const latest = (at: number) =>
    Math.min(
      Infinity,
      ...steps[at]!.after.filter((before) => given[before] === 'live' && steps[before]!.most !== null).map(
        (before) => ends.get(before)! + steps[before]!.waits + steps[before]!.most!,
      ),
    );

  /** As soon as can be; what may not wait afterwards also so late that it is done when something else is. */
  const begins = (at: number, from: number, until: number): readonly number[] => {
    const { most, active } = steps[at]!;
    if (most === null) return [from];
    const later = [...ends].map(([other, end]) => end + waits(steps, given, other) - active - waits(steps, given, at));
    return [...new Set([from, ...later.filter((begin) => begin > from && begin <= until)])].sort((a, b) => a - b);
  };

  const go = (now: number, longest: number): void => {
    tried += 1;
    if (tried > MOST_TRIED) return;
    if (order.length === shown.length) {
      if (!best || longest < best.minutes) best = { minutes: longest, shown: [...order] };
      return;
    }
    const limit = Math.min(best ? best.minutes - 1 : Infinity, atMost);
    const open = shown
      .filter((at) => !ends.has(at) && steps[at]!.after.every((before) => given[before] === 'ready' || ends.has(before)))
      .map((at) => ({ at, from: Math.max(now, earliest(at)), until: latest(at) }))
      .sort((a, b) => a.from - b.from || a.until - b.until || tail[b.at]! - tail[a.at]! || a.at - b.at);
    if (open.some(({ from, until }) => from > until)) return;
    // Whatever could be finished before another may begin goes first: waiting for nothing helps nobody.
    const soonest = Math.min(...open.map(({ at, from }) => from + steps[at]!.active));
    for (const { at, from, until } of open) {
      if (
        from >= soonest &&
        open.some((other) => other.at !== at && steps[other.at]!.most === null && other.from + steps[other.at]!.active <= from)
      )
        continue;
      for (const begin of begins(at, from, until)) {
        if (begin + tail[at]! > limit) continue;
        const end = begin + steps[at]!.active;
        ends.set(at, end);
        order.push({ at: begin, step: at });
        go(end, Math.max(longest, end + waits(steps, given, at)));
        order.pop();
        ends.delete(at);
      }
    }
  };
  go(0, 0);
  return best;
}

const waits = (steps: readonly ShowStep[], given: readonly Given[], at: number): number => (given[at] === 'live' ? steps[at]!.waits : 0);

/** Minutes from the beginning of each step to the end of the longest chain that hangs on it. */
function tails(steps: readonly ShowStep[], given: readonly Given[], shown: readonly number[]): readonly number[] {
  const tail = steps.map((step, at) => step.active + waits(steps, given, at));
  for (const at of [...shown].reverse())
    for (const before of steps[at]!.after)
      if (given[before] !== 'ready')
        tail[before] = Math.max(tail[before]!, steps[before]!.active + waits(steps, given, before) + tail[at]!);
  return tail;
}
