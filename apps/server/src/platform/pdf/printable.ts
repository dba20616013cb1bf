/** Fractions the printed face has no glyph for, by their digits. */
const SPELT: Readonly<Record<string, string>> = {
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅕': '1/5',
};

/** `1⅓` as `1 1/3` where the face lacks the glyph; every text of a document, however deep. */
export function printable<T>(content: T): T {
  if (typeof content === 'string')
    return content.replace(
      /(\d)?([⅓⅔⅛⅜⅝⅞⅙⅚⅕])/g,
      (_, digit: string | undefined, glyph: string) => `${digit ? `${digit} ` : ''}${SPELT[glyph]!}`,
    ) as T;
  if (Array.isArray(content)) return content.map(printable) as T;
  if (typeof content === 'object' && content !== null)
    return Object.fromEntries(Object.entries(content).map(([key, value]) => [key, printable(value as unknown)])) as T;
  return content;
}
