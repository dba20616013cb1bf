import type { EntityManager } from 'typeorm';
import { DISH, dishAllergens, factBook, linesOf, plain, type DishContent } from '@pelvo/core';
import { openStored } from '../platform/database/documentColumn';
import { ownFacts } from '../ingredients';
import { preparationsOf } from './preparationsOf';

const LONGEST_WORD = 40;
const TITLE = 3;
const ITEM = 1;

/** Words of a dish that can be searched, with how much each says of it. */
function wordsOf(content: DishContent): ReadonlyMap<string, number> {
  const words = new Map<string, number>();
  const add = (text: string, weight: number) => {
    for (const word of plain(text).split(' ')) {
      if (word.length > 1 && word.length <= LONGEST_WORD) words.set(word, Math.max(weight, words.get(word) ?? 0));
    }
  };
  add(content.title, TITLE);
  for (const component of content.components) add(component.name, ITEM);
  for (const line of linesOf(content)) add(line.item, ITEM);
  return words;
}

/** The three-letter parts of a word, its ends marked, by which a misspelling is found. */
export function gramsOf(word: string): readonly string[] {
  const padded = `_${word}_`;
  return [...new Set(Array.from({ length: Math.max(0, padded.length - 2) }, (_, at) => padded.slice(at, at + 3)))];
}

/** Minutes of a dish's method, as its steps say. */
export function minutesOf(content: DishContent): number {
  return content.method.reduce((total, step) => total + (step.minutes ?? 0), 0);
}

/** Writes what can be searched of a dish; what stood there before is replaced. */
export async function indexDish(manager: EntityManager, dishId: string, content: DishContent): Promise<void> {
  const words = wordsOf(content);
  const facets = [
    ...content.method.flatMap((step) => step.techniqueIds.map((id) => ['technique', id])),
    ...content.method.flatMap((step) => (step.equipment.trim() ? [['equipment', step.equipment.trim().toLowerCase()]] : [])),
    ...(await allergensIn(manager, [content]))[0]!.map((allergen) => ['allergen', allergen]),
  ];
  await manager.query('DELETE FROM dish_word WHERE dish_id = ?', [dishId]);
  await manager.query('DELETE FROM dish_facet WHERE dish_id = ?', [dishId]);
  await manager.query('UPDATE dish SET minutes = ? WHERE id = ?', [minutesOf(content), dishId]);
  if (words.size > 0) {
    await manager.query('INSERT INTO dish_word (word, dish_id, weight) VALUES ?', [
      [...words].map(([word, weight]) => [word, dishId, weight]),
    ]);
    await manager.query('INSERT IGNORE INTO word_gram (gram, word) VALUES ?', [
      [...words.keys()].flatMap((word) => gramsOf(word).map((gram) => [gram, word])),
    ]);
  }
  if (facets.length > 0)
    await manager.query('INSERT IGNORE INTO dish_facet (kind, value, dish_id) VALUES ?', [
      facets.map(([kind, value]) => [kind, value, dishId]),
    ]);
}

/** Found beside the allergens of a dish of which not everything is known, so that it is claimed free of none. */
export const NOT_KNOWN = 'not known';

/** What each dish contains or may contain, by the school's own facts, its sub-preparations' ingredients too; and what is not known. */
async function allergensIn(manager: EntityManager, dishes: readonly DishContent[]): Promise<readonly (readonly string[])[]> {
  const [facts, preparations] = await Promise.all([ownFacts(manager), preparationsOf(manager, dishes)]);
  const book = factBook(facts);
  return dishes.map((dish) => {
    const { contains, mayContain, notKnown, labels } = dishAllergens([dish], { book, preparations });
    const found = [...contains, ...mayContain].map(({ allergen }) => allergen);
    return notKnown.length + labels.length > 0 ? [...found, NOT_KNOWN] : found;
  });
}

const BATCH = 500;

/** Writes the allergens of every dish anew, after a fact has changed: a sub-preparation carries it to dishes that do not name it. */
export async function reindexAllergens(manager: EntityManager): Promise<void> {
  for (let last = ''; ;) {
    const rows = (await manager.query('SELECT id, content FROM dish WHERE id > ? ORDER BY id LIMIT ?', [last, BATCH])) as {
      id: string;
      content: unknown;
    }[];
    if (rows.length === 0) return;
    const contents = rows.map(({ content }) => openStored(DISH, content));
    const allergens = await allergensIn(manager, contents);
    const facets = rows.flatMap(({ id }, index) => allergens[index]!.map((allergen) => ['allergen', allergen, id]));
    await manager.query("DELETE FROM dish_facet WHERE kind = 'allergen' AND dish_id IN (?)", [rows.map(({ id }) => id)]);
    if (facets.length > 0) await manager.query('INSERT IGNORE INTO dish_facet (kind, value, dish_id) VALUES ?', [facets]);
    last = rows.at(-1)!.id;
  }
}

/** Makes every dish findable that is not yet: dishes stored before there was an index, or after its tables were made anew. */
export async function ensureDishIndex(manager: EntityManager): Promise<void> {
  const rows = (await manager.query('SELECT id, content FROM dish WHERE id NOT IN (SELECT dish_id FROM dish_word)')) as {
    id: string;
    content: unknown;
  }[];
  for (const { id, content } of rows) await indexDish(manager, id, openStored(DISH, content));
}
