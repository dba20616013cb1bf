import type { ReadFileOptions } from './readFile';
import { DISH_LIMITS, EMPTY_COMPONENT, EMPTY_DISH, linesOf, type DishContent } from '../dish';
import { minutesIn } from '../quantity';
import { readLine, stepFrom } from '../reading';
import { plainText } from './plainText';

/** Nesting beyond this is not a recipe. */
const DEPTH = 12;

type Json = null | boolean | number | string | readonly Json[] | { readonly [key: string]: Json };
type JsonObject = { readonly [key: string]: Json };

const isObject = (value: Json | undefined): value is JsonObject => typeof value === 'object' && value !== null && !Array.isArray(value);
const list = (value: Json | undefined): readonly Json[] =>
  value === undefined || value === null ? [] : Array.isArray(value) ? (value as readonly Json[]) : [value as Json];

function isRecipe(value: JsonObject): boolean {
  return list(value['@type']).some((type) => typeof type === 'string' && /(?:^|[/#:])Recipe$/.test(type));
}

/** Every schema.org Recipe in a JSON-LD document, in `@graph` and lists too, to a bounded depth. */
export function recipesIn(value: Json, depth = 0): readonly JsonObject[] {
  if (depth > DEPTH) return [];
  if (Array.isArray(value)) return (value as readonly Json[]).flatMap((each) => recipesIn(each, depth + 1));
  if (!isObject(value)) return [];
  if (isRecipe(value)) return [value];
  return [value['@graph'], value.mainEntity, value.itemListElement, value.item].flatMap((each) =>
    each === undefined ? [] : recipesIn(each, depth + 1),
  );
}

function textOf(value: Json | undefined): string {
  if (typeof value === 'string') return plainText(value);
  if (typeof value === 'number') return String(value);
  if (isObject(value)) return textOf(value.text ?? value.name);
  return '';
}

/** Minutes of an ISO 8601 duration such as `PT1H20M`; null when it is none. */
export function minutesOfDuration(text: string): number | null {
  const match = /^P(?:(\d{1,3})D)?(?:T(?:(\d{1,4})H)?(?:(\d{1,5})M)?(?:\d+S)?)?$/.exec(text.trim());
  if (!match) return null;
  const total = Number(match[1] ?? 0) * 1440 + Number(match[2] ?? 0) * 60 + Number(match[3] ?? 0);
  return total > 0 ? total : null;
}

function stepsOf(value: Json | undefined, depth = 0): readonly { text: string; minutes: number | null }[] {
  if (depth > DEPTH) return [];
  return list(value).flatMap((each) => {
    if (isObject(each) && each.itemListElement !== undefined) return stepsOf(each.itemListElement, depth + 1);
    if (typeof each === 'string' && depth === 0) {
      return plainTextLines(each).map((text) => ({ text, minutes: minutesIn(text) }));
    }
    const text = textOf(each);
    const timed = isObject(each) ? minutesOfDuration(textOf(each.performTime ?? each.totalTime)) : null;
    return text ? [{ text, minutes: timed ?? minutesIn(text) }] : [];
  });
}

function plainTextLines(text: string): readonly string[] {
  return text
    .split(/\r?\n|<\/?(?:p|li|br|div)[^<>]*>/i)
    .map(plainText)
    .filter(Boolean);
}

function portionsOf(value: Json | undefined): number | null {
  for (const each of list(value)) {
    const number = /\d{1,3}/.exec(textOf(each));
    if (number && Number(number[0]) > 0) return Number(number[0]);
  }
  return null;
}

/** A dish from a schema.org Recipe. Every field is taken as text: HTML in it is stripped, and it is never trusted. */
export function dishOfRecipe(
  recipe: JsonObject,
  { newId, book }: Pick<ReadFileOptions, 'newId' | 'book'>,
): { content: DishContent; portionsSaid: boolean } {
  const portions = portionsOf(recipe.recipeYield ?? recipe.yield);
  const lines = list(recipe.recipeIngredient ?? recipe.ingredients)
    .map(textOf)
    .filter(Boolean)
    .slice(0, DISH_LIMITS.lines);
  return {
    portionsSaid: portions !== null,
    content: {
      ...EMPTY_DISH,
      title: textOf(recipe.name).slice(0, DISH_LIMITS.title),
      portions: portions ?? 4,
      components: [
        {
          ...EMPTY_COMPONENT,
          id: newId(),
          lines: lines.map((line) => ({ id: newId(), ...readLine(line.slice(0, DISH_LIMITS.text), book) })),
        },
      ],
      method: stepsOf(recipe.recipeInstructions)
        .slice(0, DISH_LIMITS.steps)
        .map(({ text, minutes }) => stepFrom(newId(), text.slice(0, DISH_LIMITS.text), [], minutes)),
    },
  };
}

/** A dish as a schema.org Recipe (JSON-LD), for others to read. */
export function recipeJsonLd(dish: DishContent): JsonObject {
  const minutes = dish.method.reduce((total, step) => total + (step.minutes ?? 0), 0);
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: dish.title,
    recipeYield: `${dish.portions} portions`,
    ...(minutes > 0 ? { totalTime: `PT${minutes}M` } : {}),
    recipeIngredient: linesOf(dish).map((line) => line.written || line.item),
    recipeInstructions: dish.method.map((step) => ({
      '@type': 'HowToStep',
      text: step.text,
      ...(step.minutes ? { performTime: `PT${step.minutes}M` } : {}),
    })),
  };
}
