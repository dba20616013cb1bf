import { matchSorter } from 'match-sorter';

type Name<T> = (item: T) => string | string[];

/**
 * What fits a typed text, best first: the same, then what begins with it, then where a word begins with it, then where it
 * stands inside. Letters scattered over a name are no fit.
 *
 * @example bestFirst(['almonds', 'leeks', 'pale ale'], 'le', [(name) => name]) // ['leeks', 'pale ale']
 */
export function bestFirst<T>(items: readonly T[], typed: string, names: readonly Name<T>[]): T[] {
  if (!typed.trim()) return [...items];
  return matchSorter(items, typed.trim(), {
    // The names after the first are other ways to find it: they count, but less.
    keys: names.map((name, index) => (index === 0 ? name : { key: name, maxRanking: matchSorter.rankings.WORD_STARTS_WITH })),
    threshold: matchSorter.rankings.CONTAINS,
  });
}
