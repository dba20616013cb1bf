import type { FactBook } from '../ingredients';
import { heatsIn, namesTime } from '../quantity';
import { isTold, verbsIn } from '../verbs';
import { fromCells, toldRow } from './cells';
import { clockAt, type LineToSee, type Manner } from './manner';
import { isMeasured } from './measured';
import { readNumber } from './numbers';
import { readAmount, type ReadAmount } from './readAmount';
import {
  AMOUNT_BEHIND,
  BETWEEN_COMMAS,
  BULLET,
  CIRCLED,
  COMPONENT_WORDS,
  COUNT_BEHIND,
  IN_BRACKETS_BEHIND,
  LETTERED,
  METHOD,
  NUMBERED,
  PART_OF,
  INGREDIENTS,
  SEASONING,
  STEP_ALONE,
  TIMES_BEHIND,
  TO_TASTE,
  TO_TICK,
} from './sectionWords';
import { PAGE_BEHIND } from './names';
import { likelyGrams } from './shorthand';
import { yieldSaid, type YieldSaid } from './yields';

export const CAPS = /^(?=.*\p{Lu}{2})[^\p{Ll}]{3,60}$/u;
const BARE_NUMBER = /^(\d{1,2})\s+(?=\p{L})/u;
const MARKS = /^(?:#{1,6}\s+|>\s*)+|^\*\*(?=.*\*\*$)|^__(?=.*__$)|^[*_](?=[^*_]+[*_]$)|[*_]{1,2}$/g;

/** "Small bunch dill", "tin of tomatoes": one of it. */
const SIZED_HANDFUL =
  /^(?:small|large|big|good|generous)\s+(?:bunch|handful|pinch|knob|sprig|dash|splash|drizzle|squeeze|tin|can|jar|packet|bag|tub)(?=\s+(?:of\s+)?\p{L})|^(?:tin|can|jar|packet|pack|bag|carton|tub|sachet|punnet|bottle|head)(?=\s+of\s+\p{L})/iu;

const BARE_BEHIND = /^\p{L}[^\d:.]{2,50}(?:\s\d{1,2}\s?°?\s?C)?\s\d{1,5}(?:[.,]\d{1,2})?$/u;
const bareGrams = (line: string, book: FactBook): boolean => {
  const [, count = '', item = ''] = /^(\d{1,2},\d{3}|\d{2,5})\s(\p{L}{3}[^,(\d]{0,40})/u.exec(line) ?? [];
  if (!item || readAmount(line)?.unitWritten !== false) return false;
  const each = book.find(item.trim())?.gramsOfOne.some(({ unit }) => unit === 'each') ?? false;
  return !each || likelyGrams(count.replace(',', ''), item.trim(), book);
};
const FRAMED = /^([*=~#_+]{2,5})\s+([^*=~#_+]{3,80}?)\s+\1$/;
const STEP_IN_WORDS = /^(step) (one|two|three|four|five|six|seven|eight|nine|ten)\b(?=\s*[:.–-]|$)/i;

const NAMES_TOO =
  /^(?:juice|oil|butter|flour|salt|sugar|zest|cream|crumbs?|pepper|ice|glaze|mash|stock|batter|fillet|chops?|filling|dressing|seasoning|stuffing|coating|topping|garnish)\b/i;
const ENDS_MEASURED = /\d\s?(?:kg|g|ml|cl|l|litres?|tbsp|tsp|cups?|oz|lbs?)\.?$/i;

const circledValue = (sign: string): number => {
  const first = ['①', '❶', '➀', '➊'].map((one) => one.codePointAt(0)!).filter((one) => one <= sign.codePointAt(0)!);
  return sign.codePointAt(0)! - first.at(-1)! + 1;
};

/** "Salt ........ 1 tsp" */
/** "Shallot ...... 60 g, finely diced" */
const DONE_TO_IT = /,\s+(?=\p{L}).*$/u;
export const LEADERS = /^(\p{L}.{1,60}?)\s*(?:\.{3,}|…{2,}|(?:\. ){3,})\s*(\S.{0,30})$/u;

/** What is observed of one line, before it is judged. */
export interface Seen {
  readonly raw: string;
  /** Without what surrounds it, its first letters, and those without marks, bullet and hour. */
  readonly written: string;
  readonly short: string;
  readonly bare: string;
  /** Without its number too. */
  readonly text: string;
  /** The cells of a table put in order; null where it has none. */
  readonly cells: string | null;
  readonly asLine: string;
  readonly bullet: boolean;
  readonly hour: string | null;
  /** "Step 3" and nothing else. */
  readonly alone: boolean;
  /** A number with a point or a bracket behind it. */
  readonly pointed: boolean;
  readonly number: number | null;
  /** Marked as a heading by signs; by capitals or a colon as well. */
  readonly heading: boolean;
  readonly marked: boolean;
  readonly words: number;
  /** Without a colon at its end; without its brackets. */
  readonly plain: string;
  readonly outside: string;
  /** The amount it begins with, with and without a unit; or that it ends with. */
  readonly amount: ReadAmount | null;
  readonly measured: boolean;
  readonly counted: boolean;
  readonly behind: boolean;
  readonly food: boolean;
  readonly sentence: boolean;
  /** Whether somebody is told what to do, and how many of its words are verbs of the kitchen. */
  readonly told: boolean;
  readonly verbs: number;
  /** Whether it names a time, and a heat. */
  readonly times: boolean;
  readonly heats: boolean;
  readonly said: YieldSaid | null;
  readonly headLike: boolean;
  /** A short name that begins with a verb: "Cut out biscuits". */
  readonly nameLike: boolean;
  /** A bare name among lines that are all measured. */
  readonly among: boolean;
  readonly before: string | null;
  readonly next: string | null;
  readonly first: boolean;
  /** What is measured below it stands further in: it heads that. */
  readonly overIndented: boolean;
  readonly blankBefore: boolean;
  readonly blankAfter: boolean;
  readonly manner: Manner;
  readonly box: boolean;
  /** What is done, by its bullet or because it only names what was listed; and the name of a part that comes again. */
  readonly done: boolean;
  readonly again: boolean;
  readonly noted: boolean;
  /** A moment of a film, and no hour of a plan. */
  readonly chapter: boolean;
  /** A short name behind a blank, under a line that names no food. */
  readonly underOther: boolean;
  /** The name that the page calls itself by elsewhere. */
  readonly named: boolean;
  /** It goes on with what the width of a page broke. */
  readonly byWidth: boolean;
  /** It signs what stands before. */
  readonly signed: boolean;
}

/** "Dough (gives 1.1 kg)"; of what is made by its name, "Dough (6 x 900 g)" too. */
const GIVEN = /\((?:batch|gives?|yields?|makes?|serves|feeds|for|about)\b[^)]*\)/i;
const SIZES_GIVEN = /\((?:(?:batch|gives?|yields?|makes?|serves|feeds|for|about)\b[^)]*|\d{1,3}\s?[x×]\s?\d{1,4}\s?(?:g|kg|ml))\)/i;

/** "3 Whisk …" / "4 Dress …": the line before is a step, and has the number before. */
function countsOn(before: string | null, number: number): boolean {
  const last = before === null ? null : BARE_NUMBER.exec(before);
  return last !== null && number > 1 && Number(last[1]) === number - 1 && isTold(before!.slice(last[0].length));
}

/** "4. 40 mins. sounds hollow" behind "3. shape round": the number counts on, and the figure behind it counts minutes. */
function countedOn(before: string | null, line: string): RegExpExecArray | null {
  const here = /^(\d{1,2})[.)]\s+(?=\d)/.exec(line);
  if (!here || before === null || !namesTime(line.slice(0, 60))) return null;
  const last = /^(\d{1,2})[.)]\s/.exec(before);
  return last && Number(last[1]) === Number(here[1]) - 1 ? here : null;
}

