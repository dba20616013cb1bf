import { exact } from '../exact';
import type { FactBook } from '../ingredients';

/** A line with what cooks abbreviate written out: "à 150 g", "+ more for the tin", "s & p", "a walnut of yeast (say 20 g)". */
export const shorthandOut = (line: string): string =>
  line
    // "2 fillets à 150 g", "6 pears @ 180 g": what one weighs.
    .replace(/(?<=\p{L})\s+(?:à|@)\s?(\d[\d.,]{0,6}\s?(?:g|kg|ml|oz|lb))\b(?!\s*each)/u, ' ($1 each)')
    // "30 g olive oil + more for the tray": the more is not measured.
    .replace(/\s*\+\s+(?:a (?:bit|little)\s+)?(?:more|extra)\s+(?=(?:for|to)\s)/i, ', plus extra ')
    .replace(/^s\s?(?:&|\+|and)\s?p$/i, 'salt and pepper')
    // "a walnut of yeast (say 20 g)": the figure counts, not the walnut.
    .replace(
      /^an?\s+(?:walnut|nut|lump|bit|piece|slug|splash|hazelnut|egg)(?:[- ]sized (?:piece|lump|knob))?\s+of\s+(.{3,40}?)\s*\((?:say|about|around|roughly|or)\s+(\d[\d.,]{0,6}\s?(?:g|grams?|ml))\)$/i,
      'about $2 $1',
    );

/** "150 hazelnuts", "80 sherry vin": so many small pieces, or of what nobody counts, are grams of a cook in a hurry. */
export function isShorthand(count: string, item: string, book: FactBook): boolean {
  if (exact(count).compare(50) < 0) return false;
  const one = book.find(item)?.gramsOfOne.find(({ unit, size }) => unit === 'each' && size === '')?.grams;
  return one === undefined || exact(one).compare(5) < 0;
}

/** "3 mm dice", "2 cm cubes": how large it is cut, and nothing else. */
export const CUT_TO =
  /^\d{1,3}(?:[.,]\d)?\s?(?:x\s?\d{1,3}(?:[.,]\d)?\s?)?(?:mm|cm|inch(?:es)?)[\s-]*(?:dice[ds]?|cubes?d?|rings?|slices?d?|batons?|sticks?|rounds?|strips?|pieces?|chunks?|lengths?|wedges?|matchsticks?|ribbons?|discs?|squares?|thick|long)\b/i;

