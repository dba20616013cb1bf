import { isTold } from '../verbs';
import type { FactBook } from '../ingredients';
import { dittoed, FIRST_CELL, labelled, methodCell, PHASED, phasedRow, tabled, uncoded, uncounted, unquoted, unslid } from './asPasted';
import { cutAtCommas } from './inlineLists';
import type { Role } from './looks';
import type { LineToSee } from './manner';
import { countedSteps } from './measured';
import { LONGEST_NAME } from './names';
import { partsOfLine } from './partsOfLine';
import { METHOD_OF } from './sectionWords';
import { sideBySide } from './sideBySide';

/** A line of a text, or one of several things that stand in it, as it is judged. */
export interface LineApart extends LineToSee {
  /** Which line of the text it is, from 0. */
  readonly at: number;
  /** Which of several things in that line, from 0. */
  readonly part: number;
  /** What is known of it from where it stands. */
  readonly as?: Role;
}

/** How a person's word for a place is kept: by the line, and by which of several things in it. */
export const placeKey = ({ at, part }: Pick<LineApart, 'at' | 'part'>): string => (part === 0 ? `${at}` : `${at}.${part}`);

/** Said of a line with several things in it, these mean all of it: it is put together again. */
const OF_THE_WHOLE: ReadonlySet<Role> = new Set([
  'step',
  'note',
  'aside',
  'title',
  'yield',
  'method',
  'tools',
  'tool',
  'more',
  'ingredients',
]);

/**
 * A dish holds 200 lines, 80 steps and 20 components: a text of more lines than this becomes none that can be saved, whatever is
 * in it, and is refused with its number of lines as it stands. What comes after is not worth anybody's time.
 */
export const MOST_LINES_READ = 1000;

/** "40 g fish, 25 ml dressing, 5 drops oil." under "SERVICE": what lies on a plate was listed before. */
const onPlate = (before: string, raw: string): boolean =>
  /^\W*(?:(?:at )?service|(?:to )?plat(?:e|ing)(?: up)?|pick ?-?up|per plate|presentation|on the plate)\b\W*$/i.test(before) &&
  /,\s.*\.\s*$/.test(raw) &&
  raw.length < LONGEST_NAME;

/** "roasted grapes on toast 🍇 this took 20 min": the name of the dish before a picture, at the top of a post. */
const CAPTION = /^(\s*\p{L}[^.:!?\d]{5,60}?)\s*\p{Extended_Pictographic}[\p{Extended_Pictographic}\uFE0F\s]*(\p{Ll}.{6,160})$/u;
const captioned = (raw: string): readonly { readonly raw: string; readonly as: Role }[] => {
  const [, name = '', more = ''] = CAPTION.exec(raw)!;
  return [
    { raw: name, as: 'title' },
    { raw: more, as: 'aside' },
  ];
};

/** "Mushroom stroganoff #weeknight #vegetarian" at the top of a post. */
const TAGGED = /^(\s*\p{L}[^#]{4,80}?)((?:\s+#[\p{L}\d]+)+)\s*$/u;
const tagsApart = (raw: string): readonly { readonly raw: string; readonly as?: Role }[] => {
  const [, name = '', tags = ''] = TAGGED.exec(raw)!;
  return [{ raw: name }, { raw: tags, as: 'aside' }];
};

/** "Ingredients.—1 pint of beans, 2 ozs. of flour,": as old books head what follows in the same line. */
const RUN_IN = /^\s*(ingredients|method|mode|directions)\s?\.?\s?[—–]\s?(?=\S)/i;
const runInParts = (
  raw: string,
  head: RegExpExecArray | null,
  before: string,
  book: FactBook,
): readonly { readonly raw: string; readonly as?: Role }[] => {
  const [said = '', word = ''] = head ?? [];
  const rest = raw.slice(said.length).trim();
  if (word && !/^ingr/i.test(word)) return [{ raw: 'Method', as: 'method' }, { raw: rest }];
  // What stands between two commas goes on behind the width of the page.
  const goesOn = !word && !/[,.;]\s*$/.test(before);
  const pieces = cutAtCommas(rest.replace(/[.,;]\s*$/, ''), book).filter(Boolean);
  return [
    ...(word ? [{ raw: 'Ingredients', as: 'ingredients' as const }] : []),
    ...pieces.map((piece, at) => ({ raw: piece, as: at === 0 && goesOn ? ('more' as const) : ('line' as const) })),
  ];
};

/**
 * A text taken apart into what is judged line by line: without what a mail, a chat or a table put around it, columns under one another,
 * and lists that stand in one line each in lines of their own. Blank lines are left out.
 *
 * @param said - what a person said that a line is, by `placeKey`: a line that is one thing is not taken apart
 */
export function linesApart(text: string, book: FactBook, said: ReadonlyMap<string, Role> | undefined): readonly LineApart[] {
  const all = sideBySide(uncoded(uncounted(tabled(dittoed(labelled(unslid(unquoted(text.replace(/\r\n?/g, '\n').split('\n')))))))), book);
  const kept: { raw: string; at: number; part: number; blankBefore: boolean; blankAfter: boolean; as?: Role }[] = [];
  const partsOf = new Map<number, number>();
  let blank = true;
  let phased = false;
  let runsIn = false;
  let methodAt: number | null = null;
  const counted = countedSteps(all.map(({ raw }) => raw));
  for (const [row, { raw, at, as }] of all.entries()) {
    if (kept.length >= MOST_LINES_READ) break;
    if (!raw.trim()) {
      blank = true;
      if (kept.length > 0) kept[kept.length - 1]!.blankAfter = true;
      continue;
    }
    const told = said?.get(`${at}`);
    if (blank) runsIn = false;
    // "Method – flatbreads" heads the method of a part.
    const ran = RUN_IN.exec(raw);
    const head = ran && METHOD_OF.test(raw.trim()) && !isTold(raw.slice(ran[0].length)) ? null : ran;
    if (head) runsIn = /^\W*ingr/i.test(raw);
    const heads = raw.length < LONGEST_NAME && PHASED.test(raw);
    phased = heads || (phased && /[|\t]/.test(raw));
    if (heads) methodAt = methodCell(raw);
    const inPhase = heads ? [{ raw: `|${raw.replace(FIRST_CELL, '')}` }] : phased ? phasedRow(raw, methodAt) : null;
    const parts =
      told && OF_THE_WHOLE.has(told)
        ? [{ raw }]
        : as
          ? [{ raw, as }]
          : (inPhase ??
            (head || runsIn
              ? runInParts(raw, head, all[row - 1]?.raw ?? '', book)
              : counted.has(row)
                ? [{ raw }]
                : kept.length === 0 && TAGGED.test(raw)
                  ? tagsApart(raw)
                  : kept.length === 0 && CAPTION.test(raw)
                    ? captioned(raw)
                    : onPlate(all[row - 1]?.raw ?? '', raw)
                      ? [{ raw, as: 'step' as const }]
                      : partsOfLine(raw, book)));
    for (const [index, each] of parts.entries()) {
      const part = partsOf.get(at) ?? 0;
      partsOf.set(at, part + 1);
      kept.push({ ...each, at, part, blankBefore: index === 0 && blank, blankAfter: false });
    }
    blank = false;
  }
  return kept;
}
