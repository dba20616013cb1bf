import { typedValue } from '@pelvo/core';
import type { Cut, CutSet } from '@pelvo/core';

export const MEASURES = [
  ['thickness', 'Thick'],
  ['width', 'Wide'],
  ['length', 'Long'],
  ['tolerance', '± side'],
  ['lengthTolerance', '± long'],
] as const;
type Measure = (typeof MEASURES)[number][0];

/** A cut as it is typed: what is not a number yet stays as it stands. */
export type CutDraft = Omit<Cut, Measure> & Readonly<Record<Measure, string>>;

export interface SetDraft {
  readonly name: string;
  readonly about: string;
  readonly cuts: readonly CutDraft[];
}

export function draftOf(set: CutSet | null): SetDraft {
  return {
    name: set?.name ?? '',
    about: set?.about ?? '',
    cuts: (set?.cuts ?? []).map((cut) => ({
      ...cut,
      ...(Object.fromEntries(MEASURES.map(([field]) => [field, String(cut[field])])) as Record<Measure, string>),
    })),
  };
}

/** The cut that was typed. What is no number goes as it was typed, so that the server names the field. */
export function cutOf(draft: CutDraft): Cut {
  const value = (text: string) => {
    const number = typedValue(text);
    return text.trim() === '' || !Number.isFinite(number) ? (text as unknown as number) : number;
  };
  return { ...draft, ...(Object.fromEntries(MEASURES.map(([field]) => [field, value(draft[field])])) as Record<Measure, number>) };
}
