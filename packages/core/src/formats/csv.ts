import Papa from 'papaparse';

/**
 * Where a spreadsheet would begin a formula: at the start of a cell or of a line in it, behind blanks and signs that cannot
 * be seen, in the wide signs of other keyboards too.
 */
const FORMULA = /(^|[\r\n])([^\S\r\n]|[\u200b-\u200f\u2060\ufeff\0])*(?=[=+\-@＝＋－＠])/g;
const AT_START = /^[\t\r]/;
const HARMLESS = /(^|[\r\n])'(?=[^\S\r\n\u200b]*[=+\-@＝＋－＠])/g;

type Cell = string | number;

const safe = (cell: Cell): Cell =>
  typeof cell === 'string'
    ? cell.replace(AT_START, ' ').replace(FORMULA, (blanks, line: string) => `${line}'${blanks.slice(line.length)}`)
    : cell;

/** A cell as it was before it was made harmless. */
export const fromSafeCell = (cell: string): string => cell.replace(HARMLESS, '$1');

/**
 * CSV (RFC 4180) of some rows, with a heading. Whatever a spreadsheet would run as a formula is made harmless with an
 * apostrophe before it.
 *
 * @example safeCsv(['item'], [{ item: '=1+1' }]) // "item\r\n'=1+1"
 */
export function safeCsv<C extends string>(columns: readonly C[], rows: readonly Readonly<Record<C, Cell>>[]): string {
  return Papa.unparse({ fields: [...columns], data: rows.map((row) => columns.map((column) => safe(row[column]))) }, { newline: '\r\n' });
}
