const ACCENTS = /[\u0300-\u036f]/g;

/** Text on one line, with no blanks at its ends and no two in a row; characters that cannot be seen count as blanks. */
export function oneLine(text: string): string {
  return text.replace(/[\s\p{Cc}\u200b\ufeff]+/gu, ' ').trim();
}

/** A name stripped to lower-case letters, digits and single spaces, without accents. */
export function plain(text: string): string {
  return oneLine(
    text
      .toLowerCase()
      .normalize('NFD')
      .replace(ACCENTS, '')
      .replace(/[^a-z0-9 ]+/g, ' '),
  );
}

/** A text cut after a whole word, with three dots, where it has more characters than `most`. */
export function shortened(text: string, most: number): string {
  if (text.length <= most) return text;
  const cut = text.slice(0, most - 1);
  // A word without end is cut inside.
  const words = /\s/.test(text[most - 1]!) ? cut : cut.replace(/\s+\S*$/, '');
  return `${(words.length > most / 2 ? words : cut).replace(/[\s,;:.–-]+$/, '')}…`;
}

/** A name for keys and files: plain letters and digits, parted by dashes. @param most - characters */
export function slug(text: string, most: number): string {
  return plain(text).replaceAll(' ', '-').slice(0, most).replace(/-+$/, '');
}

/** The singular of an English word, near enough to bring spellings of one name together. */
export function singular(word: string): string {
  if (word.length > 4 && word.endsWith('ies')) return `${word.slice(0, -3)}y`;
  if (word.length > 4 && /(?:oes|ches|shes|sses|xes)$/.test(word)) return word.slice(0, -2);
  if (word.endsWith('leaves')) return `${word.slice(0, -6)}leaf`;
  if (word.length > 3 && word.endsWith('s') && !/(?:ss|us|is)$/.test(word)) return word.slice(0, -1);
  return word;
}
