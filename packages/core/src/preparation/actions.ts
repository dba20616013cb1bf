import type { Cut, CutSet } from '../cuts';
import { plain, singular } from '../text';

/** What is done to an item before it is cooked or put together, in the order in which it is done. */
export const PREPARATION_ACTIONS = [
  'wash',
  'soak',
  'dry',
  'peel',
  'trim',
  'fillet',
  'pick',
  'zest',
  'juice',
  'cut',
  'grate',
  'toast',
  'sift',
  'soften',
  'melt',
  'beat',
] as const;
export type PreparationAction = (typeof PREPARATION_ACTIONS)[number];

/** Something done to an item, with how it is cut where it is. */
export interface ActionSaid {
  readonly action: PreparationAction;
  /** "fine dice", "julienne", "ribbons"; empty for what is no cut. */
  readonly cut: string;
}

const WORDS: readonly (readonly [PreparationAction, RegExp])[] = [
  ['wash', /\b(?:clean(?:ed)? (?:the|them|with)|wash(?:ed)?|rins(?:e|ed)|scrub(?:bed)?)\b(?! up)/i],
  ['soak', /\bsoak(?:ed)?\b/i],
  [
    'peel',
    /\b(?:peel(?:ed)?|skinned|skin (?:the|them|it)|shuck(?:ed)?|(?:rub|slip|pull|take|peel) off (?:the|their|its) (?:skins?|husks?|shells?)|(?:remov(?:e|ing)|discard(?:ing)?) (?:the|their|its) (?:skins?|husks?|shells?|peel)|(?:skins?|husks?) (?:(?:slipped |rubbed |pulled )?off|removed|pulled off|discarded)|shell(?:ed)?|podded|husk(?:ed)?)\b/i,
  ],
  [
    'trim',
    /\b(?:trim(?:med)?|top(?:ped)? and tail(?:ed)?|cor(?:e|ed)|seeds? out|(?:de)?seed(?:ed)?|stoned|(?:stone|string) (?:the|them)|(?:take|scoop|scrape|cut|lift|pull) out (?:the|their|its) (?!bones?)\w+|(?:remov(?:e|ing)|discard(?:ing)?|(?:cut|pull|break|snap|twist|slice|trim)(?:ting|ing)? off) (?:the|their|its|any) (?:\w+ )?(?!skins?\b|husks?\b|shells?\b|peel\b|(?:pin ?)?bones?\b)\w+|cut (?:the|their|its) \w+ off|pit(?:ted)?|(?:de)?stemmed|de-?stem|hull(?:ed)?|tailed|de-?vein(?:ed)?|picked over|debeard(?:ed)?)\b/i,
  ],
  // Whatever is taken off that is not skin or bone.
  [
    'trim',
    /\b(?!skins?\b|peel\b|husks?\b|(?:pin ?)?bones?\b|lids?\b)[a-z]{3,} (?:removed|discarded|scraped out|snapped off|cut (?:out|off|away)|taken (?:out|off)|pulled(?: (?:off|out))?)\b|\b(?:stalks?|stems?|ends?|roots?|tails?|beards?|rinds?|crusts?|tops?|strings?|leaves) off\b/i,
  ],
  [
    'fillet',
    /\b(?:filleted|fillet (?:the|them|it)|gut(?: the| them|,| and)|(?:remov(?:e|ing)|pull(?:ing)?|tweeze) (?:out )?(?:the|any|their) (?:pin ?)?bones?|pin ?bones? (?:out|removed)|(?:de-?)?boned|(?:de-?)?bone (?:the|them|out)|debone|bone out|gutted|scaled(?! (?:up|down))|scal(?:e|ed) the|portion(?:ed)?)\b/i,
  ],
  [
    'pick',
    /\b(?:strip(?:ped)? (?:the |off )?(?:\w+ )?leaves|pick(?:ed)?(?! over)|leaves only|plucked|(?:leaves|sprigs|florets) separated|(?:separated|pulled) into (?:leaves|sprigs|florets))\b/i,
  ],
  ['zest', /\b(?:zest(?:ed)?)\b/i],
  ['juice', /\b(?:juic(?:e|ed)|squeez(?:e|ed)(?! (?:dry|out|well)))\b/i],
  [
    'dry',
    /\b(?:pat(?:ted)?(?: \w+){0,3} dry|spin|dried (?:off|well|on)|dry (?:them|it|the|well|off|on)(?![^.;]{0,24}\boven\b)|squeez(?:e|ed) (?:dry|out|well)|(?:spun|shaken) dry)\b/i,
  ],
  ['grate', /\bgrat(?:e|ed)\b/i],
  // Toast is eaten, too: "on a slice of toast".
  ['toast', /\b(?:toasted|(?<!\b(?:of|on|with|the|their) )toast|roast(?:ed)? (?:the )?(?:nuts|seeds|almonds|hazelnuts))\b/i],
  ['sift', /\b(?:sift(?:ed)?|sieved|sieve (?:the|together|in)|through a (?:fine )?sieve)\b/i],
  ['soften', /\b(?:soften(?:ed)?|(?:at|to) room temperature|(?<!\b(?:until|till|when|while|are|is|very|still) )soft(?! peaks?\b))\b/i],
  ['melt', /\bmelt(?:ed)?\b/i],
  ['beat', /\b(?:beaten|beat the|whipped|whisked|whisk (?:the )?(?:whole )?eggs?)\b/i],
];

