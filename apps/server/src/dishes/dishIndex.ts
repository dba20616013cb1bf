import type { EntityManager } from 'typeorm';
import { allergensOf, linesOf, plainName, type DishContent } from '@pelvo/core';

const LONGEST_WORD = 40;
const TITLE = 3;
const ITEM = 1;

/** Words of a dish that can be searched, with how much each says of it. */
function wordsOf(content: DishContent): ReadonlyMap<string, number> {
  const words = new Map<string, number>();
  const add = (text: string, weight: number) => {
    for (const word of plainName(text).split(' ')) {
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
    ...content.method.flatMap((step) => (step.equipment?.trim() ? [['equipment', step.equipment.trim().toLowerCase()]] : [])),
    ...linesOf(content).flatMap((line) => allergensOf(line.item).allergens.map((allergen) => ['allergen', allergen])),
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
