import { readRecipe, toDish, type DishContent, type FactBook, type IngredientLine } from '@pelvo/core';
import type { TechniqueSummary } from '@pelvo/contract';

/** Corrections a person made to readings, by the line as written. */
export type Corrections = Readonly<Record<string, IngredientLine>>;

/** Portions taken until a person says otherwise, when a text does not say. */
export const ASSUMED_PORTIONS = 4;

export interface Draft {
  readonly content: DishContent;
  /** False when the text did not say how many it serves. */
  readonly portionsSaid: boolean;
}

/**
 * The dish a text reads as, with a person's corrections laid over it. Ids follow from what is written, so that typing
 * above a line neither moves its correction nor breaks a percentage that follows it.
 */
export function readDraft(
  text: string,
  { techniques, corrections, book }: { techniques: readonly TechniqueSummary[]; corrections: Corrections; book?: FactBook },
): Draft {
  const reading = readRecipe(text, book);
  let next = 0;
  const content = toDish(reading, { newId: () => `n${(next += 1)}`, portions: ASSUMED_PORTIONS, techniques });
  const seen = new Map<string, number>();
  const idOf = (written: string) => {
    const count = (seen.get(written) ?? 0) + 1;
    seen.set(written, count);
    return `l${hash(written)}${count > 1 ? `-${count}` : ''}`;
  };
  return {
    portionsSaid: reading.portions !== null,
    content: {
      ...content,
      components: content.components.map((component) => ({
        ...component,
        lines: component.lines.map((line) => {
          const id = idOf(line.written);
          return { ...(corrections[line.written] ?? line), id };
        }),
      })),
    },
  };
}

/** FNV-1a, 32 bits, in base 36: short ids, not secrets. */
function hash(text: string): string {
  let value = 0x811c9dc5;
  for (let index = 0; index < text.length; index += 1) value = Math.imul(value ^ text.charCodeAt(index), 0x01000193) >>> 0;
  return value.toString(36);
}
