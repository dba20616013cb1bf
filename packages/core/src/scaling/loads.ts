/** A batch cooked in several loads, because a tray, a pan or a bowl holds only so much. */
export interface Loads {
  readonly count: number;
  /** Portions in the last load. */
  readonly last: number;
}

/**
 * Loads needed for some portions when one load holds only so many.
 *
 * @throws RangeError when a load holds nothing
 * @example loadsOf(28, 12) // { count: 3, last: 4 }
 */
export function loadsOf(portions: number, perLoad: number): Loads {
  if (!(perLoad > 0)) throw new RangeError('A load must hold something');
  const count = Math.max(1, Math.ceil(portions / perLoad - 1e-9));
  return { count, last: Math.round((portions - (count - 1) * perLoad) * 100) / 100 };
}
