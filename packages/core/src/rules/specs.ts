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
  'reheating-time',
  'core-poultry',
  'core-minced',
  'core-pork',
  'core-game',
  'core-whole',
  'core-fish',
  'core-egg',
  'core-plant',
  'raw-fish-freezing',
  'raw-fish-hours',
  'chilled-life',
  'low-oxygen-life',
  'low-oxygen-holding',
  'raw-egg-life',
  'frying-fat',
] as const;
export type RuleKey = (typeof RULE_KEYS)[number];

export const RULE_GROUPS = ['Holding', 'Cooling', 'Reheating', 'Core temperatures', 'Fish eaten raw', 'Time limits'] as const;
export type RuleGroup = (typeof RULE_GROUPS)[number];

export type RuleUnit = '°C' | 'min' | 'h';

export interface RuleSpec {
  readonly group: RuleGroup;
  readonly name: string;
  readonly unit: RuleUnit;
  /** Which side of the value keeps the rule; `from` only says where counting begins. */
  readonly keep: 'at most' | 'at least' | 'from';
  /** The cautious default. */
  readonly value: number;
  /** What a school can set it to; anything outside is a slip of the keyboard. */
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

/**
 * Cautious defaults. Where codes differ, the stricter of those named is taken; a school sets what its own code says.
 * The texts named were not at hand when this was written: each school checks them against its own code.
 */
export const RULE_SPECS: Readonly<Record<RuleKey, RuleSpec>> = {
  'cold-holding': rule('Holding', 'Cold holding', ['at most', 5, '°C'], [0, 10], `${FOOD_CODE} 3-501.16: 5 °C; other codes allow 8 °C`),
  'frozen-holding': rule('Holding', 'Frozen holding', ['at most', -18, '°C'], [-40, -10], 'Codex Alimentarius CAC/RCP 8: −18 °C'),
  'hot-holding': rule(
    'Holding',
    'Hot holding',
    ['at least', 63, '°C'],
    [54, 80],
    'Food Safety and Hygiene (England) Regulations 2013: 63 °C; FDA Food Code 57 °C',
  ),
  'out-of-control': rule(
    'Holding',
    'Food kept neither hot nor cold',
    ['at most', 120, 'min'],
    [30, 240],
    `Half of the 4 h of ${FOOD_CODE} 3-501.19, our own caution for a class`,
  ),
  'cooling-start': rule('Cooling', 'Cooling is counted from', ['from', 60, '°C'], [54, 65], `${FOOD_CODE} 3-501.14: 57 °C, rounded up`),
  'cooling-middle': rule('Cooling', 'End of the first stage', ['at most', 21, '°C'], [15, 25], `${FOOD_CODE} 3-501.14`),
  'cooling-first': rule('Cooling', 'Time for the first stage', ['at most', 120, 'min'], [30, 180], `${FOOD_CODE} 3-501.14: 2 h`),
  'cooling-end': rule('Cooling', 'End of the second stage', ['at most', 5, '°C'], [0, 10], `${FOOD_CODE} 3-501.14`),
  'cooling-total': rule('Cooling', 'Time for both stages', ['at most', 360, 'min'], [60, 480], `${FOOD_CODE} 3-501.14: 6 h in all`),
  reheating: rule('Reheating', 'Core when reheated', ['at least', 75, '°C'], [65, 90], `${UK_FSA}: 75 °C; FDA Food Code 74 °C`),
  'reheating-time': rule('Reheating', 'Time to reheat', ['at most', 120, 'min'], [30, 180], `${FOOD_CODE} 3-403.11: within 2 h`),
  'core-poultry': rule('Core temperatures', 'Poultry', ['at least', 75, '°C'], [60, 90], `${UK_FSA}: 75 °C; FDA Food Code 74 °C`),
  'core-minced': rule('Core temperatures', 'Minced meat, sausages, anything rolled or filled', ['at least', 75, '°C'], [60, 90], UK_FSA),
  'core-pork': rule(
    'Core temperatures',
    'Pork',
    ['at least', 70, '°C'],
    [60, 90],
    'Between FDA Food Code 63 °C and UK 75 °C, our own caution',
  ),
  'core-game': rule('Core temperatures', 'Game', ['at least', 75, '°C'], [60, 90], `${UK_FSA}; wild game can carry parasites`),
  'core-whole': rule(
    'Core temperatures',
    'Whole cuts of beef, lamb, veal',
    ['at least', 63, '°C'],
    [50, 80],
    `${FOOD_CODE} 3-401.11: 63 °C for 15 s; the outside seared all over`,
  ),
  'core-fish': rule('Core temperatures', 'Fish and shellfish', ['at least', 63, '°C'], [50, 80], `${FOOD_CODE} 3-401.11: 63 °C for 15 s`),
  'core-egg': rule('Core temperatures', 'Dishes with egg', ['at least', 70, '°C'], [60, 80], 'Between FDA Food Code 68 °C and UK 75 °C'),
  'core-plant': rule('Core temperatures', 'Plant foods to be held hot', ['at least', 60, '°C'], [54, 80], `${FOOD_CODE} 3-401.13: 57 °C`),
  'raw-fish-freezing': rule(
    'Fish eaten raw',
    'Frozen at, in all parts',
    ['at most', -20, '°C'],
    [-60, -18],
    `${FOOD_CODE} 3-402.11; Regulation (EC) 853/2004`,
  ),
  'raw-fish-hours': rule(
    'Fish eaten raw',
    'Kept frozen for',
    ['at least', 168, 'h'],
    [15, 336],
    `${FOOD_CODE} 3-402.11: 7 days; EC 853/2004 24 h`,
  ),
  'chilled-life': rule(
    'Time limits',
    'Cooked food kept chilled',
    ['at most', 72, 'h'],
    [24, 168],
    'Our own caution, day of making and two more; FDA Food Code 7 days',
  ),
  'low-oxygen-life': rule(
    'Time limits',
    'Chilled without air: under oil, in fat, in vacuum',
    ['at most', 120, 'h'],
    [24, 240],
    `Below the 7 days of ${FOOD_CODE} 3-502.12 and the 10 days of the UK FSA, our own caution`,
  ),
  'low-oxygen-holding': rule(
    'Time limits',
    'Kept without air at',
    ['at most', 3, '°C'],
    [0, 8],
    'UK FSA on vacuum packing: 3 °C for longer lives',
  ),
  'raw-egg-life': rule('Time limits', 'Food with raw egg', ['at most', 24, 'h'], [2, 48], 'Used the day it is made, common house rule'),
  'frying-fat': rule('Time limits', 'Frying fat', ['at most', 175, '°C'], [150, 200], 'Commission Regulation (EU) 2017/2158: below 175 °C'),
};

/** The school's values where they differ from the defaults. */
export type LocalRules = Readonly<Partial<Record<RuleKey, number>>>;

/** The value in force. @example ruleValue('reheating', {}) // 75 */
export function ruleValue(key: RuleKey, rules: LocalRules): number {
  return rules[key] ?? RULE_SPECS[key].value;
}

/** A value with its unit: `63 °C`, `2 h`, `90 min`, `3 days`. */
export function showRuleValue(value: number, unit: RuleUnit, preferences: Preferences = HOUSE_PREFERENCES): string {
  if (unit === '°C' && Number.isFinite(value)) return showTemperature(value, preferences);
  if (unit === 'min' && value % 60 === 0) return `${value / 60} h`;
  if (unit === 'h' && value >= 48 && value % 24 === 0) return `${value / 24} days`;
  return `${String(value).replace('-', '−')} ${unit}`;
}

/** A rule in words, as it stands: `Hot holding: at least 63 °C`. */
export function showRule(key: RuleKey, rules: LocalRules, preferences: Preferences = HOUSE_PREFERENCES): string {
  const { name, keep, unit } = RULE_SPECS[key];
  return `${name}: ${keep} ${showRuleValue(ruleValue(key, rules), unit, preferences)}`;
}

/** Rules that belong together and cannot contradict each other: the first has to stay below the second. */
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
  const after = { ...rules, [key]: value };
  const broken = RULE_ORDER.find(([a, b]) => (a === key || b === key) && ruleValue(a, after) >= ruleValue(b, after));
  if (!broken) return null;
  return {
    problem: { code: 'no.rules-crossed', low: broken[0], high: broken[1], rules: after },
    remedy: { code: 'do.change-other-first' },
  };
}
