import { CUT_SHAPES, cutExtent, type Cut, type CutSet } from '@pelvo/core';

/** One name with the cut that each set gives it; undefined where a set does not know the name. */
export interface CutRow {
  readonly key: string;
  readonly name: string;
  readonly cuts: readonly (Cut | undefined)[];
}

/** The names of several sets side by side: by shape, the finest first. */
export function cutRows(sets: readonly CutSet[]): readonly CutRow[] {
  const first = new Map<string, Cut>();
  for (const set of sets) for (const cut of set.cuts) if (!first.has(cut.key)) first.set(cut.key, cut);
  const size = ({ length, width, thickness }: Cut) => width * thickness * length;
  return [...first.values()]
    .sort((a, b) => CUT_SHAPES.indexOf(a.shape) - CUT_SHAPES.indexOf(b.shape) || size(a) - size(b))
    .map(({ key, name }) => ({ key, name, cuts: sets.map((set) => set.cuts.find((cut) => cut.key === key)) }));
}

/** Largest extent of the drawn cuts, in millimetres: what a column has to hold. */
export function widestCut(sets: readonly CutSet[]): number {
  return Math.max(10, ...sets.flatMap((set) => set.cuts.map((cut) => cutExtent(cut)[0])));
}
