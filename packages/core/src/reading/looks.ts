import { SHIPPED_BOOK, type FactBook } from '../ingredients';
import { heatsIn, timesIn, unitOf } from '../quantity';
import { columnUnits, fromCells, isTableHead } from './cells';
import { isMeasured, numberedBoxes } from './measured';
import { readAmount } from './readAmount';
import { isTold, verbsIn } from '../verbs';
import {
  INGREDIENTS,
  LETTERED,
  METHOD,
  NUMBERED,
  STEP_ALONE,
  TO_FILL_IN,
  TO_PLATE,
  TOOLS,
  TOOL,
  TOOL_LAST,
  NOTE,
  KEEPING,
  ASIDE,
  AMOUNT_BEHIND,
  AROUND,
  BULLET,
  BY_EYE_BEHIND,
  COMPONENT_WORDS,
  COUNT_BEHIND,
  FOR_WORK,
  ASIDE_HEADS,
  SEASONING,
  SIGN_OFF,
  TO_TASTE,
  RUNNING_HEAD,
} from './sectionWords';
import { yieldSaid } from './yields';

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
  /** How much it looks like each role, from what it says alone; more is likelier. */
  readonly like: Readonly<Record<Role, number>>;
}

const FOR_THE = /^(?:for|to make|making)\s+(?:the\s+|an?\s+)?[^,\d]{2,60}:?$/i;
const PART = /^(?:part|component|stage|section)\s+(?:\d+|[A-Z])\b\s*[:.–-]?|^[A-H][.)]\s+(?=\p{Lu})|^\d\s*[.)]\s*(?=for the\b)/iu;
const CAPS = /^(?=.*\p{Lu}{2})[^\p{Ll}]{3,60}$/u;
/** "9.40  Peel and slice the pears": the hour a step begins at. */
const CLOCK = /^\d{1,2}[.:]\d{2}\s+(?:[-–]\s*\d{1,2}[.:]\d{2}\s+)?(?=\p{L})/u;
const BARE_NUMBER = /^(\d{1,2})\s+(?=\p{L})/u;
const MARKS = /^(?:#{1,6}\s+|>\s*)+|^\*\*(?=.*\*\*$)|^__(?=.*__$)|^[*_](?=[^*_]+[*_]$)|[*_]{1,2}$/g;

const isSentence = (line: string): boolean => /[.!]$/.test(line) && line.split(' ').length >= 3;
/** "Salt ........ 1 tsp" */
const LEADERS = /^(\p{L}.{1,60}?)\s*(?:\.{3,}|…{2,}|(?:\. ){3,})\s*(\S.{0,30})$/u;
const ZERO: Readonly<Record<Role, number>> = {
  title: 0,
  yield: -6,
  ingredients: -8,
  method: -8,
  component: -2,
  line: 0,
  step: 0,
  tools: -8,
  tool: -3,
  note: -1.5,
  aside: -2.5,
  more: -4,
};

/** What lines of a text look like, blank ones left out. */
export function looksOf(
  lines: readonly {
    readonly raw: string;
    readonly blankBefore: boolean;
    readonly blankAfter: boolean;
    /** What is known of it: an ingredient out of a row of them. */
    readonly as?: Role;
  }[],
  book: FactBook = SHIPPED_BOOK,
): readonly Look[] {
  // Of those that begin with a letter: who writes in small letters does so throughout.
  const begin = (pattern: RegExp) => lines.filter(({ raw }) => pattern.test(raw.trim())).length;
  const mostlySmall = begin(/^\p{Ll}/u) > begin(/^\p{L}/u) * 0.5 && begin(/^\p{Lu}/u) < 5;
  const clocked = lines.filter(({ raw }) => CLOCK.test(raw.trim())).length >= 3;
  const units = columnUnits(lines.map(({ raw }) => raw));
  const boxes = numberedBoxes(lines.map(({ raw }) => raw.trim()));
  return lines.map((line, index) =>
    lookOf(line, {
      book,
      mostlySmall,
      box: boxes.has(index),
      clocked,
      unit: units[index] ?? null,
      before: lines[index - 1]?.raw.trim() ?? null,
      next: lines[index + 1]?.raw.trim() ?? null,
      first: index === 0,
    }),
  );
}

/** Whether a time or a heat is named shows within so many letters. */
const SEEN = 160;

function lookOf(
  {
    raw,
    blankBefore,
    blankAfter,
    as,
  }: { readonly raw: string; readonly blankBefore: boolean; readonly blankAfter: boolean; readonly as?: Role },
  {
    book,
    mostlySmall,
    box,
    clocked,
    unit,
    before,
    next,
    first,
  }: {
    book: FactBook;
    mostlySmall: boolean;
    box: boolean;
    clocked: boolean;
    unit: string | null;
    before: string | null;
    next: string | null;
    first: boolean;
  },
): Look {
  const written = raw.replace(/\s+/g, ' ').trim();
  const short = written.slice(0, 300);
  const unmarked = short
    .replace(MARKS, '')
    .replace(/\*\*/g, '')
    .replace(/\s*\[(?:edit|hide|show)\]$/i, '')
    .trim();
  const bullet = BULLET.test(unmarked);
  const hour = clocked ? CLOCK.exec(unmarked) : null;
  const bare = (hour ? unmarked.slice(hour[0].length) : unmarked).replace(BULLET, '');
  const alone = STEP_ALONE.exec(bare);
  const pointed = NUMBERED.exec(bare);
  const unpointed = pointed ? null : BARE_NUMBER.exec(bare);
  const lettered = LETTERED.test(bare);
  const afterNumber = pointed
    ? bare.slice(pointed[0].length)
    : unpointed
      ? bare.slice(unpointed[0].length)
      : lettered
        ? bare.replace(LETTERED, '')
        : bare;
  const numberedStep =
    pointed !== null || (unpointed !== null && box) || (unpointed !== null && isTold(afterNumber) && /^\p{Lu}/u.test(afterNumber));
  const number = alone ? Number(alone[1]) : numberedStep ? Number((pointed ?? unpointed)![1]) : lettered ? 0 : null;
  const text = number === null ? bare : afterNumber;
  const leaders = LEADERS.exec(bare);
  const cells = fromCells(raw, unit) ?? (leaders ? `${leaders[2]!} ${leaders[1]!}` : null);
  const asLine = cells ?? bare;
  const heading =
    /^[-–—=~*]\s?\p{Lu}[^.]{1,40}\s?[-–—=~*]$/u.test(short) ||
    /^#{1,6}\s/.test(short) ||
    /^\*\*[^*]+\*\*:?$/.test(short) ||
    /^__[^_]+__:?$/.test(short);
  const marked = heading || (CAPS.test(bare) && /\p{L}{3}/u.test(bare)) || /:$/.test(bare);

  const like: Record<Role, number> = { ...ZERO };
  const words = bare.split(' ').length;
  const plain = bare.replace(/:$/, '');
  const amount = readAmount(asLine.replace(/^(?:the|scant|no more than|at least|at most|generous)\s+/i, ''));
  const measured = amount !== null && amount.unitWritten;
  const counted = amount !== null && !amount.unitWritten;
  const behind =
    !amount &&
    words <= 12 &&
    (AMOUNT_BEHIND.test(` ${asLine.replace(/\((?:gives|yields|makes|serves|for|about)\b[^)]*\)/i, '')}`) ||
      (COUNT_BEHIND.test(asLine) && book.read(asLine.slice(0, 60)).found.length > 0));
  const food = words <= 14 && book.read(asLine.slice(0, 120)).found.length > 0;
  const sentence = /[.!?…]["”’)]?$/.test(bare) && words >= 5;
  const told = isTold(text);
  const verbs = verbsIn(text);
  const times = timesIn(short.slice(0, SEEN)).length;
  const heats = heatsIn(short.slice(0, SEEN)).length;
  const outside = bare.replace(/\s*\([^)]*\)/g, '');
  const said = yieldSaid(bare);
  const headLike =
    words <= 9 &&
    outside.split(' ').length <= 7 &&
    !measured &&
    !sentence &&
    !/[.;,!?]$/.test(bare) &&
    !/\d\s?(?:g|kg|ml|l)\b/.test(outside);

  // Lines of ingredients.
  if (measured) like.line += unitOf(amount.amount.unit).dimension === 'count' ? 4 : 6;
  if (counted) like.line += food ? 4 : 1;
  if (behind) like.line += 5;
  if (TO_TASTE.test(bare) || SEASONING.test(bare)) like.line += 4;
  if (words <= 5 && (TOOL_LAST.test(bare) || (TOOL.test(bare) && !food))) like.line -= 4;
  if (food) like.line += amount || behind ? 1 : words <= 5 ? 2 : 0.5;
  if (cells !== null) like.line += 3;
  if (told && !measured) like.line -= 5;
  if (sentence && words > 7) like.line -= 4;
  if (words > 16) like.line -= 2;
  if (verbs > 2) like.line -= 2;
  if (number !== null && told) like.line -= 4;
  if ((heats > 0 || (times > 0 && !measured)) && !behind) like.line -= 3;
  if (marked && !amount && !behind) like.line -= 3;
  if (PART.test(bare)) like.line -= 6;
  if (food && FOR_WORK.test(bare)) {
    like.line += 5;
    like.component -= 6;
  }

  // "Salt, a pinch", "Toasted coconut, to serve"
  if (food && words <= 8 && BY_EYE_BEHIND.test(bare)) {
    like.line += 9;
    like.step -= 6;
    like.component -= 8;
  }

  // Steps.
  const nameLike = told && !sentence && times === 0 && heats === 0 && words <= 7 && /^\p{Lu}/u.test(bare) && !bullet && number === null;
  if (told) like.step += nameLike ? 2.5 : 5;
  if (number !== null && number > 0) like.step += 3;
  if (number === 0) like.step += 2;
  if (alone) like.step += 8;
  if (box) {
    like.step += 9;
    like.line -= 9;
    like.component -= 4;
  }
  // "cherries on top", "lid on": where it goes, told without a verb.
  if (!amount && words <= 6 && /\b(?:on top|lid on|to the side|on the side|back in|straight in)[.!]?$/i.test(bare)) {
    like.step += 5;
    like.line -= 5;
  }
  if (times > 0) like.step += 2;
  if (heats > 0) like.step += 1.5;
  if (sentence) like.step += 1.5;
  if (words > 12) like.step += 1.5;
  if (verbs > 1) like.step += 1;
  if (words <= 3 && !told && !alone) like.step -= 3;
  if ((measured || behind) && !told && number === null && !sentence) like.step -= 4;
  if (heading && number === null) like.step -= 5;
  if (/:$/.test(bare) && words <= 6) like.step -= 4;

  // Headings of components.
  if (FOR_THE.test(plain) && !amount) like.component += 6;
  if (TO_PLATE.test(bare)) like.component += 8;
  if (PART.test(bare)) like.component += 7;
  // "2. COATING" among lines and steps: the number counts the parts.
  if (pointed && headLike && words <= 5 && CAPS.test(afterNumber)) {
    like.component += 9;
    like.step -= 8;
    like.line -= 6;
  }
  if (heading) like.component += 4;
  if (marked && headLike) like.component += 4;
  if (headLike && blankBefore) like.component += 2;
  if (headLike && COMPONENT_WORDS.test(bare) && !amount) like.component += 2.5;
  if (headLike && blankAfter) like.component += 1;
  // A bare name among lines that are all measured is that of a component.
  const among =
    headLike &&
    (mostlySmall ? blankBefore || /^\p{Lu}/u.test(bare) : !/^\p{Ll}/u.test(bare)) &&
    !amount &&
    !behind &&
    !SEASONING.test(bare) &&
    !TO_TASTE.test(bare) &&
    (said === null || said.left > 3 || /\(/.test(bare)) &&
    !/[\d½¼¾⅓⅔]|^(?:the\s+)?(?:grated\s+)?(?:juice|zest|rind|peel)\b/i.test(outside) &&
    next !== null &&
    isMeasured(next) &&
    (before === null || blankBefore || isMeasured(before) || /[.!]$/.test(before) || before.length < 50 || isTold(before));
  if (among) like.component += told ? 8 : 7;
  if (among && !first) like.line -= 1;
  if (first) like.component -= 5;
  if (headLike && !marked && !FOR_THE.test(plain) && !TO_PLATE.test(bare) && !blankBefore && !blankAfter && !among) like.component -= 2;
  // Nothing stands under the last line of a text.
  if (next === null) like.component -= 8;
  // "Pass" between sentences: a heading, though it is a verb.
  if (
    headLike &&
    !alone &&
    words <= 2 &&
    !mostlySmall &&
    /^\p{Lu}/u.test(bare) &&
    before !== null &&
    /[.!]$/.test(before) &&
    next !== null &&
    isSentence(next)
  ) {
    like.component += 7;
    like.step -= 3;
  }
  if (!headLike) like.component -= 5;
  if (amount && !/\(/.test(bare)) like.component -= 4;
  if (told && !FOR_THE.test(plain) && !TO_PLATE.test(bare) && !marked) like.component -= 3;
  if (bullet) like.component -= 3;
  if (/^\p{Ll}/u.test(bare)) like.component -= 2;

  // Headings that only name their section.
  if (INGREDIENTS.test(bare)) like.ingredients += 18;
  // "You will need" may head tools as well; "You need" heads what goes in.
  if (/^you need\s*:?$/i.test(bare)) like.ingredients += 18;
  else if (/^you(?:[’']ll| will)? (?:also )?need\s*:?$/i.test(bare)) like.ingredients += 14;
  if (METHOD.test(bare)) like.method += 18;
  if (TOOLS.test(bare)) like.tools += words <= 5 || /^[^:]{3,30}:\s*\S/.test(bare) ? 18 : 4;
  if (TOOL.test(bare) && words <= 8 && !told) like.tool += 3;

  // What it gives, what goes with it, what surrounds it.
  if (said && said.left < 4) like.yield += 14;
  else if (said && /[|•]|\/\s/.test(bare)) like.yield += times > 0 ? 14 : 10;
  if (NOTE.test(bare) || /^(?:TIPS?|NOTES?|N\.?B\.?)\b/.test(bare)) like.note += 9;
  else if (KEEPING.test(bare)) like.note += 4;
  // "Makes: a bowlful | Time: 40 min | Difficulty: easy"
  if (/[|•]\s*(?:time|difficulty|level|prep|cook|skill)\b/i.test(bare)) like.note += 8;
  if (like.note > 6) {
    like.step -= 4;
    like.line -= 4;
  }
  if (sentence && !told) like.note += 2;
  // Under "Notes" alone stands a note, also where it tells somebody to do something.
  if (before !== null && /^\W*(?:notes?|tips?)\b\W*(?:edit\W*)?$/i.test(before)) {
    like.note += 6;
    like.step -= 4;
  }
  if (ASIDE.test(bare)) like.aside += told && /^(?:share|save|print|search|rate|tag|follow|name|date)\b/i.test(bare) && words > 3 ? 3 : 9;
  if (like.aside < 3 && (AROUND.test(bare) || TO_FILL_IN.test(bare.slice(-12))) && !LEADERS.test(bare)) {
    like.aside += 10;
    like.component -= 6;
    like.step -= 5;
    like.line -= 5;
  }
  if (ASIDE_HEADS.test(bare)) like.aside += 6;
  if (/\bpage \d+(?: of \d+)?\.?$/i.test(bare) && words <= 10) like.aside += 8;
  if (RUNNING_HEAD.test(written)) like.aside += /^\d+$/.test(written) ? 10 : 8;
  if (SIGN_OFF.test(bare) && !food) like.aside += 3;
  if (/\?$/.test(bare)) {
    like.aside += 4;
    like.step -= 4;
    like.title -= 5;
  }
  if (!amount && !times && /\b(?:said|told me|mine|tomorrow|yesterday)\b/i.test(bare) && verbs < 2) {
    like.aside += 5;
    like.step -= 4;
  }
  if (/\b(?:I|my|we|our)\b/.test(bare) && !told) like.aside += 2.5;
  if (sentence && !told && !times && !heats) like.aside += 1.5;
  if (!/[\p{L}\d]/u.test(bare)) like.aside += 8;
  // A bar of links: names apart, nothing between them.
  if (/\S {3,}\S.* {3,}\S/.test(raw.trim()) && !/\d/.test(bare) && words <= 10) like.aside += 6;
  // "My dear Oda,"
  if (/^\p{Lu}[^,.]{1,30},$/u.test(bare) && words <= 5 && !food) like.aside += 4;
  if (/[|»>]/.test(bare) && cells === null && !amount) like.aside += 2;
  if (measured && !sentence) like.aside -= 4;

  // The title.
  if (words <= 10) like.title += 2;
  if (words > 14 || bare.length > 110) like.title -= 6;
  if (/^#\s/.test(short)) like.title += 5;
  if (marked && !/:$/.test(bare)) like.title += 1.5;
  if (/:$/.test(bare)) like.title -= 6;
  if (sentence) like.title -= words > 8 ? 9 : 3;
  if (/^\p{Ll}/u.test(bare) && !mostlySmall) like.title -= 3;
  if (measured || behind) like.title -= 6;
  if (counted && food) like.title -= 3;
  if (TO_TASTE.test(bare)) like.title -= 4;
  if (told && !nameLike && (sentence || times > 0 || words > 5)) like.title -= 4;
  if (bullet || number !== null) like.title -= 4;
  if (like.aside > 3 || like.note > 3 || /,$/.test(bare)) like.title -= 6;
  if (like.yield > 3 && words <= 4) like.title -= 8;
  if (like.ingredients > 3 || like.method > 3) like.title -= 12;
  if (first) like.title += 2;
  // "Module 6: Emulsion sauces" names the lesson; the dish stands further down.
  if (/^(?:module|unit|lesson|session|week|chapter|day)\s+\d/i.test(bare)) like.title -= 4;
  if (!first && blankBefore && headLike && food && next !== null && (TOOLS.test(next) || INGREDIENTS.test(next))) like.title += 9;
  if (/^(?:dish|recipe(?:\s+\d{1,2})?|title|name of (?:the )?dish|product|menu item)\s*:\s*\p{L}/iu.test(bare)) like.title += 14;
  if (nameLike) like.title += 1;
  if (food) like.title += 0.5;

  // Going on with the line before it.
  if (!blankBefore && before !== null && !bullet && number === null) {
    if (/\p{Ll}[-\u00ad]$/u.test(before) && /^\p{Ll}/u.test(bare)) like.more += 16;
    else if (STEP_ALONE.test(before)) like.more += 16;
    else if (!/[.!?:;]["”’)]?$/.test(before)) {
      if (/^\p{Ll}/u.test(bare) && !amount) like.more += mostlySmall ? 0 : before.length > 24 ? 9 : 5;
      else if (/^\p{Ll}/u.test(bare)) like.more += mostlySmall ? 0 : 2;
      // "1 onion, very finely" / "chopped"
      if (words <= 3 && /^(?:\p{L}+ly )?\p{L}+(?:ed|cut|torn)$/u.test(bare) && isMeasured(before)) like.more += 6;
      // "°C for 14 minutes": a figure parted from what it counts.
      if (/^(?:[°º%)\].,;]|(?:g|kg|ml|l|min|mins|minutes?|hours?)\b)/i.test(bare) && /[\d(]$|\d\s?$/.test(before)) like.more += 12;
      if (before.length > 36 && !amount && !headLike) like.more += 4;
      if (before.length > 60 && !measured) like.more += 3;
      if (before.length > 24 && /,$|\b(?:and|the|a|of|with|in|to|for|into|over|mix|dry|until|then|from|by|on|at)$/i.test(before))
        like.more += 9;
      // A seasoning or another short name of food is a line of its own.
      if ((food || TOOL_LAST.test(bare) || TOOL.test(bare)) && words <= 3 && isMeasured(before)) like.more -= 8;
    } else if (/^\p{Ll}/u.test(bare) && !amount && !mostlySmall) like.more += 3;
    // A figure broken off its line: "cook / for another 15 min", "Mix dry / ingredients. Stir …"
    if (like.more > 3) like.more += 1;
    if (said && said.left < 4) like.more -= 12;
  } else like.more -= 20;

  if (as) like[as] += 14;
  if (hour && (isTold(bare) || verbsIn(bare) > 0 || times > 0)) like.step += 8;
  if (isTableHead(raw)) {
    like.aside += 16;
    like.component -= 8;
  }
  return {
    written,
    text: hour ? `${hour[0].trim()} ${text}` : text,
    asLine,
    bullet,
    number,
    marked,
    blankBefore,
    blankAfter,
    opensAside: ASIDE_HEADS.test(bare),
    like,
  };
}
