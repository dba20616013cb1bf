import { plain } from '../text';

/** The singular of an English word, near enough to bring spellings of one ingredient together. */
export function singular(word: string): string {
  if (word.length > 4 && word.endsWith('ies')) return `${word.slice(0, -3)}y`;
  if (word.length > 4 && /(?:oes|ches|shes|sses|xes)$/.test(word)) return word.slice(0, -2);
  if (word.endsWith('leaves')) return `${word.slice(0, -6)}leaf`;
  if (word.length > 3 && word.endsWith('s') && !/(?:ss|us|is)$/.test(word)) return word.slice(0, -1);
  return word;
}

export function itemWords(item: string): string[] {
  return plain(item).split(' ');
}
