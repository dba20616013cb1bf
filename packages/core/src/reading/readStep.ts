import { linesOf, type DishContent, type IngredientLine, type MethodStep } from '../dish/types';
import { heatsIn, timesIn, type HeatSaid, type TimeSaid } from '../quantity';
import { plain, singular } from '../text';

/** A time of a step: whether somebody is busy meanwhile, and what ends it. */
export interface StepTime extends TimeSaid {
  readonly hands: 'on' | 'off';
  /** The cue that ends it, "until the skins crack"; empty where none is named. */
  readonly until: string;
}

/** What the text of a step says: types of its own, for plans of time to stand on. */
export interface StepReading {
  readonly times: readonly StepTime[];
  readonly heats: readonly HeatSaid[];
  /** Tools, vessels and equipment that it names, each once. */
  readonly tools: readonly string[];
  /** Ids of the lines whose ingredient it names. */
  readonly uses: readonly string[];
}

const HANDS_OFF =
  /\b(?:rest|stand|chill|cool|freeze|soak|prove|proof|rise|bulk|ferment|bake|roast|braise|simmer|stew|steep|infuse|marinate|cure|set|drain|dry|hang|hold|leave|left|keep|oven|fridge|cover(?:ed)?)\b/i;
const HANDS_ON =
  /\b(?:knead|stir(?:ring)?|whisk(?:ing)?|beat|fry|sauté|toss|turn(?:ing)?|baste|skim|mix|blend|roll|sear|griddle|grill|press|whip|fold|shake|shaking|sweat|blanch)\b/i;
const UNTIL = /\b(?:until|till)\s+([^.;:()]{3,80}?)(?=[.;:()]|,\s+(?:then|and|about|for)|$)/i;

const TOOLS =
  'oven|grill|salamander|griddle|fryer|water bath|steamer|blender|stick blender|hand blender|food processor|processor|mixer|stand mixer|whisk|sieve|fine sieve|colander|chinois|cloth|muslin|frying pan|sauté pan|saucepan|heavy pan|wide pan|pan|pot|heavy pot|casserole|wok|skillet|tray|baking sheet|sheet|baking tray|mould|moulds|ring|rings|tin|tins|terrine|loaf tin|rack|thermometer|probe|scale|scales|mandoline|mandolin|grater|fine grater|peeler|knife|filleting knife|palette knife|board|rolling pin|cutter|piping bag|nozzle|brush|pastry brush|ladle|spider|slotted spoon|tongs|tweezers|fish slice|spatula|skewer|skewers|string|film|foil|baking paper|parchment|chiller|fridge|freezer|blast chiller|ice bath|bowl of ice|jug|ramekins|funnel|mortar|pestle|dehydrator|smoker|torch|blowtorch'
    .split('|')
    .sort((a, b) => b.length - a.length);
const TOOL = new RegExp(String.raw`\b(?:${TOOLS.join('|')})\b`, 'gi');
/** What brings all lines of a component in at once. */
const ALL =
  /\b(?:everything|all (?:the )?(?:ingredients|rest|other)|the rest|the others?|remaining ingredients|all together|all dry|dry (?:things|ingredients)|wet ingredients|all for the|mix all|blend all|stir all|combine all|ingredients)\b/i;
const CLASSES: readonly (readonly [said: RegExp, item: RegExp])[] = [
  [
    /\bvegetables?\b|\bveg\b/i,
    /\b(?:onion|carrot|celery|leek|fennel|shallot|turnip|parsnip|swede|pepper|courgette|aubergine|pea|bean|cabbage|mushroom)s?\b/i,
  ],
  [
    /\bspices?\b/i,
    /\b(?:cumin|coriander|cinnamon|clove|cardamom|turmeric|paprika|pepper|chilli|mustard seed|fennel seed|star anise|nutmeg|mace|ginger|saffron|cayenne)s?\b/i,
  ],
  [
    /\bherbs?\b|\bbouquet\b/i,
    /\b(?:parsley|thyme|bay|rosemary|sage|mint|basil|dill|chervil|tarragon|chives?|coriander|bouquet garni|oregano|marjoram)\b/i,
  ],
  [/\bnuts?\b/i, /\b(?:nut|almond|walnut|hazelnut|pistachio|pecan|cashew)s?\b/i],
  [/\bseeds?\b/i, /\bseeds?\b/i],
  [/\bfruit\b/i, /\b(?:apple|pear|plum|cherr|berr|peach|apricot|quince|orange|fig|rhubarb|gooseberr|currant|raisin)/i],
  [/\b(?:custard|batter|dough|pastry|marinade|dressing|glaze|brine|syrup|filling)\b/i, /(?!)/],
  [/\bseason(?:ing)?\b/i, /\b(?:salt|pepper)\b/i],
  [/\bjuice\b/i, /\b(?:lemon|lime|orange)s?\b/i],
  [/\b(?:zest|peel)\b/i, /\b(?:lemon|lime|orange)s?\b/i],
  [/\b(?:yolks?|whites?|eggs?)\b/i, /\beggs?\b/i],
  [/\bfish\b/i, /\b(?:hake|cod|trout|haddock|mackerel|halibut|turbot|sole|fillet)s?\b/i],
];

