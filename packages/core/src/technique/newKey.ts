import { slug } from '../text';

/** A key from words that none of the others has. */
export function newKey(text: string, others: readonly { readonly key: string }[]): string {
  const base = slug(text, 32) || 'item';
  let key = base;
  for (let next = 2; others.some((other) => other.key === key); next += 1) key = `${base}-${next}`;
  return key;
}
