import type { FoodKind } from '../ingredients';
import { plain } from '../text';

/** In which order things are prepared: what keeps longest first, raw flesh last and on its own board. */
export const KEEPING = ['dry', 'roots', 'vegetables', 'dairy', 'fruit', 'leaves', 'browns', 'flesh'] as const;
export type Keeping = (typeof KEEPING)[number];

const WORDS: readonly (readonly [Keeping, RegExp])[] = [
  ['browns', /\b(?:apples?|pears?|quinces?|avocados?|artichokes?|celeriac|potato(?:es)?|salsify|bananas?|aubergines?)\b/],
  [
    'leaves',
    /\b(?:herbs?|parsley|dill|mint|basil|coriander|tarragon|chervil|chives?|sorrel|spinach|chard|lettuces?|salad|rocket|watercress|cress|leaf|leaves)\b/,
  ],
  [
    'roots',
    /\b(?:carrots?|onions?|shallots?|garlic|turnips?|swedes?|parsnips?|beetroots?|cabbages?|leeks?|fennel|celery|ginger|squash|pumpkin|radish(?:es)?)\b/,
  ],
  [
    'fruit',
    /\b(?:lemons?|limes?|oranges?|plums?|peach(?:es)?|apricots?|berries|raspberries|strawberries|grapes?|rhubarb|tomato(?:es)?|cucumbers?)\b/,
  ],
  ['vegetables', /\b(?:mushrooms?|courgettes?|peppers?|beans?|peas?|broccoli|asparagus|sprouts?|chicory)\b/],
];
const FLESH: ReadonlySet<FoodKind> = new Set(['cattle', 'pig', 'other mammal', 'poultry', 'fish', 'crustacean', 'mollusc']);
const DAIRY: ReadonlySet<FoodKind> = new Set(['milk', 'egg']);

/** How an item keeps once it is prepared, by what kind of food it is and by its name. @source our own working order, as stations are set up */
export function keepingOf(item: string, kinds: readonly FoodKind[]): Keeping {
  if (kinds.some((kind) => FLESH.has(kind))) return 'flesh';
  if (kinds.some((kind) => DAIRY.has(kind))) return 'dairy';
  const said = plain(item);
  if (/\b(?:dried|flour|nuts?|almonds?|hazelnuts?|walnuts?|seeds?|rice|barley|lentils?|chickpeas?|sugar|salt|spices?)\b/.test(said))
    return 'dry';
  return WORDS.find(([, word]) => word.test(said))?.[0] ?? 'dry';
}
