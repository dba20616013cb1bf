/** Centimetres in an inch, by definition. */
const INCH = 2.54;

/**
 * Centimetres of a length typed by hand: `24`, `24 cm`, `240 mm`, `9 in`, `9.5"`. Null when it is none.
 *
 * @example centimetresIn('9 in') // 22.86
 */
export function centimetresIn(text: string): number | null {
  const match = /^\s*(\d{1,4}(?:[.,]\d{1,2})?)\s*(cm|mm|in|inch|inches|"|”)?\s*$/i.exec(text);
  if (!match) return null;
  const value = Number(match[1]!.replace(',', '.'));
  const unit = (match[2] ?? 'cm').toLowerCase();
  return unit === 'cm' ? value : unit === 'mm' ? value / 10 : Math.round(value * INCH * 100) / 100;
}
