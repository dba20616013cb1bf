import { distance } from 'fastest-levenshtein';
import type { EntityManager } from 'typeorm';
import { plain } from '@pelvo/core';
import { PAGE_SIZE, type DishQuery } from '@pelvo/contract';
import { gramsOf, NOT_KNOWN } from './dishIndex';

const WORDS_ASKED = 6;
const CANDIDATES = 40;

/** Letters that may be wrong in a word of this length. */
const slips = (word: string) => (word.length <= 3 ? 0 : word.length <= 5 ? 1 : 2);

/** Words the dishes hold that a typed word may stand for: what it begins, else what it nearly is. */
async function wordsLike(manager: EntityManager, typed: string): Promise<readonly string[]> {
  const begun = (await manager.query('SELECT DISTINCT word FROM dish_word WHERE word LIKE ? LIMIT ?', [`${typed}%`, CANDIDATES])) as {
    word: string;
  }[];
  if (begun.length > 0 || slips(typed) === 0) return begun.map(({ word }) => word);
  const grams = gramsOf(typed);
  const near = (await manager.query(
    'SELECT word, COUNT(*) AS shared FROM word_gram WHERE gram IN (?) GROUP BY word HAVING shared >= ? ORDER BY shared DESC LIMIT ?',
    [grams, Math.max(1, Math.floor(grams.length / 3)), CANDIDATES],
  )) as { word: string }[];
  return near
    .map(({ word }) => word)
    .filter((word) => distance(word.slice(0, typed.length + 1), typed) <= slips(typed) || distance(word, typed) <= slips(typed));
}

/** Ids of the dishes that fit, best first, and how many there are in all. */
export async function searchDishes(
  manager: EntityManager,
  query: DishQuery,
  archived: boolean,
): Promise<{ ids: readonly string[]; total: number }> {
  const typed = plain(query.search).split(' ').filter(Boolean).slice(0, WORDS_ASKED);
  const meant = await Promise.all(typed.map((word) => wordsLike(manager, word)));
  if (meant.some((words) => words.length === 0)) return { ids: [], total: 0 };

  const joins: string[] = [];
  const where = ['dish.archived = ?'];
  const joined: unknown[] = [];
  const filtered: unknown[] = [archived];
  meant.forEach((words, index) => {
    joins.push(
      `JOIN (SELECT dish_id, MAX(weight) AS weight FROM dish_word WHERE word IN (?) GROUP BY dish_id) w${index} ON w${index}.dish_id = dish.id`,
    );
    joined.push(words);
  });
  const facet = (kind: string, value: string) => {
    where.push('EXISTS (SELECT 1 FROM dish_facet f WHERE f.dish_id = dish.id AND f.kind = ? AND f.value = ?)');
    filtered.push(kind, value);
  };
  if (query.technique) facet('technique', query.technique);
  if (query.equipment) facet('equipment', query.equipment.toLowerCase());
  if (query.freeOf) {
    // A dish of which something is not known is claimed free of nothing.
    where.push("NOT EXISTS (SELECT 1 FROM dish_facet f WHERE f.dish_id = dish.id AND f.kind = 'allergen' AND f.value IN (?, ?))");
    filtered.push(query.freeOf, NOT_KNOWN);
  }
  if (query.preparation) where.push('dish.is_preparation');
  if (query.published) where.push('EXISTS (SELECT 1 FROM dish_edition e WHERE e.dish_id = dish.id)');
  if (query.within) {
    where.push('dish.minutes <= ?');
    filtered.push(query.within);
  }
  const best = meant.length > 0 ? `${meant.map((_, index) => `w${index}.weight`).join(' + ')} DESC, ` : '';
  const rows = (await manager.query(
    `SELECT dish.id, COUNT(*) OVER () AS total FROM dish ${joins.join(' ')} WHERE ${where.join(' AND ')} ORDER BY ${best}dish.title, dish.id LIMIT ? OFFSET ?`,
    [...joined, ...filtered, PAGE_SIZE, (query.page - 1) * PAGE_SIZE],
  )) as { id: string; total: string }[];
  return { ids: rows.map(({ id }) => id), total: Number(rows[0]?.total ?? 0) };
}
