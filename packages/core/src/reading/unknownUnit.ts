import type { FactBook } from '../ingredients';
import { isState } from '../ingredients/names';

/** Words that measure wherever they stand before a food, though nobody knows how much. */
const MEASURES_BY_EYE =
  /^(?:squares?|slabs?|rows?|mugs?|mugfuls?|glass(?:es)?|spoons?|spoonfuls?|ladles?|ladlefuls?|bowls?|bowlfuls?|cupfuls?|glugs?|lumps?|blobs?|dollops?|sides?|wheels?|sprays?|crates?|nets?|punnets?|hands?|fingers?)$/i;

/** A unit-like word nobody knows: "3 glugs olive oil", "2 heaped spoonfuls of sugar". Returns the word, or null. */
export function unknownUnit(item: string, book: FactBook): string | null {
  const heaped = /^(?:heaped|heaping|level|rounded|scant|generous)\s+(?=\S+\s+(?:of\s|\S))/i.exec(item)?.[0] ?? '';
  if (heaped) {
    const word = unknownUnit(item.slice(heaped.length), book);
    return word === null ? null : heaped + word;
  }
  const [first = '', ...others] = item.split(' ');
  if (others.length === 0 || book.find(first) || isState(first)) return null;
  // "2 c. à s. huile": a lone letter is an abbreviation from somewhere else.
  if (/^\p{L}\.?$/u.test(first)) return first;
  const fact = book.find(others.join(' ').replace(/^of /, ''));
  // "2 sides of trout": what one weighs is not known, whatever it is of.
  if (!fact) return MEASURES_BY_EYE.test(first) && /^\S+ of /.test(item) ? first : null;
  // "500 strong flour": all of it is one name.
  if (book.read(item).notKnown.length === 0) return null;
  const writtenOf = /^\S+ of /.test(item);
  return writtenOf || MEASURES_BY_EYE.test(first) || (fact.density !== null && fact.gramsOfOne.length === 0) ? first : null;
}
