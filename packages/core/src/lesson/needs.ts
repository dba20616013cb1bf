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
  const checked = new Set(dishes.map(({ editionId }) => editionId));
  return students.flatMap(({ id, name, needs }) =>
    dishes.flatMap(({ editionId, content }) => {
      // What is made in-house is checked by its own formula, where that is among the dishes.
      const bought = linesOf(content).filter((line) => !line.preparationEditionId || !checked.has(line.preparationEditionId));
      const served = bought.map((line) => {
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

/**
 * Allergens from ingredients up through components and sub-preparations. What is made in-house counts by its formula; one
 * whose formula is not at hand is unknown. "Free of" may be claimed only where `unknown` is empty.
 *
 * @param preparations - formulas of sub-preparations, by edition id
 */
export function dishAllergens(
  dishes: readonly DishContent[],
  { book = SHIPPED_BOOK, preparations = new Map() }: { book?: FactBook; preparations?: ReadonlyMap<string, DishContent> } = {},
): DishAllergens {
  const { items, unknown: missing } = itemsOf(dishes, preparations);
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
    unknown: [...missing, ...known.filter((entry) => !entry.known).map(({ item }) => item)],
  };
}

/** Every ingredient that is eaten with some dishes, and what was made from a formula that is not at hand. */
function itemsOf(dishes: readonly DishContent[], preparations: ReadonlyMap<string, DishContent>) {
  const items = new Set<string>();
  const unknown = new Set<string>();
  const followed = new Set<string>();
  const follow = (dish: DishContent) => {
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
  return { items: [...items], unknown: [...unknown] };
}
