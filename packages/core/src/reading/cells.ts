import { findUnit } from '../quantity';

const NUMBER = /^(?:about\s+|~)?(?:\d{1,6}(?:[.,]\d{1,3})?(?:\s?[½¼¾])?|\d{1,2}\s?\/\s?\d{1,2}|[½¼¾⅓⅔])$/;
const MEASURED = /^(?:\d{1,6}(?:[.,]\d{1,3})?|[½¼¾])\s?[a-z]{1,6}\.?$/i;

/**
 * A row of a table, "Butter | 125 | g | cold, diced" or the same with tabs, as an ingredient line is written; null where a line is no
 * such row.
 *
 * @example fromCells('Butter | 125 | g | cold, diced') // '125 g Butter, cold, diced'
 */
export function fromCells(raw: string): string | null {
  if (raw.length > 400) return null;
  const cells = raw
    .replace(/^\s*\|/, '')
    .split(/\t|\|/)
    .map((cell) => cell.replace(/\s+/g, ' ').trim());
  if (cells.length < 2) return null;
  const at = cells.findIndex((cell) => NUMBER.test(cell));
  const together = at < 0 ? cells.findIndex((cell) => MEASURED.test(cell) && findUnit(cell.replace(/^[\d.,½¼¾\s]+/, '')) !== null) : -1;
  const place = at >= 0 ? at : together;
  if (place < 0) return null;
  const unitBehind = at >= 0 && findUnit(cells[at + 1] ?? '') !== null;
  const amount = at < 0 ? cells[together]! : unitBehind ? `${cells[at]!} ${cells[at + 1]!}` : cells[at]!;
  const used = new Set(unitBehind ? [place, place + 1] : [place]);
  const [name, ...others] = cells.filter((cell, index) => cell && !used.has(index));
  if (!name || !/\p{L}{2}/u.test(name) || /^(?:sub-?)?totals?$/i.test(name)) return null;
  return [`${amount} ${name}`, ...others].join(', ');
}
