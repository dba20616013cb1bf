import { allergensOf, goesAgainst, SHIPPED_BOOK, type FactBook } from '../ingredients';
import type { Allergen, Diet, Needs } from '../allergens';
import { linesOf, type DishContent } from '../dish';
import type { LineSubstitution } from '../substitution';

/** A student's need that a dish meets with something they must or will not eat. */
export interface NeedConflict {
  readonly studentId: string;
  readonly student: string;
  readonly editionId: string;
  readonly dish: string;
  readonly need: Allergen | Diet;
  readonly lines: readonly { readonly lineId: string; readonly item: string; readonly mayOnly: boolean }[];
}

export interface NeedsOf {
  readonly id: string;
  readonly name: string;
  readonly needs: Needs;
}

export interface DishToCheck {
  readonly editionId: string;
  readonly content: DishContent;
}

/**
 * Where the dishes of a lesson go against what students may eat, by what is known of the ingredients, after what has been
 * substituted for everyone. It can only warn: an ingredient nobody knows is not claimed to be safe, and a maker's label
 * decides.
 */
export function needConflicts(
  students: readonly NeedsOf[],
  dishes: readonly DishToCheck[],
  { book = SHIPPED_BOOK, substitutions = [] }: { book?: FactBook; substitutions?: readonly LineSubstitution[] } = {},
): readonly NeedConflict[] {
  return students.flatMap(({ id, name, needs }) =>
    dishes.flatMap(({ editionId, content }) => {
      const served = linesOf(content).map((line) => {
        const swap = substitutions.find((each) => each.editionId === editionId && each.lineId === line.id && each.makings === 'all');
        return { lineId: line.id, item: swap?.item ?? line.item };
      });
      const against = (need: Allergen | Diet, hit: (item: string) => 'has' | 'may' | null): NeedConflict[] => {
        const lines = served.flatMap(({ lineId, item }) => {
          const found = item ? hit(item) : null;
          return found ? [{ lineId, item, mayOnly: found === 'may' }] : [];
        });
        return lines.length > 0 ? [{ studentId: id, student: name, editionId, dish: content.title, need, lines }] : [];
      };
      return [
        ...needs.allergens.flatMap((allergen) =>
          against(allergen, (item) => {
            const { allergens, mayContain } = allergensOf(item, book);
            return allergens.includes(allergen) ? 'has' : mayContain.includes(allergen) ? 'may' : null;
          }),
        ),
        ...needs.diets.flatMap((diet) => against(diet, (item) => (goesAgainst(item, diet, book) ? 'has' : null))),
      ];
    }),
  );
}

/** What a dish contains, may contain, and of which items nothing is known. */
export interface DishAllergens {
  readonly contains: readonly { readonly allergen: Allergen; readonly items: readonly string[] }[];
  readonly mayContain: readonly { readonly allergen: Allergen; readonly items: readonly string[] }[];
  readonly unknown: readonly string[];
}

/** Allergens from ingredients up through components and sub-preparations. "Free of" is claimed only where `unknown` is empty. */
export function dishAllergens(dishes: readonly DishContent[], book: FactBook = SHIPPED_BOOK): DishAllergens {
  const items = [...new Set(dishes.flatMap((dish) => linesOf(dish).map((line) => line.item)))].filter(Boolean);
  const known = items.map((item) => ({ item, ...allergensOf(item, book) }));
  const gather = (pick: (entry: (typeof known)[number]) => readonly Allergen[]) => {
    const found = new Map<Allergen, string[]>();
    for (const entry of known) for (const allergen of pick(entry)) found.set(allergen, [...(found.get(allergen) ?? []), entry.item]);
    return [...found].map(([allergen, from]) => ({ allergen, items: from }));
  };
  const contains = gather((entry) => entry.allergens);
  return {
    contains,
    mayContain: gather((entry) => entry.mayContain).filter(({ allergen }) => !contains.some((other) => other.allergen === allergen)),
    unknown: known.filter((entry) => !entry.known).map(({ item }) => item),
  };
}
