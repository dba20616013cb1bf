import { exact, exactText } from '../exact';
import type { FactBook } from '../ingredients';
import { unitOf, type Amount } from '../quantity';
import { readAmount, type ReadAmount } from './readAmount';

export const LEADING_PREP =
  /^((?:(?:finely|coarsely|roughly|thinly|thickly|freshly|lightly|very)\s+)?(?:chopped|sliced|diced|minced|grated|crushed|shredded|peeled|toasted|melted|softened|beaten|cooked|cubed|ground|sifted|squeezed|picked|torn|warmed)(?:\s+and\s+(?:finely |coarsely )?[a-z]+ed)?)\s+(?=\S)/i;

interface Brackets {
  readonly text: string;
  readonly inside: readonly string[];
}

export function takeBrackets(text: string): Brackets {
  const inside: string[] = [];
  const out = text.replace(/[([{]([^()[\]{}]*)[)\]}]/g, (_, content: string) => {
    if (content.trim()) inside.push(content.trim());
    return ' ';
  });
  return { text: out.replace(/\s+/g, ' ').replace(/\s+,/g, ',').trim(), inside };
}

export function tidy(text: string): string {
  return text.replace(/^[\s,;:.–-]+|[\s,;:–-]+$/g, '').replace(/\s+/g, ' ');
}

export function reverse(text: string): ReadAmount | null {
  // "Flour 250 g", "Flour: 250g", "Butter – 2 tbsp, melted"
  // "Cream 35% 200 g", "70% dark chocolate 200 g": a name that holds a figure of its own.
  const figured =
    /^((?=.*\p{L}{3})\S.{2,60}?)(?:\s[-–—])?\s((?:about\s+|~)?(?:\d{1,5}(?:[.,]\d{1,3})?|[½¼¾⅓⅔])\s?(?:fl\.?\s?oz|\p{L}{1,6})\.?)$/u.exec(
      text,
    );
  const last = figured && /^(?:\d{1,3}\s?%|\p{L})/u.test(figured[1]!) ? readAmount(figured[2]!) : null;
  if (last?.unitWritten && !last.size && !last.rest.trim()) return { ...last, rest: figured![1]!.replace(/[\s.…·_:]+$/, '') };
  const dashed =
    /^(\p{L}[^\d]{1,60}?)\s*(?:\s[-–—]|:)\s*((?:about\s+|approx\.?\s+|~)?(?:[\d½⅓⅔¼¾⅛⅜⅝⅞]|(?:an?|one|two|three|four|five|six|half)\s+\p{L}).*)$/u.exec(
      text,
    );
  const behind = dashed ? readAmount(dashed[2]!) : null;
  if (behind) {
    const after = tidy(behind.rest);
    // "Pomegranate molasses - 2 spoons": a measure nobody knows is asked about, as it is before what it measures.
    if (!behind.unitWritten && /^\p{L}+s$/u.test(after)) return { ...behind, rest: `${after} of ${dashed![1]!}` };
    return { ...behind, rest: after ? `${dashed![1]!}, ${after}` : dashed![1]! };
  }
  const match = /^([\p{L}][\p{L}\s'’-]*?)[\s:.,…–-]+((?:about\s+|approx\.?\s+|~)?[\d½⅓⅔¼¾⅛⅜⅝⅞].*)$/u.exec(text);
  if (!match) return null;
  const read = readAmount(match[2]!);
  if (!read) return null;
  const after = tidy(read.rest);
  // "Lemon 2 no"
  if (!read.unitWritten && /^(?:nos?|ea|each|pcs?|pieces?)\.?$/i.test(after)) return { ...read, rest: match[1]! };
  // "Mace 2 blades"
  if (!read.unitWritten && !read.size && /^\p{Ll}+s$/u.test(after) && !LEADING_PREP.test(`${after} `))
    return { ...read, rest: `${after} of ${match[1]!}` };
  const follows = read.rest.trimStart();
  // "Pomegranate molasses - 2 spoons": a measure nobody knows stands before what it measures, and is asked about.
  if (!read.unitWritten && after && !/^[,;]/.test(follows) && !read.size) return null;
  return { ...read, rest: after ? `${match[1]!}, ${after}` : match[1]! };
}

/** Whether the last word of a text names a food: what stands behind it is no part of the name. */
export const endsInFood = (text: string, book: FactBook): boolean => {
  const last = text.split(' ').at(-1)!;
  return book.find(text) !== null || (book.find(last) !== null && last.length > 2) || book.read(last).found.length > 0;
};

/** What stands before a second amount, "200 g flour plus 2 tbsp", and that amount; null where there is none behind a word. */
export function secondAmount(text: string): { readonly before: string; readonly amount: string } | null {
  for (const match of text.matchAll(/(?:\bplus\b|\+)\s*(?=[\d½¼¾⅓⅔])/gi)) {
    const before = text.slice(0, match.index);
    if (/\p{L}{3}/u.test(before)) return { before: before.replace(/[,;]?\s*$/, ''), amount: text.slice(match.index + match[0].length) };
  }
  return null;
}

/** What a tin of vegetables, fruit or pulses holds, in grams or millilitres: the usual sizes on European and American shelves. */
const USUAL_TINS = ['390', '400', '410', '425'];

/**
 * What one of several pieces weighs, where a weight stands beside their count: a share of it, since a weight beside a count above one is
 * that of all, unless it says "each". On packs it is what is printed on one, unless it is said to be the total, or is as many times what
 * tins are sold by: "2 tins (800 g)".
 */
export function weightOfOne(weight: Amount, count: Amount, isTotal = false): Amount {
  const pieces = exact(count.max);
  // "2 punnets blackberries (about 300 g)": what was weighed was all of it.
  const loose = count.unit === 'punnet';
  // "2 sachets (14 g) dried yeast": a sachet holds seven or so.
  const sachets =
    count.unit === 'packet' &&
    weight.unit === 'g' &&
    pieces.compare(1) > 0 &&
    exact(weight.max).compare(12) > 0 &&
    exact(weight.max).div(pieces).compare(12) <= 0;
  const ofAll =
    isTotal ||
    loose ||
    sachets ||
    (/^(?:g|ml)$/.test(weight.unit) && USUAL_TINS.some((usual) => exact(weight.max).compare(exact(usual).mul(pieces)) === 0));
  if ((unitOf(count.unit).pack && !ofAll) || pieces.compare(1) <= 0 || unitOf(weight.unit).dimension === 'count') return { ...weight };
  const share = (value: string) => exactText(exact(value).div(pieces));
  return { ...weight, min: share(weight.min), max: share(weight.max), about: true };
}
