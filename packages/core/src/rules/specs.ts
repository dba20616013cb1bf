import { showTemperature } from '../figure/measure';
import { HOUSE_PREFERENCES, type Preferences } from '../preferences';
import type { Refused } from '../words';

/** The thresholds of the local rules profile. */
export const RULE_KEYS = [
  'cold-holding',
  'frozen-holding',
  'hot-holding',
  'out-of-control',
  'cooling-start',
  'cooling-middle',
  'cooling-first',
  'cooling-end',
  'cooling-total',
  'reheating',
  'reheating-held',
  'reheating-time',
  'core-poultry',
  'core-poultry-held',
  'core-minced',
  'core-minced-held',
  'core-pork',
  'core-pork-held',
  'core-game',
  'core-game-held',
  'core-whole',
  'core-whole-held',
  'core-fish',
  'core-fish-held',
  'core-egg',
  'core-egg-held',
  'core-plant',
  'raw-fish-freezing',
  'raw-fish-hours',
  'allow-whole-pink',
  'allow-raw-fish',
  'chilled-life',
  'low-oxygen-life',
  'low-oxygen-holding',
  'raw-egg-life',
  'frying-fat',
] as const;
export type RuleKey = (typeof RULE_KEYS)[number];

export const RULE_GROUPS = [
  'Holding',
  'Cooling',
  'Reheating',
  'Core temperatures',
  'Fish eaten raw',
  'Below the rule on purpose',
  'Time limits',
] as const;
export type RuleGroup = (typeof RULE_GROUPS)[number];

export type RuleUnit = '°C' | 's' | 'min' | 'h' | 'allowed';

export interface RuleSpec {
  readonly group: RuleGroup;
  readonly name: string;
  readonly unit: RuleUnit;
  /** Which side of the value keeps the rule; `from` only says where counting begins, `is` what the school allows. */
  readonly keep: 'at most' | 'at least' | 'from' | 'is';
  /** The default: the stricter of the codes named. */
  readonly value: number;
  /** What some code allows, or anything stricter; beyond it no school may set it. */
  readonly between: readonly [number, number];
  readonly source: string;
}

const rule = (
  group: RuleGroup,
  name: string,
  [keep, value, unit]: readonly [RuleSpec['keep'], number, RuleUnit],
  between: readonly [number, number],
  source: string,
): RuleSpec => ({ group, name, keep, value, unit, between, source });

const FOOD_CODE = 'FDA Food Code 2022';
const UK_FSA = 'UK Food Standards Agency, guidance on cooking and chilling';
const UK_PAIRS = `${UK_FSA}: 70 °C for 2 min, 75 °C for 30 s, 80 °C for 6 s`;

/** A core temperature with the time it is held: the two are one rule. */
const core = (name: string, celsius: number, least: number, source: string): RuleSpec =>
  rule('Core temperatures', name, ['at least', celsius, '°C'], [least, 90], source);
const heldFor = (name: string, seconds: number, source: string): RuleSpec =>
  rule('Core temperatures', `${name}, held for`, ['at least', seconds, 's'], [0, 7200], source);

/**
 * The stricter of the codes that are named, with its time; what the school's own code says goes over it. The texts named were not at
 * hand when this was written: each school checks them against its own code.
 */
