import type { ActionSaid, PreparationAction } from './actions';

interface Rate {
  /** Minutes of a practised hand for a kilogram, for one piece where it is counted and its weight not known, and whatever the amount. */
  readonly aKilogram: number;
  readonly apiece: number;
  readonly always: number;
}

const rate = (aKilogram: number, apiece: number, always = 0): Rate => ({ aKilogram, apiece, always });

/** Minutes of a practised hand. @source our own working figures: what a technician of a teaching kitchen gets done, with a board set up */
const RATES: Readonly<Record<Exclude<PreparationAction, 'cut'>, Rate>> = {
  wash: rate(2, 0.2, 1),
  soak: rate(0, 0, 2),
  dry: rate(2, 0.2, 1),
  peel: rate(6, 0.8),
  trim: rate(5, 0.6),
  fillet: rate(10, 3),
  pick: rate(60, 1.5),
  zest: rate(10, 1),
  juice: rate(6, 0.7),
  grate: rate(8, 1),
  toast: rate(4, 0, 6),
  sift: rate(2, 0, 1),
  soften: rate(1, 0, 1),
  melt: rate(2, 0, 2),
  beat: rate(3, 0.4),
};
/** The same for cuts: the smaller the piece, the longer. @source our own working figures */
const CUT_RATES: Readonly<Record<string, Rate>> = {
  'fine dice': rate(20, 2),
  dice: rate(10, 1),
  'large dice': rate(7, 0.8),
  julienne: rate(22, 2.5),
  ribbons: rate(20, 1),
  segments: rate(14, 2.5),
  'thin slices': rate(9, 1),
  'fine chop': rate(16, 1),
  chop: rate(10, 0.7),
};
const OTHER_CUT = rate(7, 0.6);
/** How much longer a novice is at it. @source our own working figure */
export const NOVICE_TIMES = 2;

/** Minutes of a practised hand for one thing done to so much of an item. @param grams - null where its weight is not known, then by pieces */
export function minutesOf({ action, cut }: ActionSaid, grams: number | null, pieces: number): number {
  const { aKilogram, apiece, always } = action === 'cut' ? (CUT_RATES[cut] ?? OTHER_CUT) : RATES[action];
  return always + (grams === null ? pieces * apiece : (grams / 1000) * aKilogram);
}
