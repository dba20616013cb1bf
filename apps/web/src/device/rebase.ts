import { isJson, sameDocument } from '@pelvo/core';

/** Something two people changed differently: mine is kept, and theirs is shown beside it. */
export interface Clash {
  /** The field, or words for the place. */
  readonly where: string;
  readonly mine: string;
  readonly theirs: string;
}

export interface Rebased<T> {
  readonly mine: T;
  readonly clashes: readonly Clash[];
}

export type Rebase<T> = (base: T, mine: T, theirs: T) => Rebased<T>;

const inWords = (value: unknown): string =>
  value === null || value === undefined || value === ''
    ? 'nothing'
    : Array.isArray(value)
      ? `${value.length} chosen`
      : typeof value === 'string'
        ? value
        : JSON.stringify(value).slice(0, 80);

/**
 * My changes, field by field, on top of what someone else has stored meanwhile. Fields of fields are brought together in the
 * same way; a list is one thing. What both changed, and differently, stays mine and is reported.
 *
 * @param base - what both started from; null when that is not known, and then whatever differs counts as changed by both
 */
export function rebaseFields<T extends object>(base: T | null, mine: T, theirs: T, at = ''): Rebased<T> {
  const clashes: Clash[] = [];
  const keys = [...new Set([...Object.keys(theirs), ...Object.keys(mine)])] as (keyof T & string)[];
  const merged = Object.fromEntries(
    keys.map((key) => {
      const [b, m, t] = [base?.[key], mine[key], theirs[key]];
      if (sameDocument(m, t)) return [key, t];
      if (base && sameDocument(m, b)) return [key, t];
      if (base && sameDocument(t, b)) return [key, m];
      if (isJson(m) && isJson(t) && (!base || isJson(b))) {
        const inner = rebaseFields((b ?? null) as object | null, m as object, t as object, `${at}${key}.`);
        clashes.push(...inner.clashes);
        return [key, inner.mine];
      }
      clashes.push({ where: `${at}${key}`, mine: inWords(m), theirs: inWords(t) });
      return [key, m];
    }),
  );
  return { mine: merged as T, clashes };
}
