import type { EntityManager } from 'typeorm';

/** Editions never change: what was read once is not read again for every list of lessons. */
const read = new Map<string, string>();
const MOST = 5000;

/** Titles of editions, by their ids. */
export async function titlesOfEditions(manager: EntityManager, ids: Iterable<string>): Promise<ReadonlyMap<string, string>> {
  const wanted = [...new Set(ids)];
  const known = new Map(wanted.flatMap((id) => (read.has(id) ? [[id, read.get(id)!] as const] : [])));
  const unknown = wanted.filter((id) => !known.has(id));
  if (unknown.length === 0) return known;
  const rows = (await manager.query('SELECT id, title FROM dish_edition WHERE id IN (?)', [unknown])) as { id: string; title: string }[];
  if (read.size + rows.length > MOST) read.clear();
  for (const { id, title } of rows) {
    read.set(id, title);
    known.set(id, title);
  }
  return known;
}
