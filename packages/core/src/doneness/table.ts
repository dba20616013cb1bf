import { ruleValue, type RuleKey } from '../rules';
import type { Refused } from '../words';

/** A degree to which a food is cooked: the band of its core at the peak, and how it is known without a probe. */
export interface DonenessDegree {
  readonly key: string;
  readonly name: string;
  /** Core at its peak, °C. */
  readonly from: number;
  readonly to: number;
  readonly cue: string;
  readonly rest: string;
}

export interface DonenessFood {
  readonly key: string;
  readonly name: string;
  /** The local rule that holds for it; null where it is no matter of safety. */
  readonly rule: RuleKey | null;
  readonly degrees: readonly DonenessDegree[];
  readonly sure: 'trade practice' | 'food science';
}

const degree = (key: string, name: string, [from, to]: readonly [number, number], cue: string, rest: string): DonenessDegree => ({
  key,
  name,
  from,
  to,
  cue,
  rest,
});

/**
 * Bands of core temperature by food and degree, at the peak after resting. What is pleasant to eat, not what is safe: the local rule stands
 * beside each and decides.
 *
 * @source bands as commonly taught in professional cookery, our own reading of them; where proteins set after H. McGee, On Food and Cooking
 *   (2004): myosin about 50 °C, collagen shrinks from about 60 °C and melts slowly above 70 °C
 */
export const DONENESS: readonly DonenessFood[] = [
  {
    key: 'red-meat',
    name: 'red meat, a whole piece',
    rule: 'core-whole',
    sure: 'trade practice',
    degrees: [
      degree('rare', 'rare', [48, 52], 'soft, springs back slowly, red and warm in the middle', 'as the practice in force'),
      degree('medium-rare', 'medium rare', [53, 57], 'gives and springs, red to deep pink', 'as the practice in force'),
      degree('medium', 'medium', [58, 62], 'springs at once, pink', 'as the practice in force'),
      degree('medium-well', 'medium well', [63, 67], 'firm, a trace of pink', 'short'),
      degree('well', 'well done', [68, 74], 'firm all through, no pink', 'short'),
    ],
  },
  {
    key: 'duck-breast',
    name: 'duck breast, whole',
    rule: 'core-poultry',
    sure: 'trade practice',
    degrees: [
      degree('pink', 'pink', [54, 58], 'springs back slowly, skin crisp', 'as the practice in force'),
      degree('just-pink', 'just pink', [60, 64], 'springs at once', 'as the practice in force'),
      degree('done', 'cooked through', [75, 79], 'firm, grey-brown', 'short'),
    ],
  },
  {
    key: 'poultry-breast',
    name: 'poultry breast',
    rule: 'core-poultry',
    sure: 'trade practice',
    degrees: [degree('done', 'cooked through, moist', [75, 78], 'springs, white to the middle', 'a few minutes')],
  },
  {
    key: 'poultry-leg',
    name: 'poultry leg',
    rule: 'core-poultry',
    sure: 'trade practice',
    degrees: [degree('done', 'tender', [78, 85], 'the joint turns freely', 'a few minutes')],
  },
  {
    key: 'game',
    name: 'game, a whole piece',
    rule: 'core-game',
    sure: 'trade practice',
    degrees: [
      degree('pink', 'pink', [54, 58], 'gives and springs', 'as the practice in force'),
      degree('done', 'cooked through', [75, 79], 'firm', 'short'),
    ],
  },
  {
    key: 'minced',
    name: 'minced, rolled or filled meat',
    rule: 'core-minced',
    sure: 'trade practice',
    degrees: [degree('done', 'cooked through', [75, 79], 'firm, one colour; the probe alone proves it', 'short')],
  },
  {
    key: 'braise',
    name: 'meat to braise',
    rule: 'core-whole',
    sure: 'food science',
    degrees: [degree('tender', 'tender', [85, 95], 'a skewer slides out without lifting it', 'in its liquid')],
  },
  {
    key: 'fish',
    name: 'fish fillet',
    rule: 'core-fish',
    sure: 'trade practice',
    degrees: [
      degree('glassy', 'glassy in the middle', [42, 47], 'flakes hold together, glassy', 'none'),
      degree('just-set', 'just set', [48, 53], 'flakes part under light pressure, milky', 'a minute'),
      degree('done', 'cooked through', [63, 67], 'flakes fall apart, white', 'none'),
    ],
  },
  {
    key: 'custard',
    name: 'baked custard',
    rule: 'core-egg',
    sure: 'food science',
    degrees: [degree('set', 'set, trembles in the middle', [76, 80], 'the rim stands, a coin in the middle trembles', 'an hour, cold')],
  },
  {
    key: 'bread',
    name: 'bread',
    rule: null,
    sure: 'trade practice',
    degrees: [degree('baked', 'baked through', [94, 98], 'hollow when knocked', 'an hour on a rack')],
  },
  {
    key: 'roots',
    name: 'roots, boiled or baked',
    rule: null,
    sure: 'food science',
    degrees: [degree('tender', 'tender', [92, 98], 'slides off a knife tip', 'steamed dry')],
  },
];

