import { plainWords, saysWord } from './suggest';
import type { RichText } from './types';

/** What can hurt someone in a teaching kitchen, as steps name it; field guide, 12. */
export const HAZARDS = [
  'hot-fat',
  'steam',
  'hot-blender',
  'flame',
  'mandoline',
  'oven',
  'hot-sugar',
  'raw-meat',
  'raw-fish',
  'raw-egg',
  'cooling',
  'reheating',
  'low-oxygen',
  'alcohol',
  'blade',
] as const;
export type HazardKey = (typeof HAZARDS)[number];

interface HazardSpec {
  readonly name: string;
  /** Steps name it when all words of one group stand in one step. */
  readonly named: readonly (readonly string[])[];
  /** A caution answers it when one of these words stands in it. */
  readonly answeredBy: readonly string[];
  /** The usual caution, ready to take over. */
  readonly caution: string;
}

export const HAZARD_SPECS: Readonly<Record<HazardKey, HazardSpec>> = {
  'hot-fat': {
    name: 'hot fat',
    named: [
      ['fry'],
      ['hot', 'oil'],
      ['hot', 'fat'],
      ['sear'],
      ['sauté'],
      ['saute'],
      ['sizzle'],
      ['smoke', 'oil'],
      ['smoke', 'fat'],
      ['smoke', 'pan'],
      ['baste', 'butter'],
      ['baste', 'fat'],
      ['foam', 'butter'],
    ],
    answeredBy: ['fat', 'oil', 'spit', 'splash'],
    caution: 'Dry the food and lay it into hot fat away from you; never water on burning fat: lid on, heat off.',
  },
  steam: {
    name: 'steam',
    named: [['steam'], ['lid', 'lift'], ['drain', 'boiling'], ['pressure', 'cooker']],
    answeredBy: ['steam', 'scald', 'lid'],
    caution: 'Open lids away from you: steam burns before it is seen.',
  },
  'hot-blender': {
    name: 'a blender with hot food in it',
    named: [
      ['blend', 'hot'],
      ['blend', 'warm'],
      ['blender', 'hot'],
      ['blender', 'warm'],
    ],
    answeredBy: ['blender', 'blend', 'jug'],
    caution: 'Hot liquid in a blender bursts upward: fill it a third, vent the lid, hold a cloth on it, start slowly.',
  },
  flame: {
    name: 'flaming spirits or an open flame',
    named: [
      ['flambé'],
      ['flambe'],
      ['blowtorch'],
      ['torch'],
      ['ignite'],
      ['alight'],
      ['open', 'flame'],
      ['flame', 'spirit'],
      ['flame', 'brandy'],
      ['flame', 'rum'],
      ['flame', 'calvados'],
      ['flame', 'cognac'],
      ['flame', 'alcohol'],
      ['burn', 'alcohol'],
      ['tilt', 'flame'],
      ['catch', 'fire'],
    ],
    answeredBy: ['flame', 'torch', 'burn', 'fire', 'lid'],
    caution: 'Take the pan off the heat to pour spirits, extraction off, lid at hand, hair and sleeves back, nobody leaning over.',
  },
  mandoline: {
    name: 'a mandoline or slicer',
    named: [['mandoline'], ['slicer']],
    answeredBy: ['mandoline', 'slicer', 'guard'],
    caution: 'Use the guard or a cut-resistant glove on a mandoline or slicer, and stop before the last piece.',
  },
  oven: {
    name: 'a hot oven or tray',
    named: [['oven'], ['roast'], ['bake'], ['grill']],
    answeredBy: ['oven', 'handle', 'cloth', 'tray', 'hot'],
    caution: 'Dry cloth in both hands, say "hot behind", and leave a cloth on a handle that came out of the oven.',
  },
  'hot-sugar': {
    name: 'hot sugar',
    named: [['caramel'], ['caramelise', 'sugar'], ['syrup', 'boil'], ['melt', 'sugar']],
    answeredBy: ['sugar', 'caramel', 'syrup', 'burn'],
    caution: 'Boiling sugar sticks and burns deep: long sleeves, no tasting, a bowl of cold water beside you.',
  },
  'raw-meat': {
    name: 'raw meat or poultry',
    named: [
      ['raw', 'meat'],
      ['meat'],
      ['poultry'],
      ['chicken'],
      ['duck'],
      ['goose'],
      ['turkey'],
      ['quail'],
      ['pheasant'],
      ['game'],
      ['rabbit'],
      ['venison'],
      ['pork'],
      ['beef'],
      ['lamb'],
      ['veal'],
      ['liver'],
      ['sausage'],
      ['burger'],
      ['mince'],
    ],
    answeredBy: ['raw', 'core', 'board', 'poultry', 'cross', 'thermometer'],
    caution: 'Keep raw and ready food apart, change board and knife, wash hands; the core temperature is proved by thermometer.',
  },
  'raw-fish': {
    name: 'fish served raw or barely cooked',
    named: [
      ['rare', 'fish'],
      ['rare', 'trout'],
      ['rare', 'mackerel'],
      ['rare', 'fillet'],
      ['pink', 'fish'],
      ['pink', 'trout'],
      ['glassy', 'fish'],
      ['glassy', 'middle'],
      ['translucent', 'middle'],
      ['translucent', 'centre'],
      ['tataki'],
      ['carpaccio'],
      ['seared', 'raw'],
      ['raw', 'fish'],
      ['cure', 'fish'],
      ['ceviche'],
      ['cure', 'trout'],
      ['cure', 'mackerel'],
      ['cured', 'fish'],
      ['cured', 'mackerel'],
      ['cure', 'salmon'],
      ['cured', 'salmon'],
      ['tartare'],
      ['sashimi'],
      ['oyster'],
    ],
    answeredBy: ['parasite', 'parasites', 'frozen', 'freeze', 'freezing'],
    caution: 'Curing does not kill parasites: use fish frozen by the local rules, keep it cold, and name it to those at risk.',
  },
  'raw-egg': {
    name: 'raw or barely cooked egg',
    named: [['yolk'], ['raw', 'egg'], ['egg', 'white'], ['runny', 'egg'], ['soft', 'egg'], ['sabayon'], ['mayonnaise'], ['hollandaise']],
    answeredBy: ['egg', 'eggs', 'pasteurised', 'yolk', 'yolks'],
    caution:
      'Raw or barely cooked egg: use pasteurised egg where the local code or a guest at risk asks for it; keep it cold, use it the same day.',
  },
  cooling: {
    name: 'cooling cooked food',
    named: [
      ['cool', 'chill'],
      ['cool', 'stock'],
      ['cool', 'overnight'],
      ['cool', 'fridge'],
      ['chill', 'cooked'],
    ],
    answeredBy: ['cool', 'chill', 'shallow', 'ice'],
    caution: 'Cool in two stages within the times of the local rules: shallow, uncovered, in ice, then covered and labelled.',
  },
  reheating: {
    name: 'reheating',
    named: [['reheat'], ['warm', 'through']],
    answeredBy: ['reheat', 'core', 'hot'],
    caution: 'Reheat once, fast, to the core temperature of the local rules, and never warm food up in a hot-holding cabinet.',
  },
  'low-oxygen': {
    name: 'food kept without air: under oil, in fat or in vacuum',
    named: [
      ['vacuum'],
      ['sous', 'vide'],
      ['bag', 'bath'],
      ['water', 'bath', 'bag'],
      ['bag', 'seal'],
      ['under', 'fat'],
      ['under', 'oil'],
      ['garlic', 'oil'],
      ['confit'],
      ['herb', 'oil'],
      ['sealed', 'bag'],
    ],
    answeredBy: ['oxygen', 'botulism', 'oil', 'vacuum', 'chilled', 'fridge', 'cold'],
    caution:
      'Without air dangerous bacteria can grow unseen, unsmelt: keep it cold, label it, and keep to the time limit of the local rules.',
  },
  alcohol: {
    name: 'alcohol in a dish',
    named: [['wine'], ['brandy'], ['rum'], ['spirit'], ['liqueur'], ['beer']],
    answeredBy: ['alcohol', 'wine', 'minors', 'flame'],
    caution: 'Alcohol does not all cook off: name it, and have a version without it for minors and for those who avoid it.',
  },
  blade: {
    name: 'a blade',
    named: [
      ['slice'],
      ['dice'],
      ['chop'],
      ['julienne'],
      ['shred'],
      ['carve'],
      ['bone', 'knife'],
      ['fillet'],
      ['hone'],
      ['sharpen'],
      ['cut', 'knife'],
      ['cut', 'blade'],
      ['cut', 'across'],
    ],
    answeredBy: ['knife', 'knives', 'finger', 'fingers', 'fingertips', 'blade', 'board', 'hand', 'guard', 'claw', 'edge', 'tip'],
    caution: 'Board secured, fingertips behind the knuckles, edge away from you when you lay the knife down.',
  },
};

