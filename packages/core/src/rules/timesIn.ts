const WORDS: Readonly<Record<string, number>> = {
  quarter: 0.25,
  half: 0.5,
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
  forty: 40,
  'forty-five': 45,
  sixty: 60,
  ninety: 90,
  couple: 2,
  few: 3,
};
const UNITS: readonly (readonly [RegExp, number])[] = [
  [/^(?:seconds?|secs?)$/, 1 / 60],
  [/^(?:minutes?|mins?|min)$/, 1],
  [/^(?:hours?|hrs?|hr|h)$/, 60],
  [/^(?:days?)$/, 1440],
  [/^(?:nights?)$/, 720],
  [/^(?:weeks?)$/, 10_080],
];

/** How long "overnight" is taken to be: an evening to the next morning. A working figure of ours, on the long side. */
const OVERNIGHT = 720;

const FIGURE = String.raw`(\d{1,2}\/\d{1,2}|\d{1,4}(?:[.,]\d{1,2})?\s*[¼½¾]?|[¼½¾]|${Object.keys(WORDS)
  .sort((a, b) => b.length - a.length)
  .join('|')})`;
const SPAN = new RegExp(
  String.raw`(?<![A-Za-z\d.,])${FIGURE}(?:\s*(?:-|–|to|or)\s*${FIGURE})?(?:\s+(?:and\s+a\s+half|of|a|an|full|more|whole))*\s*(seconds?|secs?|minutes?|mins?|min|hours?|hrs?|hr|h|days?|nights?|weeks?)\b(\s+and\s+a\s+half)?`,
  'gi',
);
const GLYPHS: Readonly<Record<string, number>> = { '¼': 0.25, '½': 0.5, '¾': 0.75 };

function valueOf(text: string): number {
  const plain = text.trim().toLowerCase();
  if (plain in WORDS) return WORDS[plain]!;
  const parts = /^(\d+)\/(\d+)$/.exec(plain);
  if (parts) return Number(parts[2]) > 0 ? Number(parts[1]) / Number(parts[2]) : 0;
  const glyph = /[¼½¾]/.exec(plain)?.[0];
  const figure = plain.replace(/[¼½¾]/, '').trim();
  return (figure ? Number(figure.replace(',', '.')) : 0) + (glyph ? GLYPHS[glyph]! : 0);
}

/**
 * Minutes that a text names, in figures or words, each for itself; the longer end of a range.
 *
 * @example minutesNamed('leave overnight, then half an hour at room temperature') // [30, 720]
 * @example minutesNamed('for 1½ hours') // [90]
 */
export function minutesNamed(text: string): readonly number[] {
  const found: number[] = [];
  for (const match of text.matchAll(SPAN)) {
    const per = UNITS.find(([unit]) => unit.test(match[3]!.toLowerCase()))![1];
    const top = match[2] ?? match[1]!;
    const half = match[4] || /and\s+a\s+half/i.test(match[0]) ? 0.5 : 0;
    const value = (valueOf(top) + half) * per;
    if (value > 0) found.push(value);
  }
  if (/\b(?:overnight|over night|until (?:the )?(?:next (?:day|morning)|tomorrow|morning))\b/i.test(text)) found.push(OVERNIGHT);
  if (/\ball day\b/i.test(text)) found.push(OVERNIGHT);
  return found.sort((a, b) => a - b);
}

/** The longest time a step takes, by its minutes or its words; null when neither says. */
export function longestTime({ text, minutes }: { readonly text: string; readonly minutes: number | null }): number | null {
  const all = [...minutesNamed(text), ...(minutes === null ? [] : [minutes])];
  return all.length > 0 ? Math.max(...all) : null;
}
