import { SHIPPED_BOOK, type FactBook } from '../ingredients';
import { isTold } from '../verbs';
import type { Role } from './looks';
import { isMeasured } from './measured';
import { readAmount } from './readAmount';
import { INGREDIENTS, METHOD, TOOLS } from './sectionWords';

const GAP = /(?<=\S)\s{3,}(?=\S)/;
/** What stands so far to the right belongs to the right column. */
const INDENTED = /^\s{12,}\S/;

const isLine = (written: string, book: FactBook): boolean => {
  // A scanner takes a one for a letter.
  const text = written.replace(/^\s*[lI|](?=\s\p{L}{3})/u, '1');
  if (
    /^(?:a little|some|a few|a bit of)\s\p{L}{3}[^.]{2,40}$/iu.test(text.trim()) ||
    /^(?:an?\s)?(?:small\s|large\s|big\s|good\s)?(?:pinch|handful|bunch|knob|splash|dash|sprig|glug)\s(?:of\s)?\p{L}{3}/iu.test(text.trim())
  )
    return true;
  const read = readAmount(text.trim());
  return (
    read !== null &&
    /\p{L}{3}/u.test(read.rest) &&
    (read.unitWritten ||
      /^\d{1,2}\s(?:small|medium|large|big)\s\p{L}/iu.test(text.trim()) ||
      book.read(read.rest.slice(0, 60)).found.length > 0)
  );
};

/** Where columns may begin: what stands behind a gap in three lines or more, from the right. */
function columnsOf(lines: readonly string[]): readonly number[] {
  const starts = new Map<number, number>();
  for (const raw of lines)
    if (raw.length < 200)
      for (const gap of raw.matchAll(/(?<=\S)\s{2,}(?=\S)/g)) {
        const at = gap.index + gap[0].length;
        starts.set(at, (starts.get(at) ?? 0) + 1);
      }
  return [...starts]
    .filter(([, often]) => often >= 3)
    .map(([at]) => at)
    .sort((a, b) => b - a);
}

/** The two halves of a line at a column; null where the line runs across it. */
function halves(raw: string, column: number): readonly [left: string, right: string] | null {
  if (raw.length <= column) return [raw.trim(), ''];
  // What goes on in the right column may stand a little further in.
  return /\s/.test(raw[column - 1] ?? ' ') && /\S/.test(raw.slice(column, column + 6)) && /\s\s$/.test(` ${raw.slice(0, column)}`)
    ? [raw.slice(0, column).trim(), raw.slice(column).trim()]
    : raw.slice(0, column).trim() === '' || raw.trim() === ''
      ? ['', raw.trim()]
      : null;
}

/** Ingredients with the method printed beside them, put one under the other; null where a text has no such block. */
function listBesideMethod(lines: readonly string[], book: FactBook): readonly Placed[] | null {
  if (lines.length > 200) return null;
  const gaps = lines.flatMap((raw, at) => (/\S\s{2,}\S/.test(raw) ? [at] : []));
  if (gaps.length < 4) return null;
  for (const column of columnsOf(lines)) {
    // A gap ends at the column: from the first such line to the last.
    const ends = gaps.filter(
      (at) => /\s\s$/.test(lines[at]!.slice(0, column)) && /\S/.test(lines[at]![column] ?? '') && lines[at]!.slice(0, column).trim() !== '',
    );
    const [from, last] = [ends[0], ends.at(-1)];
    const parted = from === undefined || last === undefined ? null : partedAt(column, lines, from, last, book);
    if (parted) return parted;
  }
  return null;
}

