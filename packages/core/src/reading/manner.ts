import { namesTime } from '../quantity';
import { isTold } from '../verbs';
import { columnUnits, type Columns } from './cells';
import { isMeasured, numberedBoxes } from './measured';
import { ASIDE_HEADS, BULLET, METHOD } from './sectionWords';

/** A line of a text that is not blank, as it is looked at. */
export interface LineToSee {
  readonly raw: string;
  readonly blankBefore: boolean;
  readonly blankAfter: boolean;
}

/** "9.40  Peel and slice the pears": the hour a step begins at. */
const CLOCK = /^\d{1,2}[.:]\d{2}(?:\s*[-–]\s*\d{1,2}[.:]\d{2})?\s+(?=\p{L})/u;
/** "0-15  weigh, line trays": from which minute to which. */
const MINUTES_FROM_TO = /^(\d{1,3})\s?[-–]\s?(\d{1,3})(?:\s?(?:min(?:ute)?s?|['’]))?\s*:?\s+(?=\p{L})/u;

/** Whether spans of minutes follow one another, each from where the last ended. */
function spansFollow(lines: readonly string[]): boolean {
  const spans = lines.flatMap((line) => {
    const span = MINUTES_FROM_TO.exec(line);
    return span ? [[Number(span[1]), Number(span[2])] as const] : [];
  });
  return spans.filter(([from], index) => spans[index - 1]?.[1] === from).length >= 2;
}

/** Whether a line was broken by its width alone. */
export const goesOn = (before: string, line: string): boolean =>
  before.length > 24 &&
  before.length < 110 &&
  !/[.!?:;]["”’)]?$/.test(before) &&
  /^\p{Ll}/u.test(line) &&
  !isMeasured(line) &&
  !isTold(line);

/** The hour or the minutes that a line of a plan begins with; null where it begins otherwise. "2-3 eggs" is no span of minutes. */
export function clockAt(line: string): string | null {
  const hour = CLOCK.exec(line);
  if (hour) return hour[0];
  const minutes = MINUTES_FROM_TO.exec(line);
  return minutes && isTold(line.slice(minutes[0].length)) ? minutes[0] : null;
}

/** How a whole text is written, by which each of its lines is judged. */
export interface Manner {
  /** Who wrote it begins in small letters. */
  readonly mostlySmall: boolean;
  /** Lines begin with the hour, or with spans of minutes. */
  readonly clocked: boolean;
  /** Lines are broken by their width. */
  readonly wrapped: boolean;
  /** Lines under a rule at the end, that sign a mail or a post. */
  readonly signed: ReadonlySet<number>;
  /** Lines that only go on with what the width of a page broke. */
  readonly byWidth: ReadonlySet<number>;
  /** What heads the columns of figures, by line. */
  readonly columns: readonly (Columns | null)[];
  /** Lines that head numbered boxes of steps. */
  readonly boxes: ReadonlySet<number>;
  /** Lines that are counted 1, 2, 3 under the heading of a method: steps, whatever they begin with. */
  readonly counted: ReadonlySet<number>;
  /** Lines behind a drawn sign that stands before what is done, where another stands before what goes in. */
  readonly done: ReadonlySet<number>;
  /** Lines behind a step that only name what was listed before: "Barley, stock, thyme". */
  readonly refers: ReadonlySet<number>;
  /** Short lines behind a blank that stood behind one before: the name of a part, that heads its steps as it headed its list. */
  readonly again: ReadonlySet<number>;
  /** The unit that all bare amounts are said to be in: "everything in grams"; null where nothing is said. */
  readonly allIn: 'g' | 'ml' | null;
  /** Lines with the name that the page itself says: "3 thoughts on …", the last of "Home > Baking > …", or its first line over again. */
  readonly named: ReadonlySet<number>;
  /** "0:45 Pressing the tofu": where in a film it is shown. */
  readonly chapters: ReadonlySet<number>;
  /** Lines in the block under "Notes", "Tips" or "Variations". */
  readonly noted: ReadonlySet<number>;
}

export const HEADS_NOTES =
  /^\W*(?:(?:(?:cook|chef|baker)[’']?s?|recipe|my|some|our|kitchen) )?(?:notes?|tips?|variations?|(?:notes|tips|variations)(?:,? (?:and |& )?(?:notes|tips|variations|tricks)){1,2}|get ahead|make ahead|recipe tips|swaps|substitutions)\W*$/i;

export const ALL_IN =
  /^\W*(?:(?:everything|all)(?: (?:weights?|amounts?|quantities|figures|numbers|measures))?(?: (?:is|are))?|(?:weights?|amounts?|quantities|figures|numbers)(?: (?:is|are))?) (?:given )?(?:in )?(grams?|g|ml|millilitres?)\b/i;

function saidUnit(lines: readonly string[]): 'g' | 'ml' | null {
  const said = lines.find((line) => line.length < 80 && ALL_IN.test(line));
  return said ? (/^m/i.test(ALL_IN.exec(said)![1]!) ? 'ml' : 'g') : null;
}

const CALLS_ITSELF = /^(?:\d+\s)?(?:thoughts?|comments?|responses?|replies|reviews?) (?:on|to|of|for)\s["“«]([^"”»]{3,100})["”»]/i;
/** "Home › Baking › Tray bakes": the way to a page; what stands last may be its name. */
export const TRAIL = /^(?:home|start|recipes|[^>»›/\d]{3,30}\s[>»›]\s[^>»›/\d]{3,30})\s[>»›/]\s(?:.*[>»›/]\s)?([^>»›/]{3,100})$/i;

function namedByPage(lines: readonly string[]): ReadonlySet<number> {
  const bare = (name: string) => name.replace(/\s*\([^()]*\)$/, '').toLowerCase();
  const same = (name: string) => lines.flatMap((each, at) => (each.length < 160 && bare(each) === bare(name) ? [at] : []));
  for (const line of lines) {
    const name = line.length < 300 ? (CALLS_ITSELF.exec(line) ?? TRAIL.exec(line))?.[1] : undefined;
    const found = name ? same(name).filter((at) => lines[at] !== line) : [];
    if (found.length > 0) return new Set(found);
  }
  // A blog names itself at the top, and once more over what is printed.
  const [first = ''] = lines;
  const again = /\p{L}{3}.*\s/u.test(first) && first.length < 120 && !/[.:!?]$/.test(first) ? same(first) : [];
  return new Set(again.length > 1 ? again : []);
}

const CHAPTER = /^\(?(?:\d{1,2}:)?\d{1,2}:\d{2}\)?\s+[-–]?\s*\p{L}/u;

/** Lines that begin with a moment of a film, where the first of them is its beginning. */
function chaptersOf(lines: readonly string[]): ReadonlySet<number> {
  const found = lines.flatMap((line, at) => (CHAPTER.test(line) ? [at] : []));
  const told = found.filter((at) => isTold(lines[at]!.replace(/^[\d:()\s–-]+/u, ''))).length;
  // An assessment counts from its beginning too, and says what to do at each.
  return new Set(found.length >= 3 && told * 3 < found.length && /^\(?0{1,2}:(?:00|0\d)\b/.test(lines[found[0]!]!) ? found : []);
}

/** What stands in one block under a heading of notes. */
function underNotes(lines: readonly LineToSee[]): ReadonlySet<number> {
  const found = new Set<number>();
  lines.forEach(({ raw }, at) => {
    if (raw.length > 40 || !HEADS_NOTES.test(raw.trim())) return;
    // A blank may stand right under the heading.
    for (
      let next = at + 1;
      next < lines.length && (next === at + 1 || !lines[next]!.blankBefore) && !ASIDE_HEADS.test(lines[next]!.raw.trim());
      next += 1
    )
      found.add(next);
  });
  return found;
}

/** Lines with a bullet by which steps are told from the list, where a text draws two kinds and keeps them apart. */
function doneByBullet(lines: readonly string[]): ReadonlySet<number> {
  const bySign = new Map<string, number[]>();
  lines.forEach((line, at) => {
    // "– Build –" is a heading.
    const sign = BULLET.test(line) && !/[-–—=~*:]$/.test(line) ? line.charAt(0) : null;
    if (sign) bySign.set(sign, [...(bySign.get(sign) ?? []), at]);
  });
  const share = (places: readonly number[]) =>
    places.length < 3 ? null : places.filter((at) => isMeasured(lines[at]!) && !namesTime(lines[at]!)).length / places.length;
  const shares = [...bySign].map(([, places]) => ({ places, of: share(places) }));
  return new Set(
    shares.some(({ of }) => of !== null && of >= 0.7) ? shares.flatMap(({ places, of }) => (of !== null && of <= 0.3 ? places : [])) : [],
  );
}

const wordsOf = (line: string): string[] => (line.toLowerCase().match(/\p{L}{4,}/gu) ?? []).map((word) => word.replace(/s$/, ''));

/** Lines that name, behind a step, nothing but what stood in the list. */
function namingAgain(lines: readonly string[]): ReadonlySet<number> {
  const listed = new Set<string>();
  const found = new Set<number>();
  lines.forEach((line, at) => {
    if (line.length > 160) return;
    const before = lines[at - 1] ?? '';
    // "Wine, spices, jelly and a cup of water. Lid on, 1 1/2 hrs": what follows tells how long.
    const [first, more] = line.split(/[.!]\s+(?=\p{L})/u, 2);
    const pieces = first!.split(/\s*(?:,|\+|&|\band\b)\s*/).filter(Boolean);
    if (
      pieces.length >= 3 &&
      !/^\d/.test(line) &&
      (isTold(before) || namesTime(before) || found.has(at - 1)) &&
      pieces.filter((piece) => wordsOf(piece).some((word) => listed.has(word))).length >=
        (more && namesTime(line) ? pieces.length / 2 : pieces.length - 1)
    )
      found.add(at);
    else if (!isTold(line) && line.split(' ').length <= 10) for (const word of wordsOf(line)) listed.add(word);
  });
  return found;
}

function saidAgain(lines: readonly LineToSee[]): ReadonlySet<number> {
  const heads = new Map<string, number>();
  const found = new Set<number>();
  lines.forEach(({ raw, blankBefore }, at) => {
    if (raw.length > 80) return;
    const name = raw
      .replace(/[\s:*_#–—-]+/g, ' ')
      .trim()
      .toLowerCase();
    if ((!blankBefore && at > 0) || /\d/.test(name) || name.split(' ').length > 4 || name.length < 3) return;
    const first = heads.get(name);
    if (first === undefined) heads.set(name, at);
    else if (at - first > 2) found.add(at);
  });
  return found;
}

/** Three lines or more that count on from 1, right under the heading of a method. */
function countedUnderMethod(lines: readonly string[]): ReadonlySet<number> {
  const found = new Set<number>();
  lines.forEach((line, at) => {
    if (line.length > 60 || !METHOD.test(line)) return;
    let count = 0;
    while (new RegExp(`^${count + 1}\\s+\\p{L}`, 'u').test(lines[at + 1 + count] ?? '')) count += 1;
    if (count >= 3) for (let index = 1; index <= count; index += 1) found.add(at + index);
  });
  return found;
}

/**
 * Lines that go on with the line before them, in a block of prose that was broken by its width: all but its last are about as long, and
 * sentences end inside of them.
 */
function brokenByWidth(lines: readonly LineToSee[]): ReadonlySet<number> {
  const found = new Set<number>();
  const lengths = lines.map(({ raw }) => raw.trim().length);
  const long = (at: number) => lengths[at]!;
  for (let from = 0; from < lines.length; from += 1) {
    let end = from + 1;
    if (long(from) < 38 || long(from) > 100 || !/^\s*\p{Lu}/u.test(lines[from]!.raw)) continue;
    // The block begins with the first line of prose: a list may stand right over it.
    while (end < lines.length && !lines[end]!.blankBefore && Math.abs(long(end - 1) - long(from)) <= 12) end += 1;
    const block = lines.slice(from, end).map(({ raw }) => raw.trim());
    const ends = block.filter((line) => /\p{Ll}[.!]\s+\p{Lu}/u.test(line)).length;
    const runs = block.slice(1).filter((line, at) => /^[\p{Ll}\d(]/u.test(line) && !/[.!?:;]$/.test(block[at]!)).length;
    if (block.length < 3 || long(from) < 38 || long(from) > 100 || ends < 1 || runs * 2 < block.length - 1 || !/^\p{Lu}/u.test(block[0]!))
      continue;
    for (let at = 1; at < block.length; at += 1)
      if (/^[\p{Ll}\d(]/u.test(block[at]!) && !/[.!?:;]$/.test(block[at - 1]!) && !isMeasured(block[at - 1]!)) found.add(from + at);
    from = end - 1;
  }
  return found;
}

/** Lines under a rule at the very end, by which whoever writes signs everything alike. */
function signedBy(lines: readonly string[]): ReadonlySet<number> {
  const rule = lines.findLastIndex((line) => /^_{5,}$|^--$/.test(line));
  const after = lines.slice(rule + 1);
  return new Set(rule > 2 && after.length <= 4 && !after.some((line) => isMeasured(line)) ? after.map((_, at) => rule + 1 + at) : []);
}

/** Lines set in under the line that they go on with: "8 oz strong plain" / "  flour". */
function hanging(lines: readonly LineToSee[]): ReadonlySet<number> {
  const found = lines.flatMap(({ raw, blankBefore }, at) =>
    at > 0 &&
    !blankBefore &&
    /^\s{2,6}\p{Ll}[^\d]{1,30}$/u.test(raw) &&
    /^\S/.test(lines[at - 1]!.raw) &&
    isMeasured(lines[at - 1]!.raw.trim())
      ? [at]
      : [],
  );
  return new Set(found.length >= 2 ? found : []);
}

/** Names alone in a line that a later line begins with and a colon: "crumble" over what goes in, and "crumble: rub, bake". */
function headedLater(lines: readonly string[]): ReadonlySet<number> {
  const later = new Map<string, number>();
  lines.forEach((line, at) => {
    const name = /^(\p{L}[\p{L} ]{1,24}):\s+\S/u.exec(line)?.[1];
    if (name) later.set(name.toLowerCase(), at);
  });
  return new Set(lines.flatMap((line, at) => (line.length <= 25 && (later.get(line.toLowerCase()) ?? -1) > at + 1 ? [at] : [])));
}

/** What can be seen of a text as a whole; takes time in proportion to its length. */
export function mannerOf(lines: readonly LineToSee[]): Manner {
  const texts = lines.map(({ raw }) => raw.trim());
  // A line broken by its width is no beginning, where others that are so broken begin with capitals.
  const broken = lines.map(({ blankBefore }, index) => index > 0 && !blankBefore && goesOn(texts[index - 1]!, texts[index]!));
  const byWidth = brokenByWidth(lines);
  const capitals = texts.filter((text, index) => !broken[index] && /^\p{Lu}/u.test(text)).length;
  const begin = (pattern: RegExp) =>
    texts.filter((text, index) => !byWidth.has(index) && !(broken[index] && capitals >= 3) && pattern.test(text)).length;
  // Of those that begin with a letter: who writes in small letters does so throughout.
  const mostlySmall = begin(/^\p{Ll}/u) > begin(/^\p{L}/u) * 0.5 && begin(/^\p{Lu}/u) < 5;
  const chapters = chaptersOf(texts);
  return {
    mostlySmall,
    clocked: (chapters.size === 0 && texts.filter((text) => CLOCK.test(text)).length >= 3) || spansFollow(texts),
    wrapped: !mostlySmall && broken.filter(Boolean).length >= 2,
    byWidth: new Set([...byWidth, ...hanging(lines)]),
    signed: signedBy(texts),
    columns: columnUnits(lines.map(({ raw }) => raw)),
    boxes: numberedBoxes(texts),
    counted: countedUnderMethod(texts),
    done: doneByBullet(texts),
    refers: namingAgain(texts),
    again: new Set([...saidAgain(lines), ...headedLater(texts)]),
    chapters,
    named: namedByPage(texts),
    allIn: saidUnit(texts),
    noted: underNotes(lines),
  };
}
