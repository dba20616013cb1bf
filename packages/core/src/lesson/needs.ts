import { goesAgainst, allergensOf } from '../ingredients';
import type { Allergen, Diet, Needs } from '../allergens';
import { linesOf, type DishContent } from '../dish';

/** A student's need that a dish meets with something they must or will not eat. */
export interface NeedConflict {
  readonly student: string;
  readonly dish: string;
  readonly need: Allergen | Diet;
  readonly items: readonly string[];
}

/**
 * Where the dishes of a lesson go against what students may eat, by what is known of the ingredients. It can only warn:
 * an ingredient nobody knows is not claimed to be safe, and a maker's label decides.
 */
export function needConflicts(
  students: readonly { name: string; needs: Needs }[],
  dishes: readonly DishContent[],
): readonly NeedConflict[] {
  return students.flatMap(({ name, needs }) =>
    dishes.flatMap((dish) => {
      const items = [
        ...new Set(
          linesOf(dish)
            .map((line) => line.item)
            .filter(Boolean),
        ),
      ];
      const against = (need: Allergen | Diet, hit: (item: string) => boolean): NeedConflict[] => {
        const found = items.filter(hit);
        return found.length > 0 ? [{ student: name, dish: dish.title, need, items: found }] : [];
      };
      return [
        ...needs.allergens.flatMap((allergen) => against(allergen, (item) => allergensOf(item).allergens.includes(allergen))),
        ...needs.diets.flatMap((diet) => against(diet, (item) => goesAgainst(item, diet))),
      ];
    }),
  );
}

/** Items of the dishes about which nothing is known, so that no allergen can be ruled out. */
export function unknownItems(dishes: readonly DishContent[]): readonly string[] {
  const items = dishes.flatMap((dish) =>
    linesOf(dish)
      .map((line) => line.item)
      .filter(Boolean),
  );
  return [...new Set(items)].filter((item) => !allergensOf(item).known);
}