/** What a school teaches otherwise of a degree. */
export interface DonenessBand {
  readonly from: number;
  readonly to: number;
  readonly cue: string;
  readonly rest: string;
}

/** A school's own bands, by food and degree: `red-meat medium`. */
export type OwnDoneness = Readonly<Record<string, DonenessBand>>;

export const donenessKey = (food: string, degree: string): string => `${food} ${degree}`;
export const DONENESS_KEYS: readonly string[] = DONENESS.flatMap(({ key, degrees }) => degrees.map((each) => donenessKey(key, each.key)));

/** Cores that can be set, °C, and how wide a band can be: beyond it is no degree any more. */
export const DONENESS_LIMITS = { least: 20, most: 110, widest: 20, text: 120 } as const;

/** The bands in force: the school's own where it has set some. */
export const donenessTable = (own: OwnDoneness): readonly DonenessFood[] =>
  DONENESS.map((food) => ({ ...food, degrees: food.degrees.map((each) => ({ ...each, ...own[donenessKey(food.key, each.key)] })) }));

const NEVER_BELOW: ReadonlySet<string> = new Set(['minced', 'poultry-breast', 'poultry-leg']);

/** What is wrong with a band; null where nothing is. Degrees of one food must not lie the wrong way round. */
export function checkDoneness(key: string, band: DonenessBand, own: OwnDoneness): Refused | null {
  const { least, most, widest } = DONENESS_LIMITS;
  const { from, to } = band;
  if (![from, to].every((each) => Number.isFinite(each) && each >= least && each <= most) || from >= to || to - from > widest)
    return { problem: { code: 'no.band', from, to }, remedy: { code: 'do.band', least, most, widest } };
  const [food = '', degree = ''] = key.split(' ');
  // What is refused every allowance is not taught below the rule, however the school's own code may set it.
  const rule = NEVER_BELOW.has(food) ? DONENESS.find((each) => each.key === food)!.rule : null;
  if (rule && from < ruleValue(rule, {}))
    return { problem: { code: 'no.band-below', need: ruleValue(rule, {}) }, remedy: { code: 'do.band-above' } };
  const degrees = donenessTable({ ...own, [key]: band }).find((each) => each.key === food)?.degrees ?? [];
  const at = degrees.findIndex((each) => each.key === degree);
  const [before, after] = [degrees[at - 1], degrees[at + 1]];
  const middle = (each: DonenessBand) => (each.from + each.to) / 2;
  const wrong = before && middle(before) >= middle(band) ? before : after && middle(after) <= middle(band) ? after : undefined;
  return wrong ? { problem: { code: 'no.band-order', beside: wrong.name }, remedy: { code: 'do.band-order' } } : null;
}

export const donenessOf = (food: string, key: string, own: OwnDoneness = {}): DonenessDegree | undefined =>
  donenessTable(own)
    .find((each) => each.key === food)
    ?.degrees.find((each) => each.key === key);
