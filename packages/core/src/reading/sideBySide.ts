import { SHIPPED_BOOK, type FactBook } from '../ingredients';
import { readAmount } from './readAmount';

const GAP = /(?<=\S)\s{3,}(?=\S)/;
/** What stands so far to the right belongs to the right column. */
const INDENTED = /^\s{12,}\S/;

const isLine = (text: string, book: FactBook): boolean => {
  const read = readAmount(text.trim());
  return read !== null && /\p{L}{3}/u.test(read.rest) && (read.unitWritten || book.read(read.rest.slice(0, 60)).found.length > 0);
};

/** A line of a text and where it stands there. */
export interface Placed {
  readonly raw: string;
  readonly at: number;
}

/**
 * Two lists of ingredients printed side by side, put one under the other: every line of a block that holds two amounts, its headings above,
 * and what stands alone in either column. Other lines stay where they are.
 *
 * @example sideBySide(['2 kg carrots          60 g carrot tops', '60 ml oil             20 g capers']).map(({ raw }) => raw)[1] // '60 ml oil'
 */
export function sideBySide(lines: readonly string[], book: FactBook = SHIPPED_BOOK): readonly Placed[] {
  if (!lines.some((raw) => raw.includes('   ') || raw.includes('\t'))) return lines.map((raw, at) => ({ raw, at }));
  const cellsAt = lines.map((raw) => (raw.length < 200 ? raw.trim().split(GAP) : [raw]));
  const isPair = cellsAt.map((cells) => cells.length === 2 && cells.every((cell) => isLine(cell, book)));
  const out: Placed[] = [];
  for (let at = 0; at < lines.length; at += 1) {
    const heads =
      cellsAt[at]!.length === 2 && !isPair[at] && isPair[at + 1] && cellsAt[at]!.every((cell) => /^\p{L}[^\d]{2,40}$/u.test(cell));
    const first = heads ? at + 1 : at;
    let end = first;
    while (end < lines.length && (isPair[end] || (end > first && isAlone(lines[end]!, book)))) end += 1;
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

const isAlone = (raw: string, book: FactBook): boolean => raw.trim() !== '' && !GAP.test(raw.trim()) && isLine(raw, book);
