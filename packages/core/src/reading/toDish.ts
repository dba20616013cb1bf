import { DISH_LIMITS, EMPTY_COMPONENT, type DishContent } from '../dish/types';
import { exact, exactText } from '../exact';
import { PER_PLATE, type LineReading } from './readLine';
import type { RecipeReading } from './readRecipe';
import type { TechniqueWords } from '../technique';
import { stepFrom } from './stepFrom';

export interface ToDishOptions {
  /** A new id for each component, line and step. */
  readonly newId: () => string;
  /** Used when the text does not say how many it serves. */
  readonly portions: number;
  /** Techniques whose words are looked for in the method. */
  readonly techniques: readonly TechniqueWords[];
}

/** A dish drafted from a reading: ids given, techniques suggested for each step. */
export function toDish(reading: RecipeReading, options: ToDishOptions): DishContent {
  const { newId, techniques } = options;
  const ids = reading.components.map(() => newId());
  return {
    title: reading.title,
    portions: reading.portions ?? options.portions,
    gives: reading.gives ? { amount: reading.gives } : null,
    measures: 'labelling',
    plate: [],
    tools: reading.tools.slice(0, DISH_LIMITS.tools).map((tool) => tool.slice(0, 120)),
    notes: reading.notes.slice(0, DISH_LIMITS.notes).map((note) => note.slice(0, 500)),
    components: reading.components.map((component, index) => ({
      id: ids[index]!,
      ...EMPTY_COMPONENT,
      name: component.name,
      gives: component.gives,
      lines: component.lines.map((line) => ({ id: newId(), ...forAllPlates(line, reading.portions) })),
    })),
    method: reading.method.map((step) => ({
      ...stepFrom(newId(), step.text, techniques, step.minutes),
      componentId: step.component === null ? null : (ids[step.component] ?? null),
    })),
  };
}

/** A line written per plate becomes one for the whole making, once it is known how many that serves. */
function forAllPlates(line: LineReading, portions: number | null): LineReading {
  if (!line.amount || portions === null || !line.note.split('; ').includes(PER_PLATE)) return line;
  const times = (value: string) => exactText(exact(value).mul(portions));
  const doubts = line.doubts.filter((doubt) => doubt.code !== 'per-plate');
  return {
    ...line,
    amount: { ...line.amount, min: times(line.amount.min), max: times(line.amount.max) },
    doubts,
    certainty: line.certainty === 'doubtful' && doubts.length === 0 ? 'sure' : line.certainty,
  };
}