export const RULE_SPECS: Readonly<Record<RuleKey, RuleSpec>> = {
  'cold-holding': rule(
    'Holding',
    'Cold holding',
    ['at most', 5, '°C'],
    [0, 8],
    `${FOOD_CODE} 3-501.16: 5 °C; Food Safety and Hygiene (England) Regulations 2013: 8 °C`,
  ),
  'frozen-holding': rule('Holding', 'Frozen holding', ['at most', -18, '°C'], [-40, -15], 'Codex Alimentarius CAC/RCP 8: −18 °C'),
  'hot-holding': rule(
    'Holding',
    'Hot holding',
    ['at least', 63, '°C'],
    [57, 80],
    `Food Safety and Hygiene (England) Regulations 2013: 63 °C; ${FOOD_CODE} 3-501.16: 57 °C`,
  ),
  'out-of-control': rule(
    'Holding',
    'Food kept neither hot nor cold',
    ['at most', 120, 'min'],
    [30, 240],
    `Food Safety and Hygiene (England) Regulations 2013: 2 h below 63 °C; ${FOOD_CODE} 3-501.19: 4 h`,
  ),
  'cooling-start': rule('Cooling', 'Cooling is counted from', ['from', 57, '°C'], [57, 70], `${FOOD_CODE} 3-501.14: 57 °C`),
  'cooling-middle': rule('Cooling', 'End of the first stage', ['at most', 21, '°C'], [3, 21], `${FOOD_CODE} 3-501.14: 21 °C`),
  'cooling-first': rule('Cooling', 'Time for the first stage', ['at most', 120, 'min'], [30, 120], `${FOOD_CODE} 3-501.14: 2 h`),
  'cooling-end': rule('Cooling', 'End of the second stage', ['at most', 5, '°C'], [0, 10], `${FOOD_CODE} 3-501.14: 5 °C`),
  'cooling-total': rule('Cooling', 'Time for both stages', ['at most', 360, 'min'], [60, 360], `${FOOD_CODE} 3-501.14: 6 h in all`),
  reheating: rule(
    'Reheating',
    'Core when reheated',
    ['at least', 75, '°C'],
    [70, 90],
    `${UK_PAIRS}; ${FOOD_CODE} 3-403.11: 74 °C for 15 s`,
  ),
  'reheating-held': rule('Reheating', 'Core when reheated, held for', ['at least', 30, 's'], [0, 7200], UK_PAIRS),
  'reheating-time': rule('Reheating', 'Time to reheat', ['at most', 120, 'min'], [30, 120], `${FOOD_CODE} 3-403.11: within 2 h`),
  'core-poultry': core('Poultry', 75, 60, `${UK_PAIRS}; ${FOOD_CODE} 3-401.11: 74 °C`),
  'core-poultry-held': heldFor('Poultry', 30, UK_PAIRS),
  'core-minced': core('Minced meat, sausages, anything rolled or filled', 75, 60, `${UK_PAIRS}; ${FOOD_CODE} 3-401.11: 68 °C for 17 s`),
  'core-minced-held': heldFor('Minced, rolled or filled', 30, UK_PAIRS),
  'core-pork': core('Pork', 75, 60, `${UK_PAIRS}; ${FOOD_CODE} 3-401.11: 63 °C for 15 s`),
  'core-pork-held': heldFor('Pork', 30, UK_PAIRS),
  'core-game': core('Game', 75, 60, `${UK_PAIRS}; ${FOOD_CODE} 3-401.11: 74 °C for wild game; it can carry parasites`),
  'core-game-held': heldFor('Game', 30, UK_PAIRS),
  'core-whole': core('Whole cuts of beef, lamb, veal', 63, 60, `${FOOD_CODE} 3-401.11: 63 °C for 15 s; the outside seared all over`),
  'core-whole-held': heldFor('Whole cuts', 15, `${FOOD_CODE} 3-401.11: 63 °C for 15 s`),
  'core-fish': core('Fish and shellfish', 63, 60, `${FOOD_CODE} 3-401.11: 63 °C for 15 s`),
  'core-fish-held': heldFor('Fish and shellfish', 15, `${FOOD_CODE} 3-401.11: 63 °C for 15 s`),
  'core-egg': core('Dishes with egg', 70, 60, `${UK_PAIRS}; ${FOOD_CODE} 3-401.11: 68 °C for 17 s`),
  'core-egg-held': heldFor('Dishes with egg', 120, UK_PAIRS),
  'core-plant': core(
    'Plant foods to be held hot',
    63,
    57,
    `Food Safety and Hygiene (England) Regulations 2013: 63 °C; ${FOOD_CODE} 3-401.13: 57 °C`,
  ),
  'raw-fish-freezing': rule(
    'Fish eaten raw',
    'Frozen at, in all parts',
    ['at most', -20, '°C'],
    [-60, -20],
    `${FOOD_CODE} 3-402.11: −20 °C for 7 days, or −35 °C for 15 h; Regulation (EC) 853/2004: −20 °C for 24 h, or −35 °C for 15 h`,
  ),
  'raw-fish-hours': rule(
    'Fish eaten raw',
    'Kept frozen for',
    ['at least', 168, 'h'],
    [15, 336],
    `${FOOD_CODE} 3-402.11: 7 days; Regulation (EC) 853/2004: 24 h`,
  ),
  'allow-whole-pink': rule(
    'Below the rule on purpose',
    'Whole muscle served pink',
    ['is', 0, 'allowed'],
    [0, 1],
    `${FOOD_CODE} 3-401.11(C) for whole beef seared all over; ${UK_FSA} for whole cuts of beef and lamb; many codes do not reach poultry`,
  ),
  'allow-raw-fish': rule(
    'Below the rule on purpose',
    'Fish served raw or just set',
    ['is', 0, 'allowed'],
    [0, 1],
    `${FOOD_CODE} 3-401.11(D) and 3-402.11; Regulation (EC) 853/2004, Annex III, Section VIII: after freezing`,
  ),
  'chilled-life': rule(
    'Time limits',
    'Cooked food kept chilled',
    ['at most', 72, 'h'],
    [24, 168],
    `UK ${'Food Standards Agency'}, small kitchens: 3 days; ${FOOD_CODE} 3-501.17: 7 days`,
  ),
  'low-oxygen-life': rule(
    'Time limits',
    'Chilled without air: under oil, in fat, in vacuum',
    ['at most', 168, 'h'],
    [24, 240],
    `${FOOD_CODE} 3-502.12: 7 days; UK FSA on vacuum packing: 10 days`,
  ),
  'low-oxygen-holding': rule(
    'Time limits',
    'Kept without air at',
    ['at most', 3, '°C'],
    [0, 8],
    'UK FSA on vacuum packing: 3 °C for longer lives',
  ),
  'raw-egg-life': rule(
    'Time limits',
    'Food with raw egg',
    ['at most', 24, 'h'],
    [2, 48],
    'Used the day it is made, a common house rule; no code is named',
  ),
  'frying-fat': rule('Time limits', 'Frying fat', ['at most', 175, '°C'], [150, 200], 'Commission Regulation (EU) 2017/2158: below 175 °C'),
};

