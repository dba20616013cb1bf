import { showMeasure } from '../figure/measure';
import { HOUSE_PREFERENCES, type Preferences } from '../preferences';
import type { ENGLISH, Speaker } from './english';
import { ENGLISH as CATALOG } from './english';

type Catalog = typeof ENGLISH;
type ValuesOf<K extends keyof Catalog> = Catalog[K] extends () => string ? Record<never, never> : Parameters<Catalog[K]>[0];

/** Something the core says: a code with its values, so that nothing is decided by reading words. */
export type Said = { readonly [K in keyof Catalog]: { readonly code: K } & Readonly<ValuesOf<K>> }[keyof Catalog];

export type SaidCode = keyof Catalog;

/**
 * Puts something said into words, for a person's preferences. A page that was loaded before the server was replaced may be told what it
 * has no words for yet: its code is said then, which reads as a hint, and the page stands.
 *
 * @example words({ code: 'making.team', count: 14, each: 'student' }) // '14 students'
 */
export function words(said: Said, preferences: Preferences = HOUSE_PREFERENCES): string {
  const speaker: Speaker = { show: (value) => showMeasure(value, preferences), say: (inner) => words(inner as Said, preferences) };
  const say = CATALOG[said.code] as ((values: Said, speaker: Speaker) => string) | undefined;
  return say ? say(said, speaker) : String(said.code).replace(/[-.]/g, ' ');
}

/** What a person wrote, or what stands on a card, said as it is. */
export const text = (written: string): Said => ({ code: 'text', text: written });

export { figureInWords, referenceInWords, rowInLine, shownOf, type FigureInWords, type RowInWords } from './figureInWords';

/** Something that cannot be taken: what is wrong, and what to do about it. */
export interface Refused {
  readonly problem: Said;
  readonly remedy: Said;
}

/** A refusal of one field. */
export interface FieldRefused extends Refused {
  readonly field: string;
}

/** A refusal as it is sent and shown: field, problem and remedy in words. */
export const refusedInWords = <R extends Refused>(refused: R, preferences: Preferences = HOUSE_PREFERENCES) => ({
  ...refused,
  problem: words(refused.problem, preferences),
  remedy: words(refused.remedy, preferences),
});
