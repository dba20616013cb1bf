import type { LocalRules, RuleKey } from './specs';
import { EQUAL_PAIRS, HELD, RULE_SPECS, ruleValue } from './specs';
import type { Said } from '../words';

/** Whether something measured met a rule. Never says that food is safe. */
export interface Verdict {
  readonly rule: RuleKey;
  readonly outcome: 'met' | 'missed' | 'open';
  /** What was measured, and which rule it met or missed. */
  readonly said: Said;
  /** How it was worked out. */
  readonly working: readonly Said[];
}

/**
 * A single measured value against a rule.
 *
 * @example checkValue('core-poultry', 76.2, {}).outcome // 'met'
 */
export function checkValue(key: RuleKey, value: number, rules: LocalRules): Verdict {
  const { keep } = RULE_SPECS[key];
  const limit = ruleValue(key, rules);
  const met = keep === 'at most' ? value <= limit : value >= limit;
  return {
    rule: key,
    outcome: met ? 'met' : 'missed',
    said: { code: 'rule.measured', rule: key, limit, value, met },
    working: [{ code: 'rule.compared', rule: key, limit, value, met }],
  };
}

/** A measured core: how warm, and for how long it was seen to be at least so warm. */
export interface MeasuredCore {
  readonly celsius: number;
  /** Null when nobody kept the time: a peak is a moment, and a moment meets no rule that asks for a time. */
  readonly heldMinutes: number | null;
  /** Whether the school goes by time at temperature; its local code has to allow it. */
  readonly byTime: boolean;
}

/**
 * A core temperature against the rule of its food, which may be a temperature and a time; with other pairs of the same effect where
 * time at temperature is the practice in force.
 *
 * @example checkCore('core-poultry', { celsius: 76, heldMinutes: 1, byTime: false }, {}).outcome // 'met'
 * @example checkCore('core-poultry', { celsius: 76, heldMinutes: null, byTime: false }, {}).outcome // 'open'
 */
export function checkCore(key: RuleKey, { celsius, heldMinutes, byTime }: MeasuredCore, rules: LocalRules): Verdict {
  const limit = ruleValue(key, rules);
  const held = HELD[key];
  const seconds = held ? ruleValue(held, rules) : 0;
  const plain = checkValue(key, celsius, rules);
  const heldSeconds = heldMinutes === null ? null : heldMinutes * 60;
  if (celsius >= limit) {
    if (seconds === 0) return plain;
    const working: readonly Said[] = [...plain.working, { code: 'rule.pair', celsius: limit, seconds }];
    if (heldSeconds === null)
      return { ...plain, outcome: 'open', said: { code: 'rule.hold-unseen', rule: key, limit, value: celsius, seconds }, working };
    const met = heldSeconds >= seconds;
    // Hotter may count sooner, where another pair of the same effect is allowed.
    if (met || !byTime)
      return {
        ...plain,
        outcome: met ? 'met' : 'missed',
        said: { code: 'rule.held', celsius, heldMinutes: heldMinutes!, met, least: limit, seconds },
        working,
      };
  }
  if (!byTime) return plain;
  const pair = EQUAL_PAIRS.find((each) => celsius >= each.celsius);
  if (!pair) return { ...plain, working: [...plain.working, { code: 'rule.no-time-below', celsius: EQUAL_PAIRS.at(-1)!.celsius }] };
  const working: readonly Said[] = [...plain.working, { code: 'rule.time-counts', ...pair }];
  if (heldSeconds === null)
    return {
      ...plain,
      outcome: 'open',
      said: { code: 'rule.would-count', rule: key, limit, value: celsius, seconds: pair.seconds },
      working,
    };
  const met = heldSeconds >= pair.seconds;
  return {
    rule: key,
    outcome: met ? 'met' : 'missed',
    said: { code: 'rule.held', celsius, heldMinutes: heldMinutes!, met, least: pair.celsius, seconds: pair.seconds },
    working,
  };
}