/** Rules that are a temperature and a time: the time that belongs to a temperature. */
export const HELD: Readonly<Partial<Record<RuleKey, RuleKey>>> = {
  reheating: 'reheating-held',
  'core-poultry': 'core-poultry-held',
  'core-minced': 'core-minced-held',
  'core-pork': 'core-pork-held',
  'core-game': 'core-game-held',
  'core-whole': 'core-whole-held',
  'core-fish': 'core-fish-held',
  'core-egg': 'core-egg-held',
};

/** A temperature and the seconds it is held that a code takes as enough. */
export interface Pair {
  readonly celsius: number;
  readonly seconds: number;
}

/**
 * Pairs that count as 70 °C for two minutes.
 * @source UK Food Standards Agency, guidance on cooking
 */
export const EQUAL_PAIRS: readonly Pair[] = [
  { celsius: 80, seconds: 6 },
  { celsius: 75, seconds: 30 },
  { celsius: 70, seconds: 120 },
  { celsius: 65, seconds: 600 },
  { celsius: 60, seconds: 2700 },
];

/** Pairs of the FDA Food Code 2022, 3-401.11 and 3-403.11, where it goes lower. */
const FDA_PAIRS: Readonly<Partial<Record<RuleKey, readonly Pair[]>>> = {
  reheating: [{ celsius: 74, seconds: 15 }],
  'core-poultry': [{ celsius: 74, seconds: 0 }],
  'core-minced': [
    { celsius: 63, seconds: 180 },
    { celsius: 66, seconds: 60 },
    { celsius: 68, seconds: 17 },
    { celsius: 70, seconds: 0 },
  ],
  'core-pork': [{ celsius: 63, seconds: 15 }],
  'core-game': [{ celsius: 74, seconds: 0 }],
  'core-whole': [{ celsius: 63, seconds: 15 }],
  'core-fish': [{ celsius: 63, seconds: 15 }],
  'core-egg': [
    { celsius: 63, seconds: 15 },
    { celsius: 68, seconds: 17 },
  ],
};