/** Cuts by the words that mean them, longest first. */
const CUTS: readonly (readonly [string, RegExp])[] = [
  ['fine dice', /\bfine(?:ly)?[ -]dic(?:e|ed)\b|\b(?:very )?small dice\b|\bbrunoise\b/i],
  ['large dice', /\blarge(?:ly)?[ -]dic(?:e|ed)\b/i],
  ['dice', /\bdic(?:e|ed)\b|\bcubed?\b|\bcubes\b/i],
  ['julienne', /\bjulienned?\b|\bmatchsticks?\b/i],
  ['ribbons', /\bribbons?\b|\bchiffonade\b/i],
  ['segments', /\bsegment(?:s|ed)?\b/i],
  [
    'thin slices',
    /\bshaved?\b|\bslic(?:e|ed|es) (?:\w+ ){0,3}(?:paper|wafer)[- ]thin\b|\b(?:paper|wafer)[- ]thin slic\w+|\b(?:thin(?:ly)?|fine(?:ly)?)[ -]slic(?:e|ed|es)\b|\bslic(?:e|ed) (?:(?!not\b|too\b)\w+ ){0,2}?(?:thin|fine)(?:ly)?\b/i,
  ],
  [
    'slices',
    /\b(?<!\b(?:a|an|one|each|per|every) )slice\b|\bslice[ds]\b|\b(?:across|along|against) the grain\b|\bon (?:the|a) (?:bias|diagonal|slant)\b/i,
  ],
  ['rings', /\brings\b/i],
  ['rounds', /\brounds\b|\bdiscs?\b/i],
  ['sticks', /\bsticks\b|\bbatons?\b/i],
  ['wedges', /\bwedges\b/i],
  ['quarters', /\bquarter(?:s|ed| the| them| it| lengthways)\b/i],
  ['halves', /\bhalv(?:es?|ed)\b|\bin half\b|\bsplit\b(?! (?:peas?|lentils?|beans?|pulses|dal)\b)/i],
  ['spirals', /\bspirali[sz]ed?\b|\bspirals\b/i],
  ['shreds', /\bshred(?:s|ded)?\b/i],
  [
    'fine chop',
    /\bfine(?:ly)?[ -]chop(?:ped)?\b|\bchop(?:ped)? (?:\w+ ){0,3}(?:very )?fine(?:ly)?\b|\bminced\b|\bmince (?:the|them|it)\b|\bsnip(?:ped)?\b(?! off)/i,
  ],
  ['chop', /\bchop(?:ped)?\b/i],
  [
    'crush',
    // A crumble, a mash and a crush are dishes, too: "plate the pear on crumble".
    /\b(?:crushed|bruised?|pound(?:ed)?|crack(?:ed)? the|cracked|smash(?:ed)?|mashed|bash(?:ed)?|grind(?= it| them| the)|crumbled|ground in a mortar)\b|(?<!\b(?:the|a|an|of|on|with|under|over|into?|our|your) )\b(?:crush|mash|crumble)\b(?! (?:mix|topping|dough|together))/i,
  ],
  ['tear', /\b(?:torn|tear)\b/i],
  ['flakes', /\bflaked?\b|\bflakes\b/i],
  ['pieces', /\bsnapped\b(?! off)|\b(?:in|into) (?:\w+ )?(?:pieces|chunks|bites?)\b/i],
];

