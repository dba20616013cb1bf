/** What a measured criterion is held to. */
export interface MeasureTarget {
  /** mm, g, ml, °C, min: every figure is in it. */
  readonly unit: string;
  /** One size of a piece (its weight, its thickness) or several (length, width, height), each with its tolerance. */
  readonly sizes: readonly { readonly name: string; readonly least: number; readonly most: number }[];
  /** Pieces that are wanted before anything is said of their share: 1 for a temperature or a whole plate. */
  readonly pieces: number;
  /** Share of the pieces within tolerance, from 0 to 1, from which on they stand at levels 2, 3 and 4. */
  readonly shares: readonly [nearly: number, secure: number, assured: number];
}

/** A figure that cannot be of food on a bench: typed wrong, or a device that talks nonsense. */
export const MEASURED_FROM = -200;
export const MEASURED_TO = 20_000;

/** How many times what is wanted a figure may be, and how small a part of it, before it is asked about. @source our own working figure */
const FAR = 5;

/**
 * What is to be said of a figure before it is taken: `none` where a piece of that size cannot be, `far` where it lies so far from what is
 * wanted that a key may have been missed, `likely` for all else.
 *
 * @example likelyMeasure({ least: 2, most: 3 }, 25) // 'far': 2.5 was meant
 */
export function likelyMeasure(
  { least, most }: Pick<MeasureTarget['sizes'][number], 'least' | 'most'>,
  figure: number,
): 'likely' | 'far' | 'none' {
  // What may be nothing, or below it, as trim or a freezer's heat, has no such bounds.
  if (least <= 0) return most > 0 && figure > FAR * most ? 'far' : 'likely';
  if (figure <= 0) return 'none';
  return figure > FAR * most || figure < least / FAR ? 'far' : 'likely';
}

export const decimals = (value: number): string => String(Math.round(value * 100) / 100);

/** "9 to 11 mm", "28 to 32 × 9 to 11 mm". */
export const targetSaid = ({ sizes, unit }: MeasureTarget): string =>
  `${sizes.map(({ least, most }) => `${decimals(least)} to ${decimals(most)}`).join(' × ')} ${unit}`;

const isWithin = ({ sizes }: MeasureTarget, piece: readonly number[]): boolean =>
  sizes.every(({ least, most }, index) => piece[index]! >= least && piece[index]! <= most);

/** Pieces of which every size lies within its tolerance, its ends included. */
export const withinOf = (target: MeasureTarget, pieces: readonly (readonly number[])[]): number =>
  pieces.filter((piece) => isWithin(target, piece)).length;
