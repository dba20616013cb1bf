import { itemKey, type FactBook } from '../ingredients';
import { unitOf } from '../quantity';
import { readAmount } from './readAmount';

/** Fewer ingredients than these make no list: what goes in is told while it is cooked. */
const NO_LIST = 4;
/** The most places that are looked at in a text: no recipe is told in so many figures, a text made to take long is. */
const MOST = 120;
/** Where an amount may begin. */
const BEGINS =
  /(?<![\p{L}\d.,/°-])(?:about\s+|roughly\s+)?(?:\d|[½¼¾⅓⅔]|the\s+juice\s+of\s+(?=\d|an?\b|one|two|half)|(?:half\s+)?an?\s+(?=(?:(?:good|big|small|large|heaped|whole|nice)\s+)?(?:handful|pinch|knob|splash|spoon(?:ful)?|teaspoon|tablespoon|cup|kilo|litre|pound|pint|ounce|quart|bunch|clove|sprig|stick|glass|tin|can|blade|piece|thumb|lump)\b)|half\s+an?\s+|(?:one|two|three|four|five|six)\s+(?=\p{L}))/giu;
/** Measures that nobody knows the size of: they are asked about, as in a list. */
const UNKNOWN_MEASURE =
  /^(?:spoon(?:ful)?s?|glass(?:es)?|mugs?|ladles?|scoops?|blades?|pieces?|lumps?)\s+(?:of\s+)?(?:an?\s+|or\s+two\s+(?:of\s+)?)?/i;
/** "400 g tin tomatoes" */
const PACKED = /^(?:tins?|cans?|jars?|packets?|cartons?)\s+(?:of\s+)?(?=\p{L})/iu;
/** What is said of a food before its name: "a kilo of firm plums". */
const HOW_IT_IS = /^(?:of\s+)?(?:(?:firm|ripe|good|fresh|nice|young|tender|very|best|sour|large|small|big)\s+){1,2}/i;
/** What comes before an amount of something that is there already: "half of the", "2 tablespoons of the same oil". */
const OF_WHAT_IS_THERE = /^(?:of\s+)?(?:the|this|that|it|them|its|their|your|these|those|each|more|less)\b/i;

/**
 * Amounts of ingredients that stand in the sentences of a method, as lines of their own: "whip 400 ml of double cream with a spoonful of
 * icing sugar" holds two. Only where a text has next to no list, since a step otherwise tells again what stands there, and only foods
 * that the facts know, so that no time and no measure of a pan is taken for one.
 *
 * @param title - what is made is no ingredient of it: "fry 8 pancakes"
 * @param steps - texts of the method
 * @param listed - items that stand in the list
 * @returns texts of lines, in the order of the steps
 */
export function ingredientsInSteps(title: string, steps: readonly string[], listed: readonly string[], book: FactBook): readonly string[] {
  if (listed.length >= NO_LIST) return [];
  const known = new Set(listed.map((item) => itemKey(item, book)));
  const heads = new Set(listed.map(lastWord));
  let looked = 0;
  return steps.flatMap((step) => {
    const found: string[] = [];
    // "200 grams of flour 100 of butter 75 of sugar": said without a pause.
    const text = step.slice(0, 2000).replace(/(?<=\p{L})\s(?=\d{1,4}\sof\s\p{L})/gu, ', ');
    for (const match of text.matchAll(BEGINS)) {
      looked += 1;
      if (looked > MOST) break;
      const rest = text.slice(match.index, match.index + 80).split(/[.,](?!\d)|[;:()]|\s[-–—]\s/)[0]!;
      const read = readAmount(rest);
      if (!read || !rest.endsWith(read.rest) || OF_WHAT_IS_THERE.test(read.rest)) continue;
      // "a piece of ginger": one of it, whatever that weighs.
      const piece = /^(?:half )?an? (?:piece|lump|thumb) of /i.test(rest);
      const spoon = read.unitWritten ? null : UNKNOWN_MEASURE.exec(read.rest);
      // "2 carrots", "6 vegan sausages": counted in figures, and not what it is cut into.
      const counted =
        listed.length < 2 &&
        !read.unitWritten &&
        /^(?:\d|(?:one|two|three|four|five|six)\s\p{L})/iu.test(rest) &&
        !/\b(?:into|in|every|each|of|the)\s+$/i.test(text.slice(0, match.index));
      if (!spoon && !counted && !piece && !isOfFood(read.amount.unit, read.unitWritten)) continue;
      const [measure = ''] = spoon ?? PACKED.exec(read.rest) ?? [];
      const weighed = read.unitWritten && unitOf(read.amount.unit).dimension !== 'count';
      const named = foodAt(read.rest.slice(measure.length).replace(HOW_IT_IS, ''), book);
      // "six cloves and a piece of ginger": the spice.
      const item =
        named ||
        (read.amount.unit === 'clove' && read.amount.max !== '1' && /^\s*(?:and\b|$)/i.test(read.rest) && !/garlic/i.test(text)
          ? 'cloves'
          : '');
      // "The oil" of a step is the olive oil of the list.
      if (!item || known.has(itemKey(item, book)) || heads.has(lastWord(item)) || (!weighed && lastWord(item) === lastWord(title)))
        continue;
      known.add(itemKey(item, book));
      found.push(
        (named ? `${rest.slice(0, rest.length - read.rest.length)}${measure}${item}` : rest.slice(0, rest.length - read.rest.length))
          .replace(/\s+/g, ' ')
          .trim(),
      );
    }
    return found;
  });
}

const lastWord = (item: string): string => item.toLowerCase().split(' ').at(-1)!.replace(/s$/, '');

/** A weight, a volume, a pack or a piece with its unit; a bare count in a sentence counts anything. */
const isOfFood = (unit: Parameters<typeof unitOf>[0], written: boolean): boolean => written && unitOf(unit).code !== 'each';

const NOT_IN_A_NAME = /\b(?:and|or|with|to|in|of|the)\b/i;
const ENDS_NO_NAME = /(?:ed|ing|ly)$|^(?:into|over|until|well|together|on|at|for|from|apart|each|more)$/i;

/** The longest run of words at the beginning that the facts know all of; empty where the first is none. */
function foodAt(text: string, book: FactBook): string {
  const words = text.trim().split(/\s+/).slice(0, 5);
  for (let count = words.length; count > 0; count -= 1) {
    const name = words.slice(0, count).join(' ');
    const read = book.read(name);
    // "butter rubbed into" is butter.
    if (read.found.length > 0 && read.notKnown.length === 0 && !NOT_IN_A_NAME.test(name) && !ENDS_NO_NAME.test(words[count - 1]!))
      return name;
  }
  return '';
}
