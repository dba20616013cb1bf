import { timesIn } from '../quantity';

/**
 * Minutes that a text names, in figures or words, each for itself; the longer end of a range.
 *
 * @example minutesNamed('leave overnight, then half an hour at room temperature') // [30, 720]
 * @example minutesNamed('for 1½ hours') // [90]
 */
export const minutesNamed = (text: string): readonly number[] =>
  timesIn(
    text
      .replace(/\bwithin the hour\b/gi, 'within 1 hour')
      .replace(/\bfor the week\b/gi, 'for 7 days')
      .replace(/\bfor the day\b/gi, 'for 12 hours'),
  )
    .map(({ most }) => most)
    .sort((a, b) => a - b);

/** The longest time a step takes, by its minutes or its words; null when neither says. */
export function longestTime({ text, minutes }: { readonly text: string; readonly minutes: number | null }): number | null {
  const all = [...minutesNamed(text), ...(minutes === null ? [] : [minutes])];
  return all.length > 0 ? Math.max(...all) : null;
}
