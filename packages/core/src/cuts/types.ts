import { measure } from '../figure/measure';
import type { FieldRefused } from '../words';

/**
 * What a cut looks like: a stick and a cube have four sides, a slice is flat, a round is a slice of a round thing; a ball is scooped,
 * a barrel turned.
 */
export const CUT_SHAPES = ['stick', 'cube', 'slice', 'round', 'shred', 'ball', 'barrel'] as const;
export type CutShape = (typeof CUT_SHAPES)[number];

/** Whether its pieces are round, so that they are packed as circles. */
export const isRound = (shape: CutShape): boolean => shape === 'round' || shape === 'ball' || shape === 'barrel';

/** A named cut: nominal sizes in millimetres, and how far a piece may be off. */
export interface Cut {
  readonly key: string;
  readonly name: string;
  readonly shape: CutShape;
  /** Longest side; of a round, its diameter. */
  readonly length: number;
  readonly width: number;
  readonly thickness: number;
  /** Millimetres that the width and the thickness may be off, either way. */
  readonly tolerance: number;
  /** Millimetres that the length may be off, either way. */
  readonly lengthTolerance: number;
}

/** Named cuts of one tradition. */
export interface CutSet {
  readonly name: string;
  /** Whose sizes these are, and where they come from. */
  readonly about: string;
  readonly cuts: readonly Cut[];
}

export const CUT_LIMITS = { sets: 30, cuts: 30, name: 80, about: 400, size: 200 } as const;

/** What is wrong with a set, field by field; empty when nothing is. */
export function checkCutSet(set: CutSet): readonly FieldRefused[] {
  return set.cuts.flatMap((cut, index) => {
    const found: FieldRefused[] = [];
    const mm = (value: number) => measure(value, 'millimetre');
    const at = (field: string) => `cuts.${index}.${field}`;
    if (cut.tolerance >= Math.min(cut.width, cut.thickness))
      found.push({
        field: at('tolerance'),
        problem: { code: 'no.tolerance-eats-cut', cut: cut.name, tolerance: mm(cut.tolerance) },
        remedy: { code: 'do.give-less', than: mm(Math.min(cut.width, cut.thickness)) },
      });
    if (cut.lengthTolerance >= cut.length)
      found.push({
        field: at('lengthTolerance'),
        problem: { code: 'no.tolerance-long', cut: cut.name },
        remedy: { code: 'do.give-less', than: mm(cut.length) },
      });
    if (cut.width > cut.length)
      found.push({
        field: at('width'),
        problem: { code: 'no.wider-than-long', cut: cut.name },
        remedy: { code: 'do.longest-is-length' },
      });
    return found;
  });
}

/** Sizes in words: `2 × 2 × 50 mm`, `3 mm cube`, `10 × 40 mm, 2 mm thick`. */
export function showCut(cut: Cut): string {
  const { length, width, thickness } = cut;
  if (cut.shape === 'ball') return `${length} mm ball`;
  if (cut.shape === 'barrel') return `${width} mm across, ${length} mm long`;
  if (length === width && width === thickness) return `${length} mm cube`;
  if (cut.shape === 'round') return `${thickness} mm thick, ${length} mm across`;
  return `${thickness} × ${width} × ${length} mm`;
}
