/** A key from words that none of the others has. */
export function newKey(text: string, others: readonly { readonly key: string }[]): string {
  const base =
    text
      .toLowerCase()
      .normalize('NFD')
      .replace(/[\u0300-\u036f]/g, '')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 32)
      .replace(/-+$/, '') || 'item';
  let key = base;
  for (let next = 2; others.some((other) => other.key === key); next += 1) key = `${base}-${next}`;
  return key;
}
