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

/** Whether `word`, or its plain inflections, stands in a text made by `plainWords`. */
export function saysWord(text: string, word: string): boolean {
  return new RegExp(` ${word.toLowerCase().replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?:s|es|d|ed|ing)? `).test(text);
}
