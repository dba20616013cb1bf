/**
 * Techniques a method step seems to exercise, by the words of their cards.
 *
 * @example suggestTechniques('Blanch the leeks', [{ id: 't1', words: ['blanch'] }]) // ['t1']
 */
export function suggestTechniques(step: string, techniques: readonly { id: string; words: readonly string[] }[]): readonly string[] {
  const text = plainWords(step);
  return techniques.filter((technique) => technique.words.some((word) => saysWord(text, word))).map((technique) => technique.id);
}

/** Lower-case words of a text with one space before, between and after them. */
export function plainWords(text: string): string {
  return ` ${text
    .toLowerCase()
    .replace(/[^\p{L}]+/gu, ' ')
    .trim()} `;
}

/**
 * Whether `word`, or one of its plain inflections, stands in a text made by `plainWords`.
 *
 * @example saysWord(plainWords('Slicing the leek'), 'slice') // true
 */
export function saysWord(text: string, word: string): boolean {
  return new RegExp(` (?:${formsOf(word.toLowerCase())}) `).test(text);
}

/** chop: chops, chopped, chopping; slice: sliced, slicing; fry: fries, fried, frying. */
function formsOf(word: string): string {
  const escaped = word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
  const forms = [`${escaped}(?:s|es|d|ed|ing)?`];
  if (/[^aeiou]e$/.test(word)) forms.push(`${escaped.slice(0, -1)}ing`);
  if (/[^aeiou]y$/.test(word)) forms.push(`${escaped.slice(0, -1)}(?:ies|ied)`);
  if (/[^aeiou][aeiou][bdgklmnprt]$/.test(word)) forms.push(`${escaped}${escaped.at(-1)}(?:ed|ing)`);
  return forms.join('|');
}
