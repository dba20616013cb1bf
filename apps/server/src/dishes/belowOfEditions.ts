import { In, type EntityManager } from 'typeorm';
import { words, servedBelow } from '@pelvo/core';
import { DishEdition } from './dishEdition.entity';

/** Editions never change: their documents, which are long, are not read again for every marking sheet. */
const read = new Map<string, readonly string[]>();
const MOST = 5000;

/** What is served below its rule on purpose, with its conditions in words, by edition; editions without any are left out. */
export async function belowOfEditions(manager: EntityManager, ids: readonly string[]): Promise<ReadonlyMap<string, readonly string[]>> {
  const known = new Map(ids.flatMap((id) => (read.has(id) ? [[id, read.get(id)!] as const] : [])));
  const unknown = ids.filter((id) => !known.has(id));
  const editions = unknown.length > 0 ? await manager.findBy(DishEdition, { id: In(unknown) }) : [];
  if (read.size + editions.length > MOST) read.clear();
  for (const { id, content } of editions) {
    const below = servedBelow(content).map((said) => words(said));
    read.set(id, below);
    known.set(id, below);
  }
  return new Map([...known].filter(([, below]) => below.length > 0));
}