/** The same with the right column beginning at one place; null where that is no column of prose. */
function partedAt(column: number, lines: readonly string[], from: number, last: number, book: FactBook): readonly Placed[] | null {
  let end = last + 1;
  // What the longer column goes on with.
  const goesOn = (raw: string) =>
    raw.trim() !== '' && (/^\s*$/.test(raw.slice(0, column)) || raw.length < column || (halves(raw, column)?.every(Boolean) ?? false));
  while (end < lines.length && goesOn(lines[end]!)) end += 1;
  const block = lines.slice(from, end).map((raw) => halves(raw, column));
  if (block.some((each) => each === null)) return null;
  const lefts = block.map((each) => each![0]).filter(Boolean);
  const rights = block.map((each) => each![1]).filter(Boolean);
  const lists = lefts.filter((left) => isMeasured(left) || isLine(left, book)).length;
  const told = rights.filter((right) => isTold(right) || /[.!]\s|[.!]$/.test(right)).length;
  // "2. Toss carrots with oil" is a step with its number.
  const measured = rights.filter((right) => !/^\d{1,2}[.)]\s/.test(right) && isLine(right, book)).length;
  if (lists < 3 || lists < lefts.length * 0.5 || told < 2 || measured > rights.length * 0.3 || rights.join(' ').length < 60) return null;
  // Where the steps beside a list are numbered, what has no number goes on with the one before.
  const isNumbered = (right: string) => /^\d{1,2}[.):]?\s+\p{Lu}/u.test(right);
  const numbered = isNumbered(rights[0]!) && rights.filter(isNumbered).length >= 2;
  // Where they are not, a line that begins small goes on with the line over it, where that ended no sentence.
  const sentences = rights.some((right) => /^(?:\d{1,2}[.)]?\s+)?\p{Lu}.*\p{Ll}/u.test(right) && !METHOD.test(right));
  const goesOnAt = (index: number, raw: string) => {
    const over = block.slice(0, index).findLast((each) => each![1] !== '')?.[1] ?? '';
    return numbered
      ? !isNumbered(raw)
      : sentences && over !== '' && !METHOD.test(over) && !/[.!?:]$/.test(over) && /^[\p{Ll}\d(]/u.test(raw);
  };
  const place = (side: 0 | 1): Placed[] =>
    block.flatMap((each, index) => {
      const raw = each![side];
      if (!raw) return [];
      return [
        {
          raw,
          at: from + index,
          ...(side === 1 && goesOnAt(index, raw)
            ? { as: 'more' as const }
            : // "AMT   STEP": each row has its own step.
              side === 1 && !numbered && !sentences && METHOD.test(rights[0]!) && raw !== rights[0]
              ? { as: 'step' as const }
              : {}),
        },
      ];
    });
  return [
    ...lines.slice(0, from).map((raw, at) => ({ raw, at })),
    ...place(0),
    { raw: '', at: from },
    ...place(1),
    ...lines.slice(end).map((raw, index) => ({ raw, at: end + index })),
  ];
}

/** A line of a text and where it stands there. */
export interface Placed {
  readonly raw: string;
  readonly at: number;
  /** What is known of it from where it stands. */
  readonly as?: Role;
}

/**
 * Two lists of ingredients printed side by side, put one under the other: every line of a block that holds two amounts, its headings above,
 * and what stands alone in either column. Other lines stay where they are.
 *
 * @example sideBySide(['2 kg carrots          60 g carrot tops', '60 ml oil             20 g capers']).map(({ raw }) => raw)[1] // '60 ml oil'
 */