/** Whether a time or a heat is named shows within so many letters. */
const SEEN = 160;

/** What is observed of the line at a place. */
export function seenAt(lines: readonly LineToSee[], at: number, manner: Manner, book: FactBook): Seen {
  const { raw, blankBefore, blankAfter } = lines[at]!;
  const columns = manner.columns[at] ?? null;
  const before = lines[at - 1]?.raw.trim() ?? null;
  const next = lines[at + 1]?.raw.trim() ?? null;
  const written = raw.replace(/\s+/g, ' ').trim();
  const short = written.slice(0, 300);
  const unmarked = short
    // "| Steps |"
    .replace(/^\|\s*([^|]{3,60}?)\s*\|(?:\s*\|){0,6}$/, '$1')
    // "*** PICKLED SHIMEJI ***"
    .replace(FRAMED, '$2')
    .replace(MARKS, '')
    .replace(/\*\*/g, '')
    .replace(/\s*\[(?:edit|hide|show)\]$/i, '')
    .replace(TO_TICK, '')
    // A scanner parts the large letter that a text begins with: "T his is".
    .replace(/^([B-HJ-NP-Z])\s(?=\p{Ll}{2,}\s)/u, '$1')
    .trim()
    .replace(PAGE_BEHIND, (page, at: number) => (at > 8 ? '' : page));
  const bullet = BULLET.test(unmarked);
  const hour = manner.clocked ? clockAt(unmarked) : null;
  const bare = unmarked
    .slice(hour?.length ?? 0)
    .replace(BULLET, '')
    // "Step two: roast the cauliflower"
    .replace(STEP_IN_WORDS, (_, step: string, word: string) => `${step} ${readNumber(word)!.value.valueOf()}`)
    .replace(CIRCLED, (_, sign: string) => `${circledValue(sign)}. `)
    // A figure drawn on a key.
    .replace(/^(\d)\uFE0F?\u20E3\s*/u, '$1. ');
  const alone = STEP_ALONE.exec(bare);
  const pointed = NUMBERED.exec(bare) ?? countedOn(before, bare);
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
    pointed !== null ||
    (unpointed !== null && (manner.boxes.has(at) || manner.counted.has(at))) ||
    (unpointed !== null && /^\p{Lu}/u.test(afterNumber) && (isTold(afterNumber) || countsOn(before, Number(unpointed[1]))));
  const number = alone ? Number(alone[1]) : numberedStep ? Number((pointed ?? unpointed)![1]) : lettered ? 0 : null;
  const row = toldRow(raw, columns);
  const text = row ?? (number === null ? bare : afterNumber);
  const leaders = LEADERS.exec(bare);
  const cells =
    fromCells(raw, columns) ??
    (leaders ? `${leaders[2]!.replace(DONE_TO_IT, '')} ${leaders[1]!}${DONE_TO_IT.exec(leaders[2]!)?.[0] ?? ''}` : null);
  const line = cells ?? bare;
  // "mustard seeds, yellow 200" where all is said to be in grams.
  const asLine =
    manner.allIn && BARE_BEHIND.test(line)
      ? `${line} ${manner.allIn}`
      : // "225 butter" in front; six eggs and five lemons are counted all the same.
        manner.allIn && bareGrams(line, book)
        ? line.replace(/^[\d,]+/, `$& ${manner.allIn}`)
        : line;
  const heading =
    FRAMED.test(short) ||
    /^[-–—=~*]\s?\p{Lu}[^.]{1,40}\s?[-–—=~*]$/u.test(short) ||
    /^#{1,6}\s/.test(short) ||
    /^\*\*[^*]+\*\*:?$/.test(short) ||
    /^[*_][^*_]{2,60}[*_](?:\s*\([^()]*\))?:?$/.test(short) ||
    /^__[^_]+__:?$/.test(short);
  // "PEA VELOUTE (yield 1.5 l)": what stands in brackets is said of it.
  const unbracketed = bare.replace(/\s*\((?:batch|gives?|yields?|makes?|serves|feeds|per|for)\b[^)]*\)$/i, '');
  const marked = heading || (CAPS.test(unbracketed) && /\p{L}{3}/u.test(unbracketed)) || /:$/.test(bare);

  const words = bare.split(' ').length;
  const plain = bare.replace(/:$/, '');
  // "A. CAPER MAYONNAISE" is lettered, and no article.
  const amount =
    (/^AN?\s/.test(bare) && CAPS.test(bare) && words >= 4 && next !== null && !CAPS.test(next)) || /^[A-H][.)]\s+\p{Lu}/u.test(bare)
      ? null
      : readAmount(
          asLine
            .replace(/^[lI|](?=\s(?:small|medium|large)?\s?\p{Ll}{3})/u, '1')
            .replace(/^(?:the|scant|no more than|at least|at most|generous)\s+/i, '')
            .replace(SIZED_HANDFUL, '1 $&'),
        );
  const measured = amount !== null && amount.unitWritten;
  const counted = amount !== null && !amount.unitWritten;
  const behind =
    !amount &&
    !heading &&
    words <= 12 &&
    (PART_OF.test(bare) ||
      TIMES_BEHIND.test(bare) ||
      BETWEEN_COMMAS.test(bare) ||
      // "Vegetable Stock (2 litres)" between blanks is a heading.
      (IN_BRACKETS_BEHIND.test(bare) &&
        !(blankBefore && blankAfter) &&
        (/\p{Ll}{2}.*\(/u.test(bare) ||
          // "ONIONS (2)" in a list in capitals; "PART (2)" alone is a heading.
          ([before, next].some((beside) => beside !== null && IN_BRACKETS_BEHIND.test(beside)) &&
            book.read(bare.slice(0, 60)).found.length > 0))) ||
      AMOUNT_BEHIND.test(` ${asLine.replace(COMPONENT_WORDS.test(bare) ? SIZES_GIVEN : GIVEN, '')}`) ||
      (COUNT_BEHIND.test(asLine) && book.read(asLine.slice(0, 60)).found.length > 0));
  const food = words <= 14 && book.read(asLine.slice(0, 120)).found.length > 0;
  // "(about 4 c.)" ends a line, and no sentence.
  const sentence = /[.!?…]["”’)]?$/.test(bare) && words >= 5 && !/\(.{0,30}\p{L}{1,4}\.\)$/u.test(bare);
  // "Juice from tin 500 ml": a thing whose name is a verb elsewhere, with its amount behind it.
  const told = isTold(text) && !SEASONING.test(bare) && !(words <= 6 && NAMES_TOO.test(bare) && ENDS_MEASURED.test(bare));
  const verbs = verbsIn(text);
  const times = namesTime(short.slice(0, SEEN));
  const heats = heatsIn(short.slice(0, SEEN)).length > 0;
  const outside = bare.replace(/\s*\([^)]*\)/g, '');
  const said = yieldSaid(bare);
  const headLike =
    words <= 9 &&
    outside.split(' ').length <= 7 &&
    !measured &&
    !sentence &&
    !/[.;,!?]$/.test(bare) &&
    !/\d\s?(?:g|kg|ml|l)\b/.test(outside);

  const nameLike = told && !sentence && !times && !heats && words <= 7 && /^\p{Lu}/u.test(bare) && !bullet && number === null;
  const among =
    headLike &&
    !METHOD.test(bare) &&
    !INGREDIENTS.test(bare) &&
    (manner.mostlySmall ? blankBefore || /^\p{Lu}/u.test(bare) : !/^\p{Ll}/u.test(bare)) &&
    !amount &&
    !behind &&
    !SEASONING.test(bare) &&
    !TO_TASTE.test(bare) &&
    (said === null || said.left > 3 || /\(/.test(bare)) &&
    !/[\d½¼¾⅓⅔]|^(?:the\s+)?(?:grated\s+)?(?:juice|zest|rind|peel)\b/i.test(outside) &&
    next !== null &&
    (isMeasured(next) || /^(?:all|half|the rest)\s+(?:of\s+)?(?:the\s+)?\p{L}+(?:\s\p{L}+)?$/iu.test(next)) &&
    (before === null || blankBefore || isMeasured(before) || /[.!]$/.test(before) || before.length < 50 || isTold(before));
  return {
    raw,
    written,
    short,
    bare,
    text,
    cells,
    asLine,
    bullet,
    hour,
    alone: alone !== null,
    pointed: pointed !== null,
    number,
    heading,
    marked,
    words,
    plain,
    amount,
    measured,
    counted,
    behind,
    food,
    sentence,
    told,
    verbs,
    times,
    heats,
    outside,
    said,
    headLike,
    nameLike,
    among,
    before,
    next,
    first: at === 0,
    // "Pickling liquor      5L" over what goes in: how much it gives stands behind its name.
    overIndented:
      // "1. Tomato jam – 2 kg (need 1.6)" over lines that are set in.
      (/^\d{1,2}[.)]\s+\p{L}.{2,60}[^.]$/u.test(raw.trim()) &&
        !isTold(text) &&
        /^\s{2,}\S/.test(lines[at + 1]?.raw ?? '') &&
        isMeasured(next!) &&
        /^\S/.test(raw)) ||
      (/^(?!\d{1,4}\s{2,})\S/.test(raw) &&
        (!measured ||
          (cells !== null &&
            blankBefore &&
            number === null &&
            !/ingredients?\b/i.test(bare) &&
            /\d\s?(?:kg|g|ml|l|litres?)$/i.test(bare))) &&
        /^\s+\S.*\d/.test(lines[at + 1]?.raw ?? '') &&
        !isTold(next!) &&
        words <= 7),
    blankBefore,
    blankAfter,
    manner,
    box: manner.boxes.has(at) || manner.counted.has(at),
    done: manner.done.has(at) || manner.refers.has(at),
    again: manner.again.has(at),
    noted: manner.noted.has(at),
    chapter: manner.chapters.has(at),
    underOther:
      words <= 12 && !sentence && !amount && blankBefore && before !== null && before.length < 40 && book.read(before).found.length === 0,
    named: manner.named.has(at),
    byWidth: manner.byWidth.has(at),
    signed: manner.signed.has(at),
  };
}
