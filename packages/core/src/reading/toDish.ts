import type { DishContent } from '../dish/types';
import type { RecipeReading } from './readRecipe';
import { stepFrom } from './stepFrom';

export interface ToDishOptions {
  /** A new id for each component, line and step. */
  readonly newId: () => string;
  /** Used when the text does not say how many it serves. */
  readonly portions: number;
  /** Techniques whose words are looked for in the method. */
  readonly techniques: readonly { readonly id: string; readonly words: readonly string[] }[];
}

/** A dish drafted from a reading: ids given, techniques suggested for each step. */
export function toDish(reading: RecipeReading, options: ToDishOptions): DishContent {
  const { newId, techniques } = options;
  return {
    title: reading.title,
    portions: reading.portions ?? options.portions,
    gives: null,
    components: reading.components.map((component) => ({
      id: newId(),
      name: component.name,
      lines: component.lines.map((line) => ({ id: newId(), ...line })),
    })),
    method: reading.method.map((step) => stepFrom(newId(), step.text, techniques, step.minutes)),
  };
}
