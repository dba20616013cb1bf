import type { Role } from './looks';

const QUOTED = /^\s*(?:>\s?)+/;
const CHAT =
  /^\[?(?:\d{1,2}[./]\d{1,2}[./]\d{2,4},?\s+)?\d{1,2}[:.]\d{2}(?:[:.]\d{2})?(?:\s?[ap]\.?m\.?)?\]?\s*(?:[-–]\s*)?\p{L}[\p{L}\s.’'-]{0,24}:\s+/iu;

/** A text without what a mail or a chat puts before each of its lines: "> ", "[14:02] Noor: ". */
export function unquoted(lines: readonly string[]): readonly string[] {
  if (!lines.some((line) => /^\s*(?:>|\[?\d{1,2}[:./])/.test(line))) return lines;
  const written = lines.filter((line) => line.trim()).length;
  for (const before of [QUOTED, CHAT]) {
    const with_ = lines.filter((line) => before.test(line)).length;
    if (with_ >= 3 && with_ >= written * 0.6) return lines.map((line) => line.replace(before, ''));
  }
  return lines;
}

const CODED = /^\s*[A-Z]{2,4}(?:\t|\s{2,})(?=\p{Ll})/u;

/** A list without the letters by which a kitchen files what goes in: "TOM    tinned plum toms     2.5 kg". */
export function uncoded(lines: readonly string[]): readonly string[] {
  return lines.filter((line) => CODED.test(line) && /\d/.test(line)).length >= 4 ? lines.map((line) => line.replace(CODED, '')) : lines;
}

/** "Phase | Ingredient | g | %": the first column names the part that its rows belong to. */
export const PHASED =
  /^\s*\|?\s*(?:phases?|sections?|components?|elements?|parts?|stages?)\s*[|\t](?=\s*(?:ingredients?|items?|commodit(?:y|ies)|products?)\b)/i;
export const FIRST_CELL = /^ *\|?([^|\t]{0,60})[|\t]/;

const METHOD_HEAD = /^(?:method|procedure|process|what to do|how)$/i;
/** Which cell of the rows of such a table, behind the first, holds what is done; null where none does. */
export const methodCell = (head: string): number | null => {
  const at = head
    .replace(FIRST_CELL, '')
    .split(/[|\t]/)
    .findIndex((cell) => METHOD_HEAD.test(cell.trim()));
  return at < 0 ? null : at;
};

/** A row of such a table: the part where it is named, and the rest of the row; null where a line is none. */
export function phasedRow(raw: string, methodAt: number | null = null): readonly { readonly raw: string; readonly as?: Role }[] | null {
  const first = FIRST_CELL.exec(raw);
  if (!first) return null;
  const name = first[1]!.trim();
  const cells = raw.slice(first[0].length).split(/[|\t]/);
  const done = methodAt === null ? '' : (cells[methodAt]?.trim() ?? '');
  const rest = { raw: `|${done ? cells.filter((_, index) => index !== methodAt).join('|') : raw.slice(first[0].length)}` };
  const row = done ? [rest, { raw: done, as: 'step' as const }] : [rest];
  return /^[-:=\s]*$/.test(name) ? row : [{ raw: `${name}:`, as: 'component' }, ...row];
}
