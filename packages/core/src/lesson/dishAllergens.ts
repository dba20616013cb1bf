import { shortened } from '../text';
import { allergensOf, SHIPPED_BOOK, type FactBook } from '../ingredients';
import type { Allergen } from '../allergens';
import { linesOf } from '../dish/types';
import type { DishContent, MethodStep } from '../dish/types';

export interface AllergenFrom {
  readonly allergen: Allergen;
  /** Ingredients, or the step that shares fat, board or water. */
  readonly items: readonly string[];
}

/** What a dish contains, may contain, and what of it is not known. */
export interface DishAllergens {
  readonly contains: readonly AllergenFrom[];
  readonly mayContain: readonly AllergenFrom[];
  /** Ingredients, or words of them, that no fact covers. */
  readonly notKnown: readonly string[];
  /** Made ingredients whose label says what they hold. */
  readonly labels: readonly string[];
}

export interface DishAllergensBy {
  readonly book?: FactBook;
  /** Formulas of sub-preparations, by edition id. */
  readonly preparations?: ReadonlyMap<string, DishContent>;
}

/**
 * Allergens from ingredients up through components and sub-preparations. What is made in-house counts by its formula; one
 * whose formula is not at hand is not known. "Free of" may be claimed only where `notKnown` and `labels` are empty.
 */
export function dishAllergens(
  dishes: readonly DishContent[],
  { book = SHIPPED_BOOK, preparations = new Map() }: DishAllergensBy = {},
): DishAllergens {
  const { items, unknown, steps } = eatenWith(dishes, preparations);
  const known = items.map((item) => ({ item, ...allergensOf(item, book) }));
  const contains = gathered(known.flatMap(({ item, allergens }) => allergens.map((allergen) => ({ allergen, item }))));
  const may = gathered([
    ...known.flatMap(({ item, mayContain }) => mayContain.map((allergen) => ({ allergen, item }))),
    ...steps.flatMap((step) => step.sharedWith.map((allergen) => ({ allergen, item: sharedBy(step) }))),
  ]);
  return {
    contains,
    mayContain: may.filter(({ allergen }) => !contains.some((other) => other.allergen === allergen)),
    notKnown: [
      ...unknown,
      ...known.flatMap(({ item, known: how, notKnown }) =>
        how === 'not known' ? [item] : notKnown.length > 0 ? [`${notKnown.join(' ')} in "${item}"`] : [],
      ),
    ],
    labels: known.flatMap(({ item, labels }) => (labels.length > 0 ? [item] : [])),
  };
}

/** A step that shares its fat, board or water, as it is named beside ingredients. */
export const sharedBy = ({ text }: MethodStep): string => {
  const short = shortened(text, 48);
  return `what is shared in "${short}"`;
};

function gathered(found: readonly { readonly allergen: Allergen; readonly item: string }[]): AllergenFrom[] {
  const byAllergen = new Map<Allergen, string[]>();
  for (const { allergen, item } of found) byAllergen.set(allergen, [...(byAllergen.get(allergen) ?? []), item]);
  return [...byAllergen].map(([allergen, items]) => ({ allergen, items: [...new Set(items)] }));
}

/** Every ingredient that is eaten with some dishes, every step they are made by, and what was made from a formula that is not at hand. */
function eatenWith(dishes: readonly DishContent[], preparations: ReadonlyMap<string, DishContent>) {
  const items = new Set<string>();
  const unknown = new Set<string>();
  const steps: MethodStep[] = [];
  const followed = new Set<string>();
  const follow = (dish: DishContent) => {
    steps.push(...dish.method);
    for (const line of linesOf(dish)) {
      const made = line.preparationEditionId;
      if (made && preparations.has(made)) {
        if (!followed.has(made)) {
          followed.add(made);
          follow(preparations.get(made)!);
        }
      } else if (made) unknown.add(`${line.item}, made in-house`);
      else if (line.componentId) continue;
      else if (line.item) items.add(line.item);
      else unknown.add(line.written);
    }
  };
  dishes.forEach(follow);
  return { items: [...items], unknown: [...unknown], steps };
}
