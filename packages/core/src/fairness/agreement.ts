import { mean, sampleStandardDeviation } from 'simple-statistics';
import { LEVELS, normalQuantile, SURE, type Level } from '../rubric';

/** Two judgements of the same criterion on the same plate. */
export type LevelPair = readonly [first: Level, second: Level];

export type Weighting = 'quadratic' | 'linear' | 'none';

/** A figure with the interval in which it lies nine times in ten. */
export interface Estimate {
  readonly value: number;
  readonly from: number;
  readonly to: number;
}

/** Why nothing is said. */
export type Unsaid = 'too-few' | 'all-alike';

/** Fewer pairs than these say nothing of two people: our own caution. */
export const LEAST_PAIRS = 10;

const SPAN = LEVELS.length - 1;
const WEIGHTS: Readonly<Record<Weighting, (a: Level, b: Level) => number>> = {
  quadratic: (a, b) => 1 - ((a - b) / SPAN) ** 2,
  linear: (a, b) => 1 - Math.abs(a - b) / SPAN,
  none: (a, b) => (a === b ? 1 : 0),
};

const Z = normalQuantile(1 - (1 - SURE) / 2);
const around = (value: number, error: number): Estimate => ({ value, from: value - Z * error, to: value + Z * error });

/**
 * Agreement of two people beyond chance: Cohen's kappa, with weights that forgive a neighbouring level more than a distant one.
 *
 * @returns null where chance alone would agree fully, so that agreement cannot be told from it
 * @source J. Cohen, Psychological Bulletin 70 (1968), 213–220; its standard error, J. L. Fleiss, J. Cohen and B. S. Everitt, Psychological Bulletin 72 (1969), 323–327
 */
export function weightedKappa(pairs: readonly LevelPair[], weighting: Weighting): Estimate | null {
  const of = pairs.length;
  if (of === 0) return null;
  const weight = WEIGHTS[weighting];
  const share = (is: (pair: LevelPair) => boolean) => pairs.filter(is).length / of;
  const first = new Map(LEVELS.map((level) => [level, share(([a]) => a === level)]));
  const second = new Map(LEVELS.map((level) => [level, share(([, b]) => b === level)]));
  const cells = LEVELS.flatMap((a) =>
    LEVELS.map((b) => ({ a, b, w: weight(a, b), both: share((pair) => pair[0] === a && pair[1] === b) })),
  );
  const seen = cells.reduce((sum, { w, both }) => sum + w * both, 0);
  const chance = cells.reduce((sum, { a, b, w }) => sum + w * first.get(a)! * second.get(b)!, 0);
  if (1 - chance < 1e-9) return null;
  const kappa = (seen - chance) / (1 - chance);
  const ofFirst = (a: Level) => LEVELS.reduce((sum, b) => sum + second.get(b)! * weight(a, b), 0);
  const ofSecond = (b: Level) => LEVELS.reduce((sum, a) => sum + first.get(a)! * weight(a, b), 0);
  const spread = cells.reduce((sum, { a, b, w, both }) => sum + both * (w - (ofFirst(a) + ofSecond(b)) * (1 - kappa)) ** 2, 0);
  const variance = (spread - (kappa - chance * (1 - kappa)) ** 2) / (of * (1 - chance) ** 2);
  return around(kappa, Math.sqrt(Math.max(0, variance)));
}

export interface Agreement {
  readonly pairs: number;
  /** Shares of pairs at the same level, and at most one level apart. */
  readonly same: number;
  readonly within1: number;
  readonly quadratic: Estimate | Unsaid;
  readonly linear: Estimate | Unsaid;
  /** Levels by which the second is above the first, on average; below 0 the second is stricter. */
  readonly shift: Estimate | 'too-few';
  /** Between which the difference of nineteen pairs in twenty lies. */
  readonly limits: readonly [number, number] | null;
  /** What it comes to. */
  readonly verdict: 'too-few' | 'all-alike' | 'agree' | 'shift' | 'mixed' | 'disagree';
}

/** Kappa from which on people who mark are said to agree well, and below which they do not. */
const GOOD = 0.6;
const POOR = 0.4;
/** A quarter of a level is felt in a mark: less is no severity worth naming. Our own reading. */
const FELT = 0.25;

/**
 * How two people, or everybody who marked a criterion twice, agree. A constant shift is told apart from disagreement: whoever is a level
 * stricter throughout sees the same order as the other.
 *
 * @source limits of agreement: J. M. Bland and D. G. Altman, Lancet 327 (1986), 307–310; words for kappa: J. R. Landis and G. G. Koch, Biometrics 33 (1977), 159–174
 */
export function agreementOf(pairs: readonly LevelPair[]): Agreement {
  const of = pairs.length;
  const apart = pairs.map(([first, second]) => second - first);
  const share = (most: number) => (of === 0 ? 0 : apart.filter((each) => Math.abs(each) <= most).length / of);
  const counts = { pairs: of, same: share(0), within1: share(1) };
  if (of < LEAST_PAIRS) return { ...counts, quadratic: 'too-few', linear: 'too-few', shift: 'too-few', limits: null, verdict: 'too-few' };
  const middle = mean(apart);
  const deviation = sampleStandardDeviation(apart);
  const shift = around(middle, deviation / Math.sqrt(of));
  const quadratic = weightedKappa(pairs, 'quadratic');
  const linear = weightedKappa(pairs, 'linear');
  const normal = normalQuantile(0.975);
  return {
    ...counts,
    quadratic: quadratic ?? 'all-alike',
    linear: linear ?? 'all-alike',
    shift,
    limits: [middle - normal * deviation, middle + normal * deviation],
    verdict: verdictOf(pairs, quadratic, shift),
  };
}

function verdictOf(pairs: readonly LevelPair[], kappa: Estimate | null, shift: Estimate): Agreement['verdict'] {
  if (!kappa) return 'all-alike';
  const isShift = Math.abs(shift.value) >= FELT && shift.from * shift.to > 0;
  if (kappa.value >= GOOD) return isShift ? 'shift' : 'agree';
  if (isShift) {
    // Without the shift, as far as there are levels for it.
    const whole = Math.round(shift.value);
    const level = (value: number) => Math.min(4, Math.max(1, value)) as Level;
    const put = weightedKappa(
      pairs.map(([first, second]) => [first, level(second - whole)]),
      'quadratic',
    );
    if (whole !== 0 && put && put.value >= GOOD) return 'shift';
  }
  return kappa.value < POOR ? 'disagree' : 'mixed';
}
