import type { Cut } from '../cuts';
import type { MeasureTarget } from './measureTarget';

/** Pieces that a cut is judged by, and the shares of them that stand at each level: as our starter rubric words its levels. */
const PIECES = 10;
const SHARES = [0.4, 0.7, 0.9] as const;

/**
 * What pieces of a named cut are held to, in millimetres. Sizes that are alike are measured once: a dice has one side, a baton a length and
 * a thickness.
 *
 * @example targetOfCut({ length: 10, width: 10, thickness: 10, tolerance: 1, lengthTolerance: 1, … }).sizes // [{ name: 'side', least: 9, most: 11 }]
 */
export function targetOfCut({ length, width, thickness, tolerance, lengthTolerance }: Cut): MeasureTarget {
  const size = (name: string, middle: number, off: number) => ({ name, least: Math.max(0, middle - off), most: middle + off });
  const across =
    width === thickness
      ? [size('thickness', thickness, tolerance)]
      : [size('width', width, tolerance), size('thickness', thickness, tolerance)];
  const isDice = length === width && width === thickness && tolerance === lengthTolerance;
  return {
    unit: 'mm',
    sizes: isDice ? [size('side', length, tolerance)] : [size('length', length, lengthTolerance), ...across],
    pieces: PIECES,
    shares: SHARES,
  };
}
