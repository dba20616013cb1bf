const ONES =
  'one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(' ');
const TENS = 'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ');
const VALUES: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  ...Object.fromEntries(ONES.map((word, index) => [word, index + 1])),
  ...Object.fromEntries(TENS.map((word, index) => [word, (index + 2) * 10])),
};

const anyOf = (words: readonly string[]): string => [...words].sort((a, b) => b.length - a.length).join('|');
const BELOW_HUNDRED = `(?:(?:${anyOf(TENS)})(?:[\\s-](?:${anyOf(ONES.slice(0, 9))})(?![a-z]))?|${anyOf(ONES)})`;

/** A pattern for a whole number in words, from "one" to "nine hundred and ninety-nine"; to be met without regard to capitals. */
export const SPELLED = `(?:(?:an?|${anyOf(ONES.slice(0, 9))})\\s+hundred(?![a-z])(?:(?:\\s+and)?\\s+${BELOW_HUNDRED}(?![a-z]))?|${BELOW_HUNDRED}(?![a-z]))`;

/**
 * The value of a whole number in words that `SPELLED` has found.
 *
 * @example spelledValue('two hundred and fifty') // 250
 */
export function spelledValue(text: string): number {
  const words = text
    .trim()
    .toLowerCase()
    .split(/[\s-]+/);
  const at = words.indexOf('hundred');
  const sum = (some: readonly string[]) => some.reduce((all, word) => all + (VALUES[word] ?? 0), 0);
  return at < 0 ? sum(words) : sum(words.slice(0, at)) * 100 + sum(words.slice(at + 1));
}
