import { format, isValid, parse } from 'date-fns';
import { today, type DateOrder } from './dates';
import { speech } from './speech';

// Apart from `dates`, which every screen needs: what reads a date weighs as much as what writes it.

/**
 * A day as it was typed, in the person's order or as ISO; null when it is none. A day without a year is the next such day.
 *
 * @example readDate('3.12.', 'day-month-year', '2026-11-26') // '2026-12-03'
 */
export function readDate(text: string, order: DateOrder = speech().preferences.dates, from: string = today()): string | null {
  const clean = text.trim();
  const iso = /^\d{4}-\d{1,2}-\d{1,2}$/.test(clean) ? parse(clean, 'yyyy-M-d', new Date()) : null;
  if (iso) return isValid(iso) ? format(iso, 'yyyy-MM-dd') : null;
  const parts = clean.split(/[^\d]+/).filter(Boolean);
  if (parts.length < 2 || parts.length > 3 || !/^[\d\s./-]+$/.test(clean)) return null;
  const [year, month, day] =
    order === 'year-month-day' && parts.length === 3
      ? [parts[0], parts[1], parts[2]]
      : order === 'day-month-year'
        ? [parts[2], parts[1], parts[0]]
        : [parts[2], parts[0], parts[1]];
  const inYearOf = (inYear: string) => {
    const found = parse(`${inYear}-${month}-${day}`, 'yyyy-M-d', new Date());
    return isValid(found) ? format(found, 'yyyy-MM-dd') : null;
  };
  if (year) return inYearOf(year.length <= 2 ? `20${year.padStart(2, '0')}` : year);
  // The next such day: this year's, next year's, or, for the 29th of February, that of the next leap year.
  const years = Array.from({ length: 9 }, (_, ahead) => String(Number(from.slice(0, 4)) + ahead));
  return years.map(inYearOf).find((found) => found !== null && found >= from) ?? null;
}

/**
 * A time of day as it was typed; null when it is none.
 *
 * @example readTime('9.30') // '09:30'
 * @example readTime('2:15 pm') // '14:15'
 */
export function readTime(text: string): string | null {
  const match = /^\s*(\d{1,2})(?:[:.h ]?(\d{2}))?\s*([ap])?\.?m?\.?\s*$/i.exec(text);
  if (!match) return null;
  const half = match[3]?.toLowerCase();
  const hours = Number(match[1]);
  const minutes = Number(match[2] ?? 0);
  if (minutes > 59 || (half ? hours < 1 || hours > 12 : hours > 23)) return null;
  const of24 = half ? (hours % 12) + (half === 'p' ? 12 : 0) : hours;
  return `${String(of24).padStart(2, '0')}:${String(minutes).padStart(2, '0')}`;
}
