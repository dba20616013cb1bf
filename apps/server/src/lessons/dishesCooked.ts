import type { EntityManager } from 'typeorm';
import { parsedJson } from '../platform/database/documentColumn';

/** A dish of a lesson, without its document. */
export interface CookedDish {
  readonly editionId: string;
  readonly dishId: string;
  readonly title: string;
  readonly number: number;
  /** Techniques its steps name. */
  readonly techniqueIds: readonly string[];
}

/** The dishes of a lesson in their order, without their documents, which are long. */
export async function dishesCooked(manager: EntityManager, lessonId: string): Promise<readonly CookedDish[]> {
  const rows = (await manager.query(
    `SELECT edition.id AS editionId, edition.dish_id AS dishId, edition.title, edition.number, edition.technique_ids AS techniqueIds
     FROM lesson_dish JOIN dish_edition edition ON edition.id = lesson_dish.dish_edition_id
     WHERE lesson_dish.lesson_id = ? ORDER BY lesson_dish.position`,
    [lessonId],
  )) as (Omit<CookedDish, 'techniqueIds'> & { techniqueIds: unknown })[];
  return rows.map((row) => ({ ...row, techniqueIds: (parsedJson(row.techniqueIds) as readonly string[] | null) ?? [] }));
}