/** The hazards that steps name, in the order of the list. */
export function hazardsIn(steps: readonly RichText[]): readonly HazardKey[] {
  const texts = steps.map(plainWords);
  return HAZARDS.filter((key) =>
    HAZARD_SPECS[key].named.some((words) => texts.some((text) => words.every((word) => saysWord(text, word)))),
  );
}

/** What of a card tells somebody to do something, or what with: all of it is listened to, not the steps alone. */
interface Told {
  readonly steps: readonly RichText[];
  readonly tools?: readonly string[];
  readonly criticalPoints?: readonly { readonly text: RichText }[];
  readonly faults?: readonly { readonly correction: string; readonly rescue: string }[];
  readonly variants?: readonly { readonly text: RichText }[];
}

interface Cautioned extends Told {
  readonly cautions: readonly string[];
  readonly answered: readonly { readonly hazard: HazardKey; readonly because: string }[];
}

/** Tools that hurt by themselves; a fish slice and baking paper only sound like it. */
const DANGEROUS = /\b(?:mandoline|slicer|blow ?torch|torch|pressure cooker)\b/i;

const toldIn = ({ steps, tools = [], criticalPoints = [], faults = [], variants = [] }: Told): readonly RichText[] => [
  ...steps,
  ...tools.filter((tool) => DANGEROUS.test(tool)),
  ...criticalPoints.map(({ text }) => text),
  ...faults.flatMap(({ correction, rescue }) => [correction, rescue]),
  ...variants.map(({ text }) => text),
];

/** The hazards that a card names, in its steps or elsewhere. */
export const hazardsOfCard = (card: Told): readonly HazardKey[] => hazardsIn(toldIn(card));

/**
 * Hazards the card names that no caution speaks of and nobody has answered: to be asked about before the card is saved.
 *
 * @example unansweredHazards({ steps: ['Deep-fry the sage'], cautions: [], answered: [] }) // ['hot-fat']
 */
export function unansweredHazards({ cautions, answered, ...card }: Cautioned): readonly HazardKey[] {
  const spoken = cautions.map(plainWords);
  const settled = new Set(answered.filter(({ because }) => because.trim()).map(({ hazard }) => hazard));
  return hazardsOfCard(card).filter(
    (key) => !settled.has(key) && !HAZARD_SPECS[key].answeredBy.some((word) => spoken.some((text) => saysWord(text, word))),
  );
}

/** Said wherever food or a person can be hurt. */
export const WHO_DECIDES = 'The local code and the responsible person decide.';
