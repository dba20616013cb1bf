import { findUnit } from '../quantity';

const NUMBER = /^(?:about\s+|~)?(?:\d{1,6}(?:[.,]\d{1,3})?(?:\s?[½¼¾])?|\d{1,2}\s?\/\s?\d{1,2}|[½¼¾⅓⅔])$/;
const MEASURED = /^(?:\d{1,6}(?:[.,]\d{1,3})?\s?[½¼¾⅓⅔]?|[½¼¾⅓⅔]|\d{1,2}\/\d{1,2})\s?[a-z]{1,6}\.?$/i;

/** Looked for first: most lines have neither strokes nor gaps. */
const HAS_CELLS = /\t|\||\s\s/;
const PERCENT = /^\d[\d.,]*\s?%$/;
const isMeasured = (cell: string): boolean => MEASURED.test(cell) && findUnit(cell.replace(/^[\d.,½¼¾⅓⅔\s]+/, '')) !== null;

/** What heads a column: no ingredient and no component. */
const HEAD_CELL =
  /^(?:qty|quantity|quantities|units?|items?|prep(?:aration)?|ingredients?|amounts?|weights?|commodit(?:y|ies)|metric|imperial|us|cost|price|method|time|times|activity|activities|stage|notes?|details?|step|product|yield|baker[’']?s?\s?%|%|✓|grams?|ml|no\.?)$/i;

/** Cells of a row: parted by strokes, by tabs, or by wide gaps. */
const cellsOf = (raw: string): string[] =>
  raw
    .replace(/^\s*\||\|\s*$/g, '')
    .split(/\t|\||(?<=\S) {3,}(?=\S)/)
    .map((cell) => cell.replace(/\s+/g, ' ').trim());

/**
 * Whether a line is the head of a table: "Qty   Unit   Item", "Metric | Imperial".
 *
 * @example isTableHead('Commodities        Amount      ✓') // true
 */
export function isTableHead(raw: string): boolean {
  if (raw.length > 200 || !HAS_CELLS.test(raw.trim())) return false;
  const cells = raw
    .replace(/[*_]/g, '')
    .split(/\t|\||\s{2,}/)
    .map((cell) => cell.trim())
    .filter(Boolean);
  return cells.length >= 2 && cells.every((cell) => HEAD_CELL.test(cell) || UNIT_HEAD.test(cell));
}

const UNIT_HEAD = /^(?:(?:weight|qty|quantity|amount|mass)\s*)?\(?(g|grams?|kg|ml|l|oz|lb)\)?$/i;

/** The unit that heads the column of figures a line stands in, by line: "Item   g   %". It holds until a line without a row's gaps. */
export function columnUnits(lines: readonly string[]): readonly (string | null)[] {
  let unit: string | null = null;
  return lines.map((raw) => {
    if (raw.length > 200 || !HAS_CELLS.test(raw.trim())) return (unit = null);
    const cells = raw
      .trim()
      .split(/\t|\||\s{2,}/)
      .map((cell) => cell.trim())
      .filter(Boolean);
    const head = cells.length >= 2 && cells.every((cell) => HEAD_CELL.test(cell) || UNIT_HEAD.test(cell)) ? cells : null;
    const units = head?.flatMap((cell) => UNIT_HEAD.exec(cell)?.[1] ?? []) ?? [];
    if (head) unit = units.length === 1 ? units[0]!.replace(/^grams?$/i, 'g') : null;
    else if (cells.length < 2) unit = null;
    return head ? null : unit;
  });
}

/**
 * A row of a table, "Butter | 125 | g | cold, diced" or the same with tabs, as an ingredient line is written; null where a line is no
 * such row.
 *
 * @param columnUnit - the unit that heads the column of figures, if one does
 * @example fromCells('Butter | 125 | g | cold, diced') // '125 g Butter, cold, diced'
 */
export function fromCells(raw: string, columnUnit: string | null = null): string | null {
  if (raw.length > 400 || !HAS_CELLS.test(raw)) return null;
  const cells = cellsOf(raw);
  if (cells.length < 2) return null;
  const at = cells.findIndex((cell) => NUMBER.test(cell));
  const together = at < 0 ? cells.findIndex(isMeasured) : -1;
  const place = at >= 0 ? at : together;
  if (place < 0) return null;
  const unitBehind = at >= 0 && findUnit(cells[at + 1] ?? '') !== null;
  const amount =
    at < 0 ? cells[together]! : unitBehind ? `${cells[at]!} ${cells[at + 1]!}` : columnUnit ? `${cells[at]!} ${columnUnit}` : cells[at]!;
  const used = new Set(unitBehind ? [place, place + 1] : [place]);
  const left = cells.filter((cell, index) => cell && !used.has(index) && !PERCENT.test(cell) && !(columnUnit && NUMBER.test(cell)));
  // The same amount in another system, in a column of its own.
  const beside = left.find((cell) => isMeasured(cell) || cell === amount);
  const [name, ...others] = left.filter((cell) => cell !== beside);
  if (!name || !/\p{L}{2}/u.test(name) || /^(?:sub-?)?totals?$/i.test(name)) return null;
  return [`${amount}${beside && beside !== amount ? ` / ${beside}` : ''} ${name}`, ...others].join(', ');
}