/** Whether some code that is named takes a pair as enough: one of its own pairs is no hotter and no longer. */
export function codeAllows(key: RuleKey, { celsius, seconds }: Pair): boolean {
  return [...EQUAL_PAIRS, ...(FDA_PAIRS[key] ?? [])].some((pair) => celsius >= pair.celsius && seconds >= pair.seconds);
}

/**
 * How cold and for how long fish is frozen before it is eaten raw: each pair is one that a named code takes as enough.
 * @source FDA Food Code 2022, 3-402.11; Regulation (EC) 853/2004, Annex III, Section VIII
 */
export const FREEZING_PAIRS: readonly { readonly celsius: number; readonly hours: number }[] = [
  { celsius: -20, hours: 168 },
  { celsius: -20, hours: 24 },
  { celsius: -35, hours: 15 },
];

/** Whether some code takes fish frozen so as fit to be eaten raw: one of the pairs is no colder and no longer. */
const freezingAllowed = (celsius: number, hours: number) => FREEZING_PAIRS.some((pair) => celsius <= pair.celsius && hours >= pair.hours);

/** How food is cooled, by one code each. They cannot be ranked, since their stages differ: one of them is in force. */
export interface CoolingSet {
  readonly key: string;
  readonly name: string;
  readonly source: string;
  readonly values: Readonly<Record<'cooling-start' | 'cooling-middle' | 'cooling-first' | 'cooling-end' | 'cooling-total', number>>;
}

export const COOLING_SETS: readonly CoolingSet[] = [
  {
    key: 'two-stages',
    name: 'Two stages: 57 to 21 °C in 2 h, to 5 °C in 6 h',
    source: `${FOOD_CODE} 3-501.14`,
    values: { 'cooling-start': 57, 'cooling-middle': 21, 'cooling-first': 120, 'cooling-end': 5, 'cooling-total': 360 },
  },
  {
    key: 'codex',
    name: 'One stage: 60 to 10 °C in 2 h',
    source: 'Codex Alimentarius CAC/RCP 39, precooked foods in mass catering',
    values: { 'cooling-start': 60, 'cooling-middle': 10, 'cooling-first': 120, 'cooling-end': 10, 'cooling-total': 120 },
  },
  {
    key: 'cook-chill',
    name: 'One stage: 70 to 3 °C in 90 min',
    source: 'UK Department of Health, Chilled and Frozen: Guidelines on Cook-Chill and Cook-Freeze Catering Systems',
    values: { 'cooling-start': 70, 'cooling-middle': 3, 'cooling-first': 90, 'cooling-end': 3, 'cooling-total': 90 },
  },
];

/** The set that is in force by the school's values; null where it has put together its own. */
export function coolingSetInForce(rules: LocalRules): CoolingSet | null {
  return (
    COOLING_SETS.find(({ values }) => Object.entries(values).every(([key, value]) => ruleValue(key as RuleKey, rules) === value)) ?? null
  );
}

/** The school's values where they differ from the defaults. */
export type LocalRules = Readonly<Partial<Record<RuleKey, number>>>;

/** The value in force. @example ruleValue('reheating', {}) // 75 */
export function ruleValue(key: RuleKey, rules: LocalRules): number {
  return rules[key] ?? RULE_SPECS[key].value;
}

