import { plain, singular } from '../text';

export function itemWords(item: string): string[] {
  return plain(item).split(' ');
}

const set = (words: string): ReadonlySet<string> => new Set(words.trim().split(/\s+/));

/** How an ingredient stands there when it is used, which is no part of what it is: butter is butter, cold or melted. */
const STATE = set(`
  cold soft softened melted hot warm warmed lukewarm tepid cool cooled chilled iced room temperature ripe unripe overripe fresh freshly
  frozen thawed defrosted raw stale firm very well just at day old boiling simmering scalded
  scalding hand fridge but yet
`);

/** What is done to an ingredient before it is used. */
const PREPARED = set(`
  chopped sliced diced minced grated crushed shredded cubed ground torn picked zested juiced seeded deseeded pitted stoned stemmed cored
  blanched toasted roasted roast cooked boiled steamed poached braised baked beaten whisked whipped sifted strained drained rinsed soaked
  squeezed crumbled pounded peeled unpeeled washed cleaned gutted filleted scaled trimmed halved quartered sieved mashed cracked bruised
  split tied butterflied boned deboned skinned shelled podded hulled rubbed finely coarsely roughly thinly thickly lightly heaped level
  packed
`);

/** Words that say how good, how large or of which colour something is, or join others; none of them brings an allergen in. */
const SAYS_NOTHING = set(`
  a an the of in with and or on for to from by into plus as per your own any about each such some more extra other
  good best quality wholegrain fine coarse small medium large big little jumbo tiny thick thin slim slender narrow wide plump even
  straight curly sized smooth crunchy whole half quarter long short round flat
  light dark pale mild strong plain pure natural unsweetened sweetened sweet bitter dry salted unsalted smoked unsmoked lean fatty streaky
  free range organic wild farmed local seasonal young baby tender mature aged virgin skinless skin boneless bone unwaxed unbleached
  red green yellow white black brown purple golden blonde blond pink blue striped heritage heirloom
  tinned canned jarred bottled vacuum homemade home made house dried neutral full low reduced fat
  maris piper king edward conference williams comice bramley cox granny smith gala braeburn desiree charlotte jersey royal royals
  kalamata nicoise gordal cerignola puy san marzano piccolo marmande alphonso
`);

/** The part or form of an ingredient, as it stands behind its name. */
const FORM = set(`
  leaf leaves clove cloves sprig sprigs stalk stalks stick sticks stem stems bulb bulbs head heads fillet fillets slice slices piece pieces
  spear spears rib ribs floret florets wedge wedges disc discs zest juice rind peel flesh pulp puree heart hearts tip tips top tops tail
  tails trimmings loin breast breasts thigh thighs leg legs shoulder cheek cheeks shank rack neck saddle side bone bones kernel kernels
  strip strips strand strands thread threads ring rings sheet sheets pod pods end ends frond fronds berry bunch handful knob segment
  segments half halves quarter quarters cube cubes dice julienne ribbons shavings curls core cores skins
`);

const inOne = (word: string, ...sets: readonly ReadonlySet<string>[]) => sets.some((each) => each.has(word) || each.has(singular(word)));

export const isState = (word: string): boolean => inOne(word, STATE);
export const isForm = (word: string): boolean => inOne(word, FORM);

/** Whether a word beside a known ingredient changes nothing about what it holds. */
export const saysNothing = (word: string): boolean => /^\d+$/.test(word) || inOne(word, STATE, PREPARED, SAYS_NOTHING, FORM);

/** The words of an item before "in", "with" or "for": what it is, not what it lies in. */
export function beforeJoin(words: readonly string[]): readonly string[] {
  const cut = words.findIndex((word, index) => index > 0 && /^(?:in|with|for|without)$/.test(word));
  return cut > 0 ? words.slice(0, cut) : words;
}

/** The same without forms behind the name: "rosemary sprigs" are rosemary. */
export function withoutForm(words: readonly string[]): readonly string[] {
  let end = words.length;
  while (end > 1 && isForm(words[end - 1]!)) end -= 1;
  return words.slice(0, end);
}
