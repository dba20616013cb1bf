import type { Level } from './levels';
import type { Marks, RubricContent } from './types';

/** Where nothing is known of a class yet. */
const FIRST_USUAL: Level = 3;

/**
 * The level at which most dishes of a class lie, criterion by criterion: the median of those that are marked, the lower one where two are in
 * the middle, so that nobody is marked up unseen. Criteria that cap a dish have none: they are judged by looking, never with the rest.
 *
 * @param dishes - marks in force of the other dishes of the lesson
 */
export function usualLevels(rubric: RubricContent, dishes: readonly Marks[]): ReadonlyMap<string, Level> {
  return new Map(
    rubric.criteria.flatMap(({ key, kind }): [string, Level][] => {
      if (kind !== 'levels') return [];
      const levels = dishes
        .flatMap((marks): Level[] => {
          const value = marks[key];
          return value?.kind === 'level' ? [value.level] : [];
        })
        .sort((a, b) => a - b);
      return [[key, levels[Math.floor((levels.length - 1) / 2)] ?? FIRST_USUAL]];
    }),
  );
}
