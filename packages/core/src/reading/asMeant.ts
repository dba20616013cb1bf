const FIGURE = /^(?=[\dOolI]*[OolI])([\dOolI]{1,5})(?=\s*(?:g|kg|ml|cl|l|litres?|tbsp|tsp|tablespoons?|teaspoons?|cups?|oz|lb)\b)/;
const IN_A_WORD = /\p{L}[10]\p{L}/u;
const WORD = /(?<![\p{L}\d])\p{L}+[10]\p{L}+(?![\p{L}\d])/u;

const IN_WORDS = new RegExp(IN_A_WORD.source, 'gu');
/** A word whose letters a scanner took for figures, at its end too: "oi1"; and a figure that begins with a letter: "I0 minutes". */
const ANY_WORD = /(?<![\p{L}\d])\p{L}+(?:[10]\p{L}+)+(?![\p{L}\d])|(?<![\p{L}\d])\p{Ll}{2,}1(?![\p{L}\d])/gu;
const LETTER_FIRST = /(?<![\p{L}\d])[IlO](?=\d{1,2}\s?(?:min|hour|°))/gu;

/** What takes prose of a page for what was meant: with letters for figures where a scanner read them so throughout, else as it is. */
export function proseOf(page: string): (text: string) => string {
  const scanned = (page.slice(0, 20_000).match(IN_WORDS)?.length ?? 0) >= 3;
  return (text) =>
    scanned
      ? text
          .replace(ANY_WORD, (word) => word.replace(/1/g, 'l').replace(/0/g, 'o'))
          .replace(LETTER_FIRST, (letter) => (letter === 'O' ? '0' : '1'))
      : text;
}

/** A line as it was before a scanner read letters for figures, "1OO g", "l tbsp", or figures for letters, "plain f1our"; and what was changed. */
export function asMeant(text: string): { readonly text: string; readonly read: readonly string[] } {
  const [written] = FIGURE.exec(text) ?? [];
  const figure =
    written && /[OolI]/.test(written) && /\d|^[lI]$/.test(written) ? written.replace(/[Oo]/g, '0').replace(/[lI]/g, '1') : null;
  // "l egg", "l medium marrow"
  const alone = figure === null && /^[lI|]\s(?=\p{Ll}{3})/u.test(text) && text.split(' ').length <= 6;
  const first = alone ? `1${text.slice(1)}` : figure === null ? text : figure + text.slice(written!.length);
  const [divided] = IN_A_WORD.test(first) ? (WORD.exec(first) ?? []) : [];
  const word = divided?.replace(/1/g, 'l').replace(/0/g, 'o');
  return {
    text: divided && word ? first.replace(divided, word) : first,
    read: [...(alone ? ['1'] : figure === null ? [] : [figure]), ...(word ? [word] : [])],
  };
}
