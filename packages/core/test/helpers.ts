import { readRecipe, toDish, type DishContent, type IngredientLine, type MakingPlan } from '../src';

/** A dish read from text, with ids l1, l2, … in order of appearance. */
export function dishFrom(text: string, portions = 4): DishContent {
  let next = 0;
  return toDish(readRecipe(text), { newId: () => `i${(next += 1)}`, portions, techniques: [] });
}

export function withLine(dish: DishContent, item: string, change: Partial<IngredientLine>): DishContent {
  return {
    ...dish,
    components: dish.components.map((component) => ({
      ...component,
      lines: component.lines.map((line) => (line.item === item ? { ...line, ...change } : line)),
    })),
  };
}

export const ALONE: MakingPlan = {
  students: 6,
  teamSize: 1,
  portionsATeam: 2,
  demonstrationPortions: 0,
  referencePlates: 0,
  tastingPortions: 0,
  spareMakings: 0,
};
