/** A dish as far as it can carry techniques. */
export interface CarryingDish {
  readonly id: string;
  readonly title: string;
  readonly techniqueIds: readonly string[];
}

/** Dishes that cover what is missing, in as few sessions as were found. */
export interface CoveringDishes {
  readonly dishes: readonly { readonly id: string; readonly title: string; readonly covers: readonly string[] }[];
  /** Techniques that no dish carries. */
  readonly uncarried: readonly string[];
  readonly sessions: number;
  /** Fewer than so many sessions cannot do it. */
  readonly atLeast: number;
}

/** Part covers that are looked at before the best so far is taken: about half a second for 300 dishes. */
const MOST_LOOKED_AT = 1500;

/**
 * The fewest sessions in which every missing technique is taken up so many times, with the dishes that carry them. A cover problem: branch
 * and bound from a greedy start, with a bound that says how far it may be off.
 *
 * @param missing - how many times each technique is wanted
 * @param aSession - dishes cooked in one session
 */
export function coverMissing(missing: ReadonlyMap<string, number>, dishes: readonly CarryingDish[], aSession = 1): CoveringDishes {
  const useful = dishes
    .map((dish) => ({ ...dish, carries: [...new Set(dish.techniqueIds)].filter((id) => (missing.get(id) ?? 0) > 0) }))
    .filter(({ carries }) => carries.length > 0)
    // Of dishes that carry the same, one is enough to look at; more is better, then the name decides.
    .sort((a, b) => b.carries.length - a.carries.length || a.title.localeCompare(b.title));
  const carried = new Set(useful.flatMap(({ carries }) => carries));
  const uncarried = [...missing].filter(([id, times]) => times > 0 && !carried.has(id)).map(([id]) => id);
  const wanted = new Map([...missing].filter(([id, times]) => times > 0 && carried.has(id)));
  type Useful = (typeof useful)[number];
  const gain = ({ carries }: Useful, left: ReadonlyMap<string, number>) => carries.filter((id) => (left.get(id) ?? 0) > 0).length;
  const after = (dish: Useful, left: ReadonlyMap<string, number>) =>
    new Map(
      [...left]
        .map(([id, times]): [string, number] => [id, dish.carries.includes(id) ? times - 1 : times])
        .filter(([, times]) => times > 0),
    );
  const bound = (left: ReadonlyMap<string, number>) => {
    const total = [...left.values()].reduce((sum, times) => sum + times, 0);
    const most = Math.max(1, ...useful.map((dish) => gain(dish, left)));
    return Math.max(Math.ceil(total / most), 0, ...left.values());
  };
  const greedy = (): Useful[] => {
    const taken: Useful[] = [];
    for (let left: ReadonlyMap<string, number> = wanted; left.size > 0;) {
      const [next] = [...useful].sort((a, b) => gain(b, left) - gain(a, left));
      taken.push(next!);
      left = after(next!, left);
    }
    return taken;
  };
  const carriedBy = new Map([...wanted.keys()].map((id) => [id, useful.filter(({ carries }) => carries.includes(id)).length]));
  const carriers = (id: string) => carriedBy.get(id)!;
  let best = greedy();
  let looked = 0;
  let whole = true;
  const go = (taken: readonly Useful[], left: ReadonlyMap<string, number>): void => {
    looked += 1;
    if (looked > MOST_LOOKED_AT) {
      whole = false;
      return;
    }
    if (left.size === 0) {
      if (taken.length < best.length) best = [...taken];
      return;
    }
    if (taken.length + bound(left) >= best.length) return;
    // The technique that the fewest dishes carry decides first.
    const [rarest] = [...left.keys()].sort((a, b) => carriers(a) - carriers(b));
    const seen = new Set<string>();
    for (const dish of useful.filter(({ carries }) => carries.includes(rarest!)).sort((a, b) => gain(b, left) - gain(a, left))) {
      const key = dish.carries.filter((id) => left.has(id)).join();
      if (seen.has(key)) continue;
      seen.add(key);
      go([...taken, dish], after(dish, left));
    }
  };
  const atRoot = bound(wanted);
  go([], wanted);
  const fewest = whole ? best.length : atRoot;
  return {
    dishes: best.map(({ id, title, carries }) => ({ id, title, covers: carries })),
    uncarried,
    sessions: Math.ceil(best.length / aSession),
    atLeast: Math.ceil(fewest / aSession),
  };
}