/** What comes in them, rather than being cut into them. */
const NO_SHAPES: ReadonlySet<string> = new Set(
  'skins shells pods husks jackets tins cans jars packets bags bunches batches rows layers stages places parts times minutes hours days grams leaves sprigs others waters peaks bowls plates moulds'.split(
    ' ',
  ),
);

/** A shape that no word above names: "into half moons", "in strips", "broken into florets". */
function shapeIn(phrase: string): string | null {
  const [, said = ''] = /\b(?:in|into) (?:\d+ ?(?:cm|mm) )?((?:[a-z-]+ ){0,2}[a-z]+s)\b/i.exec(phrase) ?? [];
  const shape = said.toLowerCase().replace(/^(?:their|its|the|two|three|four|a few|some) /, '');
  return shape === '' || NO_SHAPES.has(shape.split(' ').at(-1)!) || /ss$/.test(shape) ? null : shape;
}

const byOrder = (a: ActionSaid, b: ActionSaid) => PREPARATION_ACTIONS.indexOf(a.action) - PREPARATION_ACTIONS.indexOf(b.action);

/** What a phrase says is done, in the order of the work. A juice that is bought is no action: "juice" counts only with "the juice of" or as a verb. */
export function actionsIn(phrase: string): readonly ActionSaid[] {
  const found: ActionSaid[] = WORDS.filter(([, word]) => word.test(phrase)).map(([action]) => ({ action, cut: '' }));
  const cut = CUTS.find(([, word]) => word.test(phrase));
  const shape = cut?.[0] ?? shapeIn(phrase);
  if (shape) found.push({ action: 'cut', cut: shape });
  const once = new Map(found.map((each) => [`${each.action} ${each.cut}`, each]));
  return [...once.values()].sort(byOrder);
}

const wordsOf = (text: string): ReadonlySet<string> =>
  new Set(
    plain(text)
      .split(/[^\p{L}]+/u)
      .filter((word) => word.length > 2)
      .map(singular),
  );

const ARTICLES: ReadonlySet<string> = new Set(['the', 'some', 'all', 'both', 'any', 'together', 'well']);

/** A part of a sentence, with what parts it from the one before: a full stop or semicolon, or a comma, "and", "then". */
interface Clause {
  readonly text: string;
  readonly hard: boolean;
}

function clausesOf(step: string): readonly Clause[] {
  // Two words for one thing that is done.
  const parts = step.replace(/\btop(ped|ping)? and tail(?:ed|ing)?\b/gi, 'trim').split(/([.;:,]|\bthen\b|\band\b)/i);
  const clauses: Clause[] = [];
  let hard = true;
  parts.forEach((part, at) => {
    if (at % 2 === 1) hard ||= /[.:]/.test(part);
    else if (part.trim() !== '') {
      clauses.push({ text: part, hard });
      hard = false;
    }
  });
  return clauses;
}

/**
 * What a step does to an item: what its clause says, what neighbouring clauses without an item of their own say, and what is said of
 * several items at once.
 *
 * @param others - the other items of the dish
 * @example actionsOn('Peel the onions and slice thinly; chop the parsley.', 'onions', ['parsley']) // peel, cut in thin slices
 */
