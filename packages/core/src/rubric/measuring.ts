import { errorFunction, mean, median, probit, quantile, sampleStandardDeviation } from 'simple-statistics';
import type { Level } from './levels';
import { withinOf, type MeasureTarget } from './measureTarget';

/**
 * Standard normal quantile. The package's own is right to three decimals only; two steps of Newton's on its error function, which is right
 * to six, mends that.
 *
 * @example normalQuantile(0.975) // 1.95996
 */
export function normalQuantile(share: number): number {
  let near = probit(share);
  for (let step = 0; step < 2; step += 1) {
    const below = (1 + errorFunction(near / Math.SQRT2)) / 2;
    near -= (below - share) / (Math.exp((-near * near) / 2) / Math.sqrt(2 * Math.PI));
  }
  return near;
}

/**
 * Interval of a share by Wilson's score, which keeps within 0 and 1 and holds for few pieces.
 *
 * @param successes - may be a fraction, to ask what more pieces of the same kind would say
 * @param confidence - two-sided, 0 to 1
 * @source E. B. Wilson, Journal of the American Statistical Association 22 (1927), 209–212
 * @example shareInterval(8, 10, 0.95).map((end) => end.toFixed(3)) // ['0.490', '0.943']
 */
export function shareInterval(successes: number, of: number, confidence: number): readonly [from: number, to: number] {
  if (of <= 0) return [0, 1];
  const z = normalQuantile(1 - (1 - confidence) / 2);
  const share = successes / of;
  const middle = share + (z * z) / (2 * of);
  const reach = z * Math.sqrt((share * (1 - share)) / of + (z * z) / (4 * of * of));
  const whole = 1 + (z * z) / of;
  return [Math.max(0, (middle - reach) / whole), Math.min(1, (middle + reach) / whole)];
}

/** How sure a level by share has to be: nine times in ten. */
export const SURE = 0.9;
/** More pieces than these nobody measures of one tray. */
const MOST_MORE = 60;

const levelAt = ([nearly, secure, assured]: MeasureTarget['shares'], share: number): Level =>
  share >= assured ? 4 : share >= secure ? 3 : share >= nearly ? 2 : 1;

/** What would settle the level: it is settled, so many more pieces, or none that anybody would measure. */
export type Settled = { readonly kind: 'settled' } | { readonly kind: 'more'; readonly pieces: number } | { readonly kind: 'never' };

export interface SizeMeasured {
  readonly name: string;
  readonly mean: number;
  /** Standard deviation of the sample; null for a single piece. */
  readonly spread: number | null;
  readonly median: number;
  /** A tenth of the pieces is smaller than the first, a tenth larger than the second. */
  readonly tenths: readonly [number, number];
  /** How far the mean lies from the middle of the tolerance; above 0 is too large. */
  readonly off: number;
  /** Pieces by size, over steps of equal width. */
  readonly histogram: readonly { readonly from: number; readonly to: number; readonly pieces: number; readonly within: boolean }[];
}

export interface Measured {
  readonly pieces: number;
  readonly within: number;
  readonly share: number;
  /** Where the share of the whole tray lies, nine times in ten. */
  readonly interval: readonly [number, number];
  readonly sizes: readonly SizeMeasured[];
  /** What the pieces propose; null while there are too few. */
  readonly level: Level | null;
  /** Pieces that are still wanted before anything is proposed. */
  readonly wanted: number;
  readonly settled: Settled;
}

/**
 * What pieces say of a tray: means, spreads, the share within tolerance with its interval, the level that is proposed, and whether more
 * pieces would settle it.
 *
 * @param pieces - a figure for each size of the target, in its unit
 * @returns null where nothing was measured
 */
export function measuredPieces(target: MeasureTarget, pieces: readonly (readonly number[])[]): Measured | null {
  if (pieces.length === 0) return null;
  const within = withinOf(target, pieces);
  const share = within / pieces.length;
  const wanted = Math.max(0, target.pieces - pieces.length);
  return {
    pieces: pieces.length,
    within,
    share,
    interval: shareInterval(within, pieces.length, SURE),
    sizes: target.sizes.map((size, index) =>
      sizeOf(
        size,
        pieces.map((piece) => piece[index]!),
      ),
    ),
    level: wanted > 0 ? null : target.pieces === 1 && pieces.length === 1 ? levelOfOne(target, pieces[0]!) : levelAt(target.shares, share),
    wanted,
    settled: settledBy(target, within, pieces.length),
  };
}

/**
 * The level of one figure that is all there is, a core or a plate: by how far it lies outside, in widths of its band. Only what lies within
 * reaches the highest.
 *
 * @example levelOfOne({ sizes: [{ name: 'core', least: 54, most: 58 }], shares: [0.5, 0.75, 1], … }, [59]) // 1 of 4 degrees outside: 3
 */
function levelOfOne({ sizes, shares }: MeasureTarget, piece: readonly number[]): Level {
  const near = sizes.map(({ least, most }, index) => {
    const off = Math.max(least - piece[index]!, piece[index]! - most, 0);
    return Math.max(0, 1 - off / (most - least));
  });
  const nearest = Math.min(...near);
  const level = levelAt(shares, nearest);
  return level === 4 && nearest < 1 ? 3 : level;
}

/** One piece that is all there is (a core, a plate) settles itself; a sample does when its whole interval stands at one level. */
function settledBy({ shares, pieces: least }: MeasureTarget, within: number, of: number): Settled {
  if (least <= 1) return { kind: 'settled' };
  const share = within / of;
  const oneLevel = (pieces: number) => {
    const [from, to] = shareInterval(share * pieces, pieces, SURE);
    return levelAt(shares, from) === levelAt(shares, to);
  };
  if (of >= least && oneLevel(of)) return { kind: 'settled' };
  for (let more = Math.max(1, least - of); more <= MOST_MORE; more += 1) if (oneLevel(of + more)) return { kind: 'more', pieces: more };
  return { kind: 'never' };
}

/** Steps of a histogram: by Sturges, log2 n + 1, at least five, so that a tolerance has more than one. */
const stepsFor = (pieces: number): number => Math.max(5, Math.ceil(Math.log2(pieces)) + 1);

function sizeOf({ name, least, most }: MeasureTarget['sizes'][number], figures: readonly number[]): SizeMeasured {
  const all = [...figures];
  const middle = mean(all);
  const from = Math.min(least, ...all);
  const to = Math.max(most, ...all);
  const steps = stepsFor(all.length);
  const width = (to - from) / steps;
  return {
    name,
    mean: middle,
    spread: all.length > 1 ? sampleStandardDeviation(all) : null,
    median: median(all),
    tenths: [quantile(all, 0.1), quantile(all, 0.9)],
    off: middle - (least + most) / 2,
    histogram: Array.from({ length: steps }, (_, step) => {
      const [start, end] = [from + step * width, from + (step + 1) * width];
      const last = step === steps - 1;
      return {
        from: start,
        to: end,
        pieces: all.filter((figure) => figure >= start && (last ? figure <= to : figure < end)).length,
        within: start < most && end > least,
      };
    }),
  };
}
