import { In, type EntityManager } from 'typeorm';
import { drawsOn, type DishContent } from '@pelvo/core';
import { DishEdition } from './dishEdition.entity';

/** Sub-preparations of sub-preparations: deeper than any kitchen goes. */
const DEPTH_LIMIT = 8;

/** Every sub-preparation the dishes draw on, and what those draw on, by edition id. One query a level. */
export async function preparationsOf(manager: EntityManager, dishes: readonly DishContent[]): Promise<ReadonlyMap<string, DishContent>> {
  const found = new Map<string, DishContent>();
  let wanted = [...new Set(dishes.flatMap((dish) => drawsOn(dish)))];
  for (let depth = 0; wanted.length > 0 && depth < DEPTH_LIMIT; depth += 1) {
    const editions = await manager.findBy(DishEdition, { id: In(wanted) });
    for (const edition of editions) found.set(edition.id, edition.content);
    wanted = [...new Set(editions.flatMap((edition) => drawsOn(edition.content)))].filter((id) => !found.has(id));
  }
  return found;
}
