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

export const decimals = (value: number): string => String(Math.round(value * 100) / 100);

/** "9 to 11 mm", "28 to 32 × 9 to 11 mm". */
export const targetSaid = ({ sizes, unit }: MeasureTarget): string =>
  `${sizes.map(({ least, most }) => `${decimals(least)} to ${decimals(most)}`).join(' × ')} ${unit}`;

const isWithin = ({ sizes }: MeasureTarget, piece: readonly number[]): boolean =>
  sizes.every(({ least, most }, index) => piece[index]! >= least && piece[index]! <= most);

/** Pieces of which every size lies within its tolerance, its ends included. */
export const withinOf = (target: MeasureTarget, pieces: readonly (readonly number[])[]): number =>
  pieces.filter((piece) => isWithin(target, piece)).length;
