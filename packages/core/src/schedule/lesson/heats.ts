import type { WorkStep } from './workOf';

/** A heat at which a step is planned, and how long it takes there. */
export interface PlannedHeat {
  readonly celsius: number;
  readonly minutes: { readonly practised: number; readonly novice: number };
}

/** Minutes at a heat inside a band, in proportion between its ends. @source our own working figure: a straight line between what the dish says */
export function minutesAt({ from, to, minutesAtFrom, minutesAtTo }: NonNullable<WorkStep['band']>, celsius: number): number {
  if (to <= from) return minutesAtFrom;
  const share = Math.min(1, Math.max(0, (celsius - from) / (to - from)));
  return Math.max(1, Math.ceil(minutesAtFrom + share * (minutesAtTo - minutesAtFrom)));
}

interface Bake {
  readonly key: string;
  readonly best: number;
  readonly from: number;
  readonly to: number;
}

/**
 * The heats of a lesson's ovens, as few as the bands allow, so that loads can share one oven and it need not be changed: every band
 * holds one of them (the fewest points that stab all intervals), and each step takes the one that lies nearest its best.
 *
 * @returns by key, only for steps that have a band
 * @source greedy stabbing of intervals by their right ends, which is optimal in their number
 */
export function sharedHeats(bakes: readonly Bake[]): ReadonlyMap<string, number> {
  // A best heat inside a band that others want anyway is worth more than the end of the band.
  const wished = [...new Set(bakes.map(({ best }) => best))];
  const chosen: number[] = [];
  for (const { from, to } of [...bakes].sort((a, b) => a.to - b.to || a.from - b.from)) {
    if (chosen.some((heat) => from <= heat && heat <= to)) continue;
    const open = bakes.filter((bake) => bake.from <= to && bake.to >= to);
    const lowest = Math.max(...open.map((bake) => bake.from));
    const inside = wished.filter((heat) => lowest <= heat && heat <= to);
    const closest = (a: number, b: number) => off(open, a) - off(open, b);
    chosen.push([...inside].sort(closest)[0] ?? to);
  }
  return new Map(
    bakes.map(({ key, best, from, to }) => {
      const right = chosen.filter((heat) => from <= heat && heat <= to);
      return [key, [...right].sort((a, b) => Math.abs(a - best) - Math.abs(b - best))[0]!];
    }),
  );
}

const off = (bakes: readonly Bake[], heat: number): number => bakes.reduce((sum, { best }) => sum + Math.abs(best - heat), 0);