/** A value with its unit: `63 °C`, `2 h`, `90 min`, `3 days`, `30 s`. */
export function showRuleValue(value: number, unit: RuleUnit, preferences: Preferences = HOUSE_PREFERENCES): string {
  if (unit === '°C' && Number.isFinite(value)) return showTemperature(value, preferences);
  if (unit === 'allowed') return value === 1 ? 'allowed' : 'not allowed';
  if (unit === 's' && value >= 120 && value % 60 === 0) return `${value / 60} min`;
  if (unit === 'min' && value % 60 === 0) return `${value / 60} h`;
  if (unit === 'h' && value >= 48 && value % 24 === 0) return `${value / 24} days`;
  return `${String(value).replace('-', '−')} ${unit}`;
}

/** A rule in words, as it stands: `Hot holding: at least 63 °C`. */
export function showRule(key: RuleKey, rules: LocalRules, preferences: Preferences = HOUSE_PREFERENCES): string {
  const { name, keep, unit } = RULE_SPECS[key];
  const held = HELD[key];
  const time = held ? ruleValue(held, rules) : 0;
  return `${name}: ${keep} ${showRuleValue(ruleValue(key, rules), unit, preferences)}${time > 0 ? ` for ${showRuleValue(time, 's')}` : ''}`;
}

/** Rules that belong together and cannot contradict each other: the first must not lie above the second. */
export const RULE_ORDER: readonly (readonly [low: RuleKey, high: RuleKey])[] = [
  ['cooling-end', 'cooling-middle'],
  ['cooling-middle', 'cooling-start'],
  ['cooling-first', 'cooling-total'],
  ['cold-holding', 'hot-holding'],
];

/**
 * What is wrong with setting a rule to a value; null when nothing is.
 *
 * @example checkRuleValue('hot-holding', 630, {}) // { problem: { code: 'no.rule-outside', … }, remedy: { code: 'do.give-between', … } }
 */
export function checkRuleValue(key: RuleKey, value: number, rules: LocalRules): Refused | null {
  const { between, unit } = RULE_SPECS[key];
  const [low, high] = between;
  if (!Number.isFinite(value) || value < low || value > high)
    return { problem: { code: 'no.rule-outside', rule: key, value }, remedy: { code: 'do.give-between', least: low, most: high, unit } };
  if (unit === 'allowed' && value !== 0 && value !== 1)
    return { problem: { code: 'no.rule-outside', rule: key, value }, remedy: { code: 'do.give-between', least: low, most: high, unit } };
  const after = { ...rules, [key]: value };
  const pairOf = (Object.entries(HELD) as [RuleKey, RuleKey][]).find(([celsius, held]) => celsius === key || held === key);
  if (pairOf) {
    const pair = { celsius: ruleValue(pairOf[0], after), seconds: ruleValue(pairOf[1], after) };
    if (!codeAllows(pairOf[0], pair))
      return { problem: { code: 'no.pair-below-codes', ...pair }, remedy: { code: 'do.hotter-or-longer', pairs: EQUAL_PAIRS } };
  }
  if (key === 'raw-fish-freezing' || key === 'raw-fish-hours') {
    const celsius = ruleValue('raw-fish-freezing', after);
    const hours = ruleValue('raw-fish-hours', after);
    if (!freezingAllowed(celsius, hours))
      return { problem: { code: 'no.frozen-below-codes', celsius, hours }, remedy: { code: 'do.colder-or-longer', pairs: FREEZING_PAIRS } };
  }
  const broken = RULE_ORDER.find(([a, b]) => (a === key || b === key) && ruleValue(a, after) > ruleValue(b, after));
  if (!broken) return null;
  return {
    problem: { code: 'no.rules-crossed', low: broken[0], high: broken[1], rules: after },
    remedy: { code: 'do.change-other-first' },
  };
}
