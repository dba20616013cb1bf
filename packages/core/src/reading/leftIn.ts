import type { FactBook } from '../ingredients';
import type { Doubt } from '../dish/doubts';

/** What is left of an amount, a unit, a sign or a joint in the name of an item: never read for sure. */
const LEFT_OVER =
  /^(?:(?!0{2,3}\s)\d(?!\d?\s?%)|[½¼¾⅓⅔#&+/×*=]|x\s|(?:and|or|of|with|plus|to|from|per|then|&)\b|(?:g|kg|ml|cl|l|oz|lb|lbs|tsp|tbsp|cups?|pints?)\b\.?)|(?<![\p{L}\d])\d+(?:[.,]\d+)?\s?(?:g|kg|ml|cl|l|oz|lbs?|tsp|tbsp|cups?|cloves?|bunch(?:es)?|sprigs?|tins?|cans?|slices?|lea(?:f|ves)|sticks?|pinch(?:es)?|handfuls?|bulbs?|heads?|each|ea)\b|(?<!\btype)\s\d{1,4}$|\bthe \d|\bper (?:litre|liter|l|kg|kilo)\b|\s(?:&|and|\+)\s(?:\d|[½¼¾])|\s(?:with|of|from|and|or|for|in|to)$/iu;
/** "vinegar, 4 oil, 1 bay leaf": something else is counted behind the comma; a size, a time and a share are not. */
const COUNTED_BEHIND =
  /(?:^|,\s)(?:\d{1,3}|[½¼¾])\s(?!(?:mm|cm|inch|in|min|mins|minutes?|hours?|hrs?|days?|nights?|times?|ways?|x|by|or|to|of|at|each|per|lengthways|crossways)\b)\p{L}{3,}/iu;
const SEVERAL = /\s(?:&|and|\+)\s+(?:an?|some|a bit of|a little|half an?|one|two|three)\s+\p{L}{3}/iu;

/** What has to be asked of a line with an amount since more than one thing seems to stand in it. */
export function leftIn(item: string, preparation: string, book: FactBook): readonly Doubt[] {
  if (!item) return [];
  // "chives, dill, parsley, a big handful altogether": behind the comma stand foods, and no way of cutting.
  const others = !preparation ? 0 : preparation.split(/,\s*/).filter((part) => book.find(part) !== null).length;
  const several = others >= 2 || (others === 1 && /\b(?:altogether|in all|between them|mixed)\b/i.test(preparation)) || SEVERAL.test(item);
  // "sugar, 450 g per lb of pulp" is no amount by itself.
  const share = /^per\s(?:lb|pound|kg|kilo|litre|liter|l|pint|quart|100)\b/i.test(preparation);
  const left = LEFT_OVER.test(item)
    ? item
    : share || COUNTED_BEHIND.test(preparation) || /^[x×]\s?\d/i.test(preparation)
      ? preparation
      : null;
  return [...(several ? [{ code: 'several-items' } as const] : []), ...(left ? [{ code: 'left-over', text: left } as const] : [])];
}
