import { placeKey, readRecipe, toDish, type DishContent, type FactBook, type IngredientLine, type ReadPlace, type Role } from '@pelvo/core';
import type { TechniqueSummary } from '@pelvo/contract';

/** Corrections a person made to readings, by the line as written. */
export type Corrections = Readonly<Record<string, IngredientLine>>;
/** What a person says that lines of the text are, by the line as written and which of several alike it is. */
export type SaidRoles = Readonly<Record<string, Role>>;

/** Portions taken until a person says otherwise, when a text does not say. */
export const ASSUMED_PORTIONS = 4;

/** One line of the text, with what it was taken for. */
export interface SourceLine extends ReadPlace {
  /** Under which a person's word for it is kept. */
  readonly key: string;
  /** The line, step or component it became; null where it is none of these. */
  readonly id: string | null;
  /** Whether a person said what it is. */
  readonly said: boolean;
}

export interface Draft {
  readonly content: DishContent;
  /** False when the text did not say how many it serves. */
  readonly portionsSaid: boolean;
  readonly source: readonly SourceLine[];
  /** The line where a second recipe seems to begin. */
  readonly secondAt: number | null;
  /** The line from which on nothing was read, since the text is longer than any recipe. */
  readonly unreadFrom: number | null;
}

interface DraftBy {
  readonly techniques: readonly TechniqueSummary[];
  readonly corrections: Corrections;
  readonly said?: SaidRoles;
  readonly book?: FactBook;
}

/**
 * The dish a text reads as, with a person's corrections laid over it. Ids follow from what is written, so that typing
 * above a line neither moves its correction nor breaks a percentage that follows it.
 */
export function readDraft(text: string, { techniques, corrections, said = {}, book }: DraftBy): Draft {
  const keys = keysOf(text);
  const keyOf = ({ at, part }: Pick<ReadPlace, 'at' | 'part'>) => `${keys.get(at)!}${part === 0 ? '' : `/${part}`}`;
  const lineOf = new Map([...keys].map(([at, key]) => [key, at]));
  const roles = new Map(
    Object.entries(said).flatMap(([key, role]) => {
      const [, line = key, part = '0'] = lineOf.has(key) ? [] : (/^(.*)\/(\d{1,3})$/s.exec(key) ?? []);
      const at = lineOf.get(line);
      return at === undefined ? [] : [[placeKey({ at, part: Number(part) }), role] as const];
    }),
  );
  const reading = readRecipe(text, { book, said: roles });
  let next = 0;
  const content = toDish(reading, { newId: () => `n${(next += 1)}`, portions: ASSUMED_PORTIONS, techniques });
  const idOf = counted((written) => `l${hash(written)}`);
  const components = content.components.map((component) => ({
    ...component,
    lines: component.lines.map((line) => {
      const id = idOf(line.written);
      return { ...(corrections[line.written] ?? line), id };
    }),
  }));
  const linked = ({ role, component, index }: ReadPlace): string | null => {
    if (component !== null && role === 'component') return components[component]?.id ?? null;
    if (index === null) return null;
    const step = content.method[index]?.id ?? null;
    return role === 'step' ? step : role === 'line' ? (components[component!]?.lines[index]?.id ?? null) : null;
  };
  let before: string | null = null;
  return {
    portionsSaid: reading.portions !== null,
    secondAt: reading.secondAt,
    unreadFrom: reading.unreadFrom,
    content: { ...content, components },
    source: reading.places.map((place) => {
      const id = place.role === 'more' ? before : linked(place);
      before = id;
      const key = keyOf(place);
      return { ...place, key, id, said: key in said };
    }),
  };
}

/** Lines of a text that are not blank, by their number, each under a key of its own. */
function keysOf(text: string): ReadonlyMap<number, string> {
  const keyOf = counted((written) => written);
  return new Map(
    text
      .replace(/\r\n?/g, '\n')
      .split('\n')
      .flatMap((line, at) => (line.trim() ? [[at, keyOf(line.trim().slice(0, 200))] as const] : [])),
  );
}

/** A key for each text; equal ones are numbered. */
function counted(of: (text: string) => string): (text: string) => string {
  const seen = new Map<string, number>();
  return (text) => {
    const count = (seen.get(text) ?? 0) + 1;
    seen.set(text, count);
    return `${of(text)}${count > 1 ? `-${count}` : ''}`;
  };
}

/** FNV-1a, 32 bits, in base 36: short ids, not secrets. */
function hash(text: string): string {
  let value = 0x811c9dc5;
  for (let index = 0; index < text.length; index += 1) value = Math.imul(value ^ text.charCodeAt(index), 0x01000193) >>> 0;
  return value.toString(36);
}
