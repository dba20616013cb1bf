import { SHIPPED_BOOK, type FactBook } from '../ingredients';
import { LABELLED } from './names';
import { headsAside } from './likeAround';
import { likenessOf } from './likeness';
import { mannerOf, type LineToSee } from './manner';
import { seenAt } from './seen';

/** What a line of a text is. */
export const ROLES = [
  'title',
  'yield',
  'ingredients',
  'method',
  'component',
  'line',
  'step',
  'tools',
  'tool',
  'note',
  'aside',
  'more',
] as const;
export type Role = (typeof ROLES)[number];

/** What can be seen of one line before anything is decided. */
export interface Look {
  /** As pasted, without what surrounds it. */
  readonly written: string;
  /** Without bullets, numbers and marks of headings. */
  readonly text: string;
  /** As an ingredient line would be read: the cells of a table put in order. */
  readonly asLine: string;
  readonly bullet: boolean;
  /** The number of a numbered step; 0 for a letter; null where there is none. */
  readonly number: number | null;
  /** Marked as a heading: by signs, capitals, a colon at its end. */
  readonly marked: boolean;
  readonly blankBefore: boolean;
  readonly blankAfter: boolean;
  /** Whether it opens something that is not the recipe: questions, aims, readers' comments. */
  readonly opensAside: boolean;
  /** Says of itself that it is the name of the dish: "Dish: …". */
  readonly labelled: boolean;
  /** How much it looks like each role, from what it says alone; more is likelier. */
  readonly like: Readonly<Record<Role, number>>;
}

/** What lines of a text look like, blank ones left out. `as` says what is known of one: an ingredient out of a row of them. */
export function looksOf(lines: readonly (LineToSee & { readonly as?: Role })[], book: FactBook = SHIPPED_BOOK): readonly Look[] {
  const manner = mannerOf(lines);
  return lines.map(({ as }, at) => {
    const seen = seenAt(lines, at, manner, book);
    const { written, text, asLine, bullet, number, marked, blankBefore, blankAfter, hour } = seen;
    return {
      written,
      text: hour ? `${hour.trim()} ${text}` : text,
      asLine,
      bullet,
      number,
      marked,
      blankBefore,
      blankAfter,
      opensAside: headsAside(seen),
      labelled: LABELLED.test(seen.bare),
      like: likenessOf(seen, as),
    };
  });
}
