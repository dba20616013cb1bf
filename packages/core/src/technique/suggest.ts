import { isTold, VERBS } from '../verbs';

/** A technique that a step seems to exercise. */
export interface TechniqueSaid {
  readonly id: string;
  /** Whether verb and object say so together; else it is proposed, and counts once a person has said so. */
  readonly sure: boolean;
}

/** What is known of a technique where steps are read: the words of its card, and its name, which often says what it is done to. */
export interface TechniqueWords {
  readonly id: string;
  readonly name?: string;
  readonly words: readonly string[];
}

/** Before a word, these make a thing of it: "on the plate", "with toast". */
const OF_A_THING =
  /^(?:the|a|an|this|that|its|your|their|each|every|per|some|any|no|with|on|onto|in|into|of|off|from|for|under|over|beside|like|as|serving|dinner|soup|side|hot|warm|warmed|cold|clean|large|small|flat|deep|white|brown|red|fresh|dried|dry|rye|cooked|raw|thick|thin|good|more|all|both|one|two)$/;
/** Before a verb that is told. */
const BEFORE_VERB =
  /^(?:and|or|then|to|now|also|gently|lightly|carefully|quickly|slowly|well|not|again|finely|thinly|roughly|just|until|you|we|should|must|will|can|first|next|finally|meanwhile|immediately|thoroughly|coarsely|neatly|evenly)$/;
/** What is done to the stove, the clock or the bowl is no technique. */
const NOT_FOOD =
  /^(?:heat|temperature|oven|flame|gas|speed|hob|burner|time|timer|amount|quantity|number|pan|pot|tray|tin|board|bench|machine|door|light|power|setting|setting|recipe|risk|cost|waste)s?$/;
/** Behind a thing, these make something else of it: "rice vinegar", "toast rack". */
const COMPOUND = /^(?:vinegar|wine|paper|flour|noodles?|rack|cutter|oil|sauce|powder|water|tray|dish|bowl|warmer|board|rice)$/;
/** Verbs that only bring something in: they are not work on it. */
const BRINGS = /\b(?:add|adding|serve|stir|put|place|pour|spoon|with|return|reserve|keep|strew|scatter|top|finish|mix|combine|drain)\b/;

/** Words for classes of food that names of techniques speak of, and what is another class. */
const CLASSES: readonly (readonly [named: RegExp, own: RegExp, other: RegExp])[] = [
  [
    /\bvegetables?\b|\broots?\b/i,
    /\b(?:vegetables?|roots?|carrots?|parsnips?|fennel|leeks?|onions?|shallots?|potato(?:es)?|squash|pumpkin|aubergines?|courgettes?|peppers?|celery|celeriac|swedes?|turnips?|beetroots?|cabbage|chicory|endives?|sprouts?|cauliflower|broccoli|artichokes?|peas?|beans?|tomato(?:es)?|mushrooms?|wedges)\b/,
    /\b(?:bones?|bird|joint|meat|ducks?|fish|fillets?|nuts?|hazelnuts?|almonds?|walnuts?|seeds?|spices?|cumin|coriander seeds?|flour|shells?|carcass(?:es)?|plums?|apples?|pears?|fruit)\b/,
  ],
  [
    /\bnuts?\b|\bseeds?\b/i,
    /\b(?:nuts?|hazelnuts?|almonds?|walnuts?|pistachios?|pine nuts|seeds?|sesame|cumin|coriander|fennel seed|spices?|oats)\b/,
    /\b(?:bread|slices?|buns?|rice|flour|vegetables?|crumbs?|sandwich|brioche)\b/,
  ],
  [
    /\bleaves\b|\bherbs?\b/i,
    /\b(?:leaves|leaf|herbs?|lettuces?|salad|rocket|spinach|chard|kale|cabbage|parsley|chives|basil|mint|dill|chervil|tarragon|coriander|sorrel|cress|watercress)\b/,
    /\b(?:meat|duck|cheese|nuts?|almonds?|onions?|carrots?|chocolate|plates?|pasta)\b/,
  ],
  [
    /\bfish\b|\bfillet\b/i,
    /\b(?:fish|fillets?|trout|mackerel|hake|cod|haddock|side)\b/,
    /\b(?:meat|duck|beans?|vegetables?|cheese|nuts?|peppers?)\b/,
  ],
  [/\bduck\b/i, /\bduck\b/, /\b(?:fish|vegetables?|plums?)\b/],
  [/\bdough\b|\bpastry\b/i, /\b(?:dough|pastry|butter|flour|paste)\b/, /\b(?:spices?|salt|fish|meat|skin|herbs?|duck|garlic)\b/],
  [
    /\bsauce\b/i,
    /\b(?:sauce|stock|wine|juices?|liquid|liquor|cream|jus|glaze|syrup|port|cider|vinegar|broth|it)\b/,
    /\b(?:dough|pastry|vegetables?|nuts?|swelling)\b/,
  ],
];

/**
 * Techniques that a method step exercises, by verb and object together.
 *
 * @example techniquesIn('Blanch the leeks', [{ id: 't1', words: ['blanch'] }]) // [{ id: 't1', sure: true }]
 * @example techniquesIn('Serve on a warm plate', [{ id: 't1', words: ['plate'] }]) // []
 */
