import { named, type Allergen, type AllergenList, type Diet } from '../allergens';
import { remembered } from '../remembered';
import { plain } from '../text';
import type { Said } from '../words';
import { SHIPPED_GROUPS, type IngredientFact } from './fact';
import { SHIPPED_BOOK, type FactBook, type ItemReading } from './factBook';
import { AGAINST_DIET, type FoodKind } from './kinds';

/** How much is known of what an item holds. Nothing that is not known is claimed free of anything. */
export type Known = 'known' | 'partly known' | 'not known';

export interface KnownAllergens {
  readonly known: Known;
  readonly allergens: readonly Allergen[];
  readonly mayContain: readonly Allergen[];
  /** Words that no fact covers. */
  readonly notKnown: readonly string[];
  /** Made things in it, of which only the label says all that they hold. */
  readonly labels: readonly string[];
}

/** What "free of" and "vegan" claim to leave out; a claim is its maker's, so it is asked about and not believed. */
const CLAIMS: readonly (readonly [RegExp, readonly Allergen[], readonly FoodKind[]])[] = [
  [/\b(?:gluten|wheat) free\b/, ['gluten'], []],
  [/\b(?:dairy|milk) free\b|\bnon dairy\b/, ['milk'], ['milk', 'rennet']],
  [/\begg free\b|\beggless\b/, ['egg'], ['egg']],
  [/\b(?:nut) free\b/, ['nuts', 'peanut'], []],
  [/\b(?:soya|soy) free\b/, ['soya'], []],
  [/\b(?:peanut|groundnut) free\b/, ['peanut'], []],
  [/\b(?:almond|hazelnut|walnut|cashew|pecan|pistachio|tree nut) free\b/, ['nuts'], []],
  [/\b(?:sulphite|sulfite) free\b|\bno added (?:sulphites?|sulfites?)\b/, ['sulphites'], []],
  [/\bsesame free\b/, ['sesame'], []],
  [/\bcelery free\b/, ['celery'], []],
  [/\bmustard free\b/, ['mustard'], []],
  [/\blupin free\b/, ['lupin'], []],
  [/\bshellfish free\b/, ['crustaceans', 'molluscs'], ['crustacean', 'mollusc']],
  [/\bfish free\b/, ['fish'], ['fish']],
  [/\b(?:alcohol free|dealcoholised|non alcoholic)\b/, [], ['alcohol']],
  [
    /\b(?:vegan|plant based|plant)\b/,
    ['milk', 'egg', 'fish', 'crustaceans', 'molluscs'],
    ['milk', 'egg', 'rennet', 'honey', 'gelatine', 'cattle', 'pig', 'other mammal', 'poultry', 'fish', 'crustacean', 'mollusc'],
  ],
  [
    /\b(?:vegetarian|veggie|meat free|meatless|mock|imitation|faux)\b/,
    ['fish', 'crustaceans', 'molluscs'],
    ['rennet', 'gelatine', 'cattle', 'pig', 'other mammal', 'poultry', 'fish', 'crustacean', 'mollusc'],
  ],
];
const CLAIM_WORDS = new RegExp(CLAIMS.map(([pattern]) => pattern.source).join('|'), 'g');

/**
 * Pasta of something else than wheat, as its name says and its label confirms: many hold some wheat beside it. Bread does not follow:
 * of potato or maize, it is mostly of wheat too.
 */
const NOT_OF_WHEAT =
  /\b(?:rice|maize|corn|chickpea|gram|lentil|pea|bean|soya|soy|lupin|quinoa|buckwheat|konjac|millet|sorghum|teff|cassava|tapioca|potato|courgette|carrot|squash|seaweed|kelp)s?(?: (?:flour|starch))? (?:pasta|noodles?|couscous|spaghetti|penne|fusilli|macaroni|linguine|tagliatelle|vermicelli|rigatoni|lasagne|crackers?)\b/;

/** Flour of a nut, a seed, a pulse, a root or a fruit, by its name: "peanut flour", "red lentil flour". Mills grind wheat beside it. */
const groundOfAnother = ({ found }: ItemReading, item: string, text: string) =>
  // "Salt, flour" are two things.
  !/[,;/&+]|\b(?:and|with|or)\b/i.test(item) &&
  found.some(({ fact }) => fact.name === 'flour') &&
  found.some(
    ({ fact, as }) => fact.kinds.every((kind) => kind === 'plant') && !fact.allergens.includes('gluten') && text.includes(`${as} flour`),
  );

const FRUIT = new Set(SHIPPED_GROUPS.find(({ group }) => group === 'Fruit')!.facts.map(({ name }) => name));
/** Dried and candied fruit is usually kept pale with sulphur dioxide. @source EU No 1169/2011, Annex II, 12; E 220 to E 228 */
const KEPT_PALE = /\b(?:dried|candied|crystallised|glace|semi dried)\b/;

/** Leaves that make a salad of leaves; any other is a dish, of which the name says one thing and the dressing holds the rest. */
const LEAVES = new Set(
  'lettuce,rocket,watercress,cress,spinach,lambs lettuce,chicory,endive,radicchio,purslane,dandelion leaves,micro herbs,sorrel'.split(','),
);

/** "Crab salad" names crab, and not what it is bound with. */
function saladSaid(reading: ItemReading): ItemReading {
  const salad = reading.found.filter(({ as }) => as === 'salad');
  const rest = reading.found.filter(({ as }) => as !== 'salad');
  if (salad.length === 0 || rest.every(({ fact }) => LEAVES.has(fact.name))) return reading;
  return { found: rest, notKnown: [...reading.notKnown, 'salad'] };
}