const FILLER = new Set([
  'fresh',
  'large',
  'small',
  'of',
  'the',
  'and',
  'for',
  'white',
  'red',
  'green',
  'black',
  'dried',
  'cold',
  'plain',
  'fine',
  'ground',
  'powder',
  'whole',
  'ripe',
  'unsalted',
  'caster',
  'icing',
  'light',
  'dark',
  'brown',
  'strong',
  'extra',
  'virgin',
]);

/** Words by which a step speaks of an item: its last, and others that tell it apart. */
function namesOf(item: string): readonly string[] {
  const words = plain(item)
    .split(/[^\p{L}]+/u)
    .filter((word) => word.length > 2);
  const last = words.at(-1);
  return [...new Set([...(last ? [last] : []), ...words.filter((word) => !FILLER.has(word) && word.length > 3)].map(singular))];
}

/** Every time of a step's text, with what it is of. */
export function stepTimes(text: string): readonly StepTime[] {
  return timesIn(text).map((time, index, all) => {
    // The clause it stands in: what is done so long, and until when.
    const start = Math.max(text.lastIndexOf('. ', time.from), text.lastIndexOf('; ', time.from)) + 1;
    const before = text.slice(start, time.from);
    const rest = text.slice(time.to).split(/[.;](?:\s|$)/)[0]!;
    const cut = before.lastIndexOf(', ');
    const near = cut > 0 && /\p{L}{3}/u.test(before.slice(cut)) ? before.slice(cut) : before;
    const off = HANDS_OFF.test(near) || (!HANDS_ON.test(near) && HANDS_OFF.test(before));
    // A cue before it is that of an earlier time, where there is one.
    const earlier = index > 0 && all[index - 1]!.to > start;
    const cue = UNTIL.exec(rest) ?? (earlier ? null : UNTIL.exec(before));
    return {
      ...time,
      hands: off && !HANDS_ON.test(near) ? 'off' : 'on',
      until: cue ? cue[1]!.replace(/[,\s]+(?:at (?:least|most)|about|around|for|another)?\s*$/i, '') : '',
    };
  });
}

/**
 * What a step says, by its text and the lines of its dish.
 *
 * @example readStep({ text: 'Bake at 180 °C for 20 minutes until brown', componentId: null }, dish).times[0]?.until // 'brown'
 */
export function readStep({ text, componentId }: Pick<MethodStep, 'text' | 'componentId'>, dish: DishContent): StepReading {
  const short = text.slice(0, 2000);
  const said = plain(short);
  const words = new Set(said.split(/[^\p{L}]+/u).map(singular));
  const own = componentId === null ? linesOf(dish) : (dish.components.find(({ id }) => id === componentId)?.lines ?? linesOf(dish));
  const all = ALL.test(short);
  const ownIds = new Set(own.map(({ id }) => id));
  const named = (line: IngredientLine) =>
    namesOf(line.item).some((word) => words.has(word)) ||
    CLASSES.some(([classed, item]) => ownIds.has(line.id) && classed.test(short) && item.test(line.item));
  const uses = linesOf(dish).filter((line) => line.item && ((all && ownIds.has(line.id)) || named(line)));
  // A line of another component with the same name as one of its own is not meant.
  const ownNames = new Set(uses.filter(({ id }) => ownIds.has(id)).map(({ item }) => plain(item)));
  return {
    times: stepTimes(short),
    heats: heatsIn(short),
    tools: [...new Set([...short.matchAll(TOOL)].map(([tool]) => tool.toLowerCase()))],
    uses: uses.filter(({ id, item }) => ownIds.has(id) || !ownNames.has(plain(item))).map(({ id }) => id),
  };
}

/** What a dish leaves open between its lines and its steps. */
export interface Unlinked {
  /** Lines that no step names. */
  readonly lines: readonly IngredientLine[];
  /** Steps that name none of the lines, and nothing that was made before. */
  readonly steps: readonly MethodStep[];
}

const OF_THE_WHOLE =
  /\b(?:oven|plate|serve|it|them|they|their|this|these|mixture|dough|pastry|batter|sauce|mash|all|everything|pan|tray|tin|grill|bake|rest|chill|cool|drain|strain|simmer|boil|blend|pass|cut|slice|portion)\b/i;

/** Lines that no step uses and steps that use none: pointed out, since one of the two is often missing. */
export function unlinkedIn(dish: DishContent): Unlinked {
  if (dish.method.length === 0) return { lines: [], steps: [] };
  const read = dish.method.map((step) => ({ step, uses: readStep(step, dish).uses }));
  const used = new Set(read.flatMap(({ uses }) => uses));
  return {
    lines: linesOf(dish).filter((line) => line.item && !used.has(line.id) && line.scaling.kind !== 'toTaste'),
    steps: read.filter(({ step, uses }) => uses.length === 0 && !OF_THE_WHOLE.test(step.text)).map(({ step }) => step),
  };
}
