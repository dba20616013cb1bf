import { allergensOf, dietOf, SHIPPED_BOOK, type FactBook } from '../ingredients';
import type { Allergen, Diet, Needs } from '../allergens';
import { linesOf, type DishContent } from '../dish';
import { DISH_HAZARD_NAMES, dishHazards, type DishHazard } from '../rules';
import { sharedBy } from './dishAllergens';
import type { LineSubstitution } from '../substitution';

/** A student's need that a dish meets with something they must or will not eat. */
export interface NeedConflict {
  readonly studentId: string;
  readonly student: string;
  readonly editionId: string;
  readonly dish: string;
  readonly need: Allergen | Diet;
  /** Ingredients that have it, or may; a step that shares fat, board or water has no line. */
  readonly lines: readonly { readonly lineId: string | null; readonly item: string; readonly mayOnly: boolean }[];
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
        const lines: NeedConflict['lines'] = [
          ...served.flatMap(({ lineId, item }) => {
            const found = item ? hit(item) : null;
            return found ? [{ lineId, item, mayOnly: found === 'may' }] : [];
          }),
          ...(need === 'cooked through' ? notCookedThrough(content, book).map((item) => ({ lineId: null, item, mayOnly: false })) : []),
          ...content.method
            .filter(({ sharedWith }) => (sharedWith as readonly string[]).includes(need))
            .map((step) => ({ lineId: null, item: sharedBy(step), mayOnly: true })),
        ];
        return lines.length > 0 ? [{ studentId: id, student: name, editionId, dish: content.title, need, lines }] : [];
      };
      return [
        ...needs.allergens.flatMap((allergen) =>
          against(allergen, (item) => {
            const { allergens, mayContain } = allergensOf(item, book);
            return allergens.includes(allergen) ? 'has' : mayContain.includes(allergen) ? 'may' : null;
          }),
        ),
        ...needs.diets.flatMap((diet) =>
          against(diet, (item) => {
            const answer = dietOf(item, diet, book);
            return answer === 'against' ? 'has' : answer === 'perhaps' ? 'may' : null;
          }),
        ),
      ];
    }),
  );
}

/** What those at risk do not eat, whatever a code allows others. @source UK Food Standards Agency and FDA Food Code 3-801.11, highly susceptible people */
const NOT_FOR_THOSE_AT_RISK: readonly DishHazard[] = ['raw-egg', 'raw-fish-or-meat', 'sprouts-or-cut-melon'];
const SPROUTS = /\balfalfa\b|(?<!brussels )\bsprout(?:s|ed)?\b/i;

/** Components that are served below a rule on purpose, or hold something raw, by its words. */
function notCookedThrough(dish: DishContent, book: FactBook): readonly string[] {
  const hazards = new Map(dishHazards(dish, book).map((each) => [each.componentId, each.hazards]));
  return dish.components.flatMap(({ id, name, allowance, lines }) => {
    const called = name || 'the main list';
    const raw = (hazards.get(id) ?? []).filter(
      (hazard) =>
        NOT_FOR_THOSE_AT_RISK.includes(hazard) &&
        !(hazard === 'raw-fish-or-meat' && allowance) &&
        // Melon is kept cold; raw sprouts are not for them at all.
        (hazard !== 'sprouts-or-cut-melon' || lines.some(({ item }) => SPROUTS.test(item))),
    );
    return [
      ...(allowance ? [`${called}, served below the rule`] : []),
      ...raw.map((hazard) => `${hazard === 'sprouts-or-cut-melon' ? 'raw sprouts' : DISH_HAZARD_NAMES[hazard]} (${called})`),
    ];
  });
}