interface Meaning extends ItemReading {
  readonly facts: readonly IngredientFact[];
  readonly claimed: readonly (readonly [readonly Allergen[], readonly FoodKind[]])[];
  readonly text: string;
}

function meaningOf(item: string, book: FactBook): Meaning {
  const text = plain(item);
  const claims = CLAIMS.filter(([pattern]) => pattern.test(text));
  // A fact that has the claim in its name ("gluten free bread") already says what is left.
  const believed = claims.length === 0 || book.named(item) !== null;
  const reading = saladSaid(book.read(believed ? item : plain(text.replace(CLAIM_WORDS, ' '))));
  const claimed: Meaning['claimed'] = [
    ...(believed ? [] : claims.map(([, allergens, kinds]) => [allergens, kinds] as const)),
    ...((NOT_OF_WHEAT.test(text) || groundOfAnother(reading, item, text)) && book.named(item) === null ? [[['gluten'], []] as const] : []),
  ];
  return { ...reading, facts: reading.found.map(({ fact }) => fact), claimed, text };
}

const distinct = <T>(all: readonly T[]): T[] => [...new Set(all)];

/**
 * What an item holds by what is known of everything named in it. It is known only when every word that may mean food is covered,
 * and nothing in it is made by someone whose label has not been read.
 *
 * @example allergensOf('toasted hazelnuts with butter').allergens // ['nuts', 'milk']
 * @example allergensOf('crab bisque powder').known // 'partly known'
 */
export function allergensOf(item: string, book: FactBook = SHIPPED_BOOK): KnownAllergens {
  let known = knownBy.get(book);
  if (!known) knownBy.set(book, (known = remembered((name) => worked(name, book))));
  return known(item);
}

/** The same items are looked at again and again, each in the book it is of. */
const knownBy = new WeakMap<FactBook, (item: string) => KnownAllergens>();

function worked(item: string, book: FactBook): KnownAllergens {
  const { found, facts, notKnown, claimed, text } = meaningOf(item, book);
  const leftOut = new Set(claimed.flatMap(([allergens]) => allergens));
  const all = distinct(facts.flatMap((fact) => fact.allergens));
  const allergens = all.filter((allergen) => !leftOut.has(allergen));
  const pale: Allergen[] = KEPT_PALE.test(text) && facts.some((fact) => FRUIT.has(fact.name)) ? ['sulphites'] : [];
  const may = distinct([...all, ...facts.flatMap((fact) => fact.mayContain), ...pale]).filter((allergen) => !allergens.includes(allergen));
  const labels = distinct([...found.flatMap(({ fact, as }) => (fact.label ? [as] : [])), ...(claimed.length > 0 ? [text] : [])]);
  return { known: knownOf({ facts, notKnown, labels }), allergens, mayContain: may, notKnown, labels };
}

function knownOf({
  facts,
  notKnown,
  labels,
}: {
  facts: readonly unknown[];
  notKnown: readonly string[];
  labels: readonly string[];
}): Known {
  if (facts.length === 0) return 'not known';
  return notKnown.length > 0 || labels.length > 0 ? 'partly known' : 'known';
}

/** Whether an item goes against a diet: surely, perhaps, by what nobody knows, or not at all. */
export type DietAnswer = 'against' | 'perhaps' | 'open' | 'fits';

/**
 * @example dietOf('parmesan', 'vegetarian') // 'against'
 * @example dietOf('parsley sauce', 'vegan') // 'open'
 */
export function dietOf(item: string, diet: Diet, book: FactBook = SHIPPED_BOOK): DietAnswer {
  const { facts, notKnown, claimed } = meaningOf(item, book);
  const leftOut = new Set(claimed.flatMap(([, kinds]) => kinds));
  const { against, ask } = AGAINST_DIET[diet];
  const hits = (kinds: readonly FoodKind[], list: readonly FoodKind[]) => kinds.some((kind) => list.includes(kind) && !leftOut.has(kind));
  if (facts.some(({ kinds }) => hits(kinds, against))) return 'against';
  const perhaps = facts.some(
    ({ kinds, mayBe }) => hits(mayBe, against) || hits(kinds, ask) || hits(mayBe, ask) || kinds.some((kind) => against.includes(kind)),
  );
  if (perhaps) return 'perhaps';
  if (diet === 'cooked through') return 'fits';
  return facts.length === 0 || notKnown.length > 0 || claimed.length > 0 || facts.some(({ label }) => label) ? 'open' : 'fits';
}

/** Everything there is to say of what an item holds, by the allergens of a country's list: contains, may hold, not known, label. */
export const holdsSaid = (
  { allergens, mayContain, ...open }: Pick<KnownAllergens, 'allergens' | 'mayContain' | 'known' | 'notKnown' | 'labels'>,
  list: AllergenList,
): Said => ({ code: 'holds', allergens: named(allergens, list), mayContain: named(mayContain, list), open: notKnownOf(open) });

/** What is not known of an item, to be put into words: "not known: crispbread; read the label: stock". */
export const notKnownOf = ({ known, notKnown, labels }: Pick<KnownAllergens, 'known' | 'notKnown' | 'labels'>): Said => ({
  code: 'not-known-of',
  known,
  notKnown,
  labels,
});