export function actionsOn(step: string, item: string, others: readonly string[]): readonly ActionSaid[] {
  const head = [...wordsOf(item)].at(-1);
  if (!head) return [];
  const rivals = new Set(others.flatMap((other) => [...wordsOf(other)].slice(-1)).filter((word) => word !== head));
  const own = wordsOf(item);
  const everyOther = new Set(others.flatMap((other) => [...wordsOf(other)]));
  const clauses = clausesOf(step).map(({ text, hard }) => {
    const words = wordsOf(text);
    const whose = words.has(head) ? 'own' : [...rivals].some((rival) => words.has(rival)) ? 'other' : 'none';
    // Nothing but the item stands there: "and fennel", "the figs".
    const bare = [...words].every((word) => own.has(word) || ARTICLES.has(word));
    // Nothing but another item: "pick the parsley and tarragon, chop finely" chops both.
    const beside = whose === 'other' && [...words].every((word) => everyOther.has(word) || ARTICLES.has(word));
    return { hard, whose, bare, beside, actions: actionsIn(text) } as const;
  });
  const found = clauses.flatMap(({ whose, actions, hard, bare }, at) => {
    if (whose !== 'own') return [];
    // "Finely dice shallots and fennel": the second item has no verb of its own.
    if (actions.length === 0 && bare && !hard) {
      let earlier = at - 1;
      while (earlier >= 0 && clauses[earlier]!.actions.length === 0 && !clauses[earlier]!.hard) earlier -= 1;
      return clauses[earlier]?.whose === 'other' || clauses[earlier]?.whose === 'none' ? clauses[earlier]!.actions : [];
    }
    const following: ActionSaid[] = [];
    for (let next = at + 1; next < clauses.length; next += 1) {
      const clause = clauses[next]!;
      // "leaving the root": said by the way.
      if (!clause.hard && clause.actions.length === 0 && (clause.beside || clause.whose === 'none')) continue;
      if (clause.whose !== 'none' || clause.hard) break;
      following.push(...clause.actions);
    }
    // "Peel, core and dice the apples": verbs without an item before it, unless they end a clause about another one.
    const before: ActionSaid[] = [];
    let from = at;
    while (!clauses[from]!.hard && from > 0 && clauses[from - 1]!.whose === 'none' && clauses[from - 1]!.actions.length > 0) {
      from -= 1;
      before.push(...clauses[from]!.actions);
    }
    const ends = clauses[from]!.hard || from === 0 || clauses[from - 1]!.whose === 'none';
    return [...(ends ? before : []), ...actions, ...following];
  });
  // What is squeezed out of a mushroom is no juice.
  const once = new Map(found.map((each) => [`${each.action} ${each.cut}`, each]));
  return [...once.values()].filter(({ action }) => action !== 'juice' || JUICY.test(item)).sort(byOrder);
}

const JUICY =
  /\b(?:lemons?|limes?|oranges?|clementines?|mandarins?|grapefruits?|yuzus?|citrus|pomegranates?|apples?|carrots?|beetroots?|ginger|tomato(?:es)?|cucumbers?|celery|pineapples?|grapes?)\b/i;

/** The named cut of a set that a word means, with its size; null where the set has none of that name. */
export function namedCut(cut: string, set: CutSet | null): Cut | null {
  if (!cut || !set) return null;
  const wanted = [...wordsOf(cut)];
  const named = set.cuts.map((each) => ({ each, words: wordsOf(each.name) }));
  return (
    named.find(({ words }) => words.size === wanted.length && wanted.every((word) => words.has(word)))?.each ??
    named.find(({ words }) => wanted.every((word) => words.has(word)))?.each ??
    null
  );
}

const FRESH =
  /\b(?:onion|shallot|leek|carrot|fennel|cabbage|mushroom|cucumber|sorrel|spinach|chard|aubergine|courgette|pepper|bean|pea|tomato|celery|celeriac|beetroot|turnip|swede|radish|lettuce|chicory|salad|sprout|broccoli|asparagus|artichoke|parsnip|apple|pear|orange|lemon|lime|plum|peach|apricot|berry|strawberry|raspberry|grape|parsley|chive|dill|mint|basil|coriander|tarragon|chervil|thyme|rosemary|sage|herb|leaf|rocket|watercress|potato|pumpkin|squash|rhubarb|quince)\b/i;
/** Dried, bottled, bought as a product: not washed, whatever else it is called. */
const NOT_FRESH =
  /\b(?:dried|tinned|canned|powder|ground|paste|puree|stock|juice|oil|vinegar|jam|frozen|flour|seeds?|sauce|concentrate|candied|pickled|cider|wine|nuts?|bread|pasta|cream|butter)\b|\b(?:black|white|cayenne|pink|szechuan|sichuan) pepper(?:corns?)?$|^pepper(?:corns?)?$|\bbay leaf\b|\bbay leaves\b/i;
const PEELED = /\b(?:onion|shallot|carrot|celeriac|beetroot|turnip|swede|parsnip|garlic|ginger|potato|quince|salsify|squash|pumpkin)\b/i;

const singularWords = (item: string): string => [...wordsOf(item)].join(' ');

/** Whether an item comes with earth on it: it is washed before anything else. */
export const isWashed = (item: string): boolean => FRESH.test(singularWords(item)) && !NOT_FRESH.test(plain(item));
/** Whether an item is peeled as a rule, where nobody says otherwise. */
export const isPeeled = (item: string): boolean =>
  PEELED.test(singularWords(item)) && !NOT_FRESH.test(plain(item)) && !/\bunpeeled\b/i.test(item);