export function sideBySide(lines: readonly string[], book: FactBook = SHIPPED_BOOK): readonly Placed[] {
  if (!lines.some((raw) => raw.includes('  ') || raw.includes('\t'))) return lines.map((raw, at) => ({ raw, at }));
  const beside = listBesideMethod(lines, book);
  if (beside) return beside;
  const withTools = toolsBeside(lines);
  if (withTools) return withTools;
  const cellsAt = lines.map((raw) => (raw.length < 200 ? inTwo(raw.trim().split(GAP)) : [raw]));
  const isPair = cellsAt.map((cells) => cells.length === 2 && cells.every((cell) => isLine(cell, book)));
  const out: Placed[] = [];
  for (let at = 0; at < lines.length; at += 1) {
    const heads =
      cellsAt[at]!.length === 2 && !isPair[at] && isPair[at + 1] && cellsAt[at]!.every((cell) => /^\p{L}[^\d]{2,40}$/u.test(cell));
    const first = heads ? at + 1 : at;
    let end = first;
    // "5 tbsp wine vinegar          salt": among rows of two, the second may be a name alone.
    const isRow = (place: number) =>
      isPair[place] || (cellsAt[place]!.length === 2 && cellsAt[place]!.every((cell) => isNamed(cell, book)));
    while (end < lines.length && (isPair[end] || (end > first && (isRow(end) || isAlone(lines[end]!, book))))) end += 1;
    if (!isPair[first] || end - first < 2) {
      out.push({ raw: lines[at]!, at });
      continue;
    }
    const block = Array.from({ length: end - at }, (_, index) => at + index);
    for (const column of [0, 1] as const)
      for (const place of block) {
        const cells = cellsAt[place]!;
        const alone = cells.length === 1 ? (INDENTED.test(lines[place]!) ? 1 : 0) : null;
        if (alone === null) out.push({ raw: place === at && heads ? `${cells[column]!}:` : cells[column]!, at: place });
        else if (alone === column) out.push({ raw: cells[0]!, at: place });
      }
    at = end - 1;
  }
  return out;
}

const isNamed = (cell: string, book: FactBook): boolean =>
  isLine(cell, book) || (cell.split(' ').length <= 4 && !/\d/.test(cell) && book.read(cell).found.length > 0 && !isTold(cell));

/** "Chickpeas   500 g      Flour   250 g": two lists whose amounts stand in columns of their own. */
const AMOUNT_CELL = /^(?:about\s)?[\d½¼¾][\d.,/½¼¾ ]{0,6}\s?\p{L}{0,8}\.?$/u;
const inTwo = (cells: readonly string[]): readonly string[] =>
  cells.length === 4 && [0, 2].every((at) => /^\p{L}[^\d]{2,40}$/u.test(cells[at]!) && AMOUNT_CELL.test(cells[at + 1]!))
    ? [`${cells[1]!} ${cells[0]!}`, `${cells[3]!} ${cells[2]!}`]
    : cells;

/** A list with the tools for it in a column of their own, under heads that say so; null where a text has none. */
function toolsBeside(lines: readonly string[]): readonly Placed[] | null {
  const head = lines.findIndex((raw) => {
    const cells = raw.length < 200 ? raw.trim().split(GAP) : [];
    return (
      cells.length === 2 && INGREDIENTS.test(cells[0]!.replace(/^you(?:[’']ll| will)? need:?$/i, 'ingredients')) && TOOLS.test(cells[1]!)
    );
  });
  if (head < 0) return null;
  const column = lines[head]!.search(/\S+(?:\s\S+)*\s*$/);
  let end = head + 1;
  while (end < lines.length && lines[end]!.trim() !== '' && halves(lines[end]!, column) !== null) end += 1;
  const rows = Array.from({ length: end - head }, (_, index) => ({ at: head + index, cells: halves(lines[head + index]!, column) }));
  const place = (side: 0 | 1): Placed[] => rows.flatMap(({ at, cells }) => (cells?.[side] ? [{ raw: cells[side], at }] : []));
  return [
    ...lines.slice(0, head).map((raw, at) => ({ raw, at })),
    ...place(0),
    { raw: '', at: head },
    ...place(1),
    ...lines.slice(end).map((raw, index) => ({ raw, at: end + index })),
  ];
}

/** A line of one column alone, or a row of names that ends it: "Thyme, bay, wine vinegar". */
const isAlone = (raw: string, book: FactBook): boolean => {
  const text = raw.trim();
  if (text === '' || GAP.test(text)) return false;
  const names = text.split(/,\s+/);
  return (
    isLine(raw, book) ||
    (names.length >= 2 &&
      text.length < 60 &&
      !/[\d.:]/.test(text) &&
      !isTold(text) &&
      names.filter((name) => isNamed(name, book)).length * 2 >= names.length)
  );
};