export function techniquesIn(step: string, techniques: readonly TechniqueWords[]): readonly TechniqueSaid[] {
  const clauses = step.split(/(?<=[^\d])[,;:.!?()](?:\s|$)|\s[–—-]\s|\n/).map((clause) => plainWords(clause));
  const all = plainWords(step);
  return techniques.flatMap(({ id, name = '', words }) => {
    // Most words of most cards stand nowhere in a step: looked for in the whole of it first.
    const named = words.filter((word) => saysWord(all, word));
    if (named.length === 0) return [];
    const says = clauses.flatMap((clause) =>
      named.flatMap((word) =>
        [...clause.matchAll(new RegExp(`(?<= )(${formsOf(word.toLowerCase())})(?= )`, 'g'))].map((match) =>
          howSaid(clause, match, { word, name }),
        ),
      ),
    );
    const best = says.includes('sure') ? true : says.includes('perhaps') ? false : null;
    return best === null ? [] : [{ id, sure: best }];
  });
}

/** The sure ones alone: what counts as exercised. */
export const suggestTechniques = (step: string, techniques: readonly TechniqueWords[]): readonly string[] =>
  techniquesIn(step, techniques)
    .filter(({ sure }) => sure)
    .map(({ id }) => id);

function howSaid(clause: string, match: RegExpExecArray, { word, name }: { word: string; name: string }): 'sure' | 'perhaps' | null {
  const before = clause.slice(0, match.index).trim().split(' ').filter(Boolean);
  const after = clause
    .slice(match.index + match[0].length)
    .trim()
    .split(' ')
    .filter(Boolean);
  const [last = ''] = before.slice(-1);
  const object = after.find((each) => !/^(?:the|a|an|all|each|your|it|them|some|down|up|out|off)$/.test(each)) ?? '';
  if (NOT_FOOD.test(object)) return null;
  const form = match[1]!;
  const several = word.includes(' ');
  const isVerb = VERBS.has(word.toLowerCase()) || (!several && isTold(`${word} the`));
  if (!several && COMPOUND.test(after[0] ?? '')) return null;
  // "sticks to the pan", "warm plates"
  const inflected = !several && new RegExp(`^${word.toLowerCase()}e?s$`).test(form);
  if (inflected && (isVerb || /^(?:to|together|out|up|in)$/.test(after[0] ?? ''))) return null;
  const fits = classFits(name, clause);
  if (several) return fits === 'other' ? 'perhaps' : 'sure';
  if (!isVerb)
    return BRINGS.test(clause) && !/\b(?:make|cut|slice|dice|chop|cook|start|prepare|whisk)\b/.test(clause)
      ? 'perhaps'
      : fits === 'other'
        ? 'perhaps'
        : 'sure';
  if (OF_A_THING.test(last)) return null;
  if (/ed$|ied$/.test(form)) return /^(?:until|till|is|are|be|been|has|have|being|when|once)$/.test(last) ? 'sure' : 'perhaps';
  const told = before.length === 0 || BEFORE_VERB.test(last) || /ly$/.test(last) || /ing$/.test(form);
  if (!told) return 'perhaps';
  return fits === 'other' ? 'perhaps' : 'sure';
}

/** Whether what a clause is about is what the technique is done to, by its name. */
function classFits(name: string, clause: string): 'own' | 'other' | 'open' {
  for (const [named, own, other] of CLASSES) {
    if (!named.test(name)) continue;
    if (own.test(clause)) return 'own';
    if (other.test(clause)) return 'other';
  }
  return 'open';
}

/** Lower-case words of a text with one space before, between and after them. */
export function plainWords(text: string): string {
  return ` ${text
    .toLowerCase()
    .replace(/[^\p{L}]+/gu, ' ')
    .trim()} `;
}

/**
 * Whether `word`, or one of its plain inflections, stands in a text made by `plainWords`.
 *
 * @example saysWord(plainWords('Slicing the leek'), 'slice') // true
 */
export function saysWord(text: string, word: string): boolean {
  let pattern = patterns.get(word);
  if (!pattern) {
    if (patterns.size >= MOST_PATTERNS) patterns.clear();
    pattern = new RegExp(` (?:${formsOf(word.toLowerCase())}) `);
    patterns.set(word, pattern);
  }
  return pattern.test(text);
}

/** Patterns that were made already: a card is asked for two hundred words, text by text. */
const patterns = new Map<string, RegExp>();
const MOST_PATTERNS = 4000;

/** chop: chops, chopped, chopping; slice: sliced, slicing; fry: fries, fried, frying. */
function formsOf(word: string): string {
  const escaped = word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
  const forms = [`${escaped}(?:s|es|d|ed|ing)?`];
  if (/[^aeiou]e$/.test(word)) forms.push(`${escaped.slice(0, -1)}ing`);
  if (/[^aeiou]y$/.test(word)) forms.push(`${escaped.slice(0, -1)}(?:ies|ied)`);
  if (/[^aeiou][aeiou][bdgklmnprt]$/.test(word)) forms.push(`${escaped}${escaped.at(-1)}(?:ed|ing)`);
  return forms.join('|');
}
