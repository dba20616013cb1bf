import type { LocalRules, RuleKey } from './specs';
import { RULE_SPECS, ruleValue } from './specs';
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

/** One reading of a probe. */
export interface Reading {
  /** Minutes since the first reading counted. */
  readonly minutes: number;
  readonly celsius: number;
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

/** Longest that a core temperature has to be held to count as 70 °C for 2 minutes. @source UK Food Standards Agency */
const EQUIVALENTS: readonly (readonly [celsius: number, minutes: number])[] = [
  [80, 0.1],
  [75, 0.5],
  [70, 2],
  [65, 10],
  [60, 45],
];

/**
 * A core temperature against the rule of its food; with time at temperature where that practice is in force.
 *
 * @param heldMinutes - how long the core stayed at least this warm; null when nobody kept the time
 * @param byTime - whether the school goes by time at temperature; its local code has to allow it
 */
export function checkCore(
  key: RuleKey,
  { celsius, heldMinutes, byTime }: { celsius: number; heldMinutes: number | null; byTime: boolean },
  rules: LocalRules,
): Verdict {
  const plain = checkValue(key, celsius, rules);
  if (plain.outcome === 'met' || !byTime) return plain;
  const step = EQUIVALENTS.find(([least]) => celsius >= least);
  if (!step) return { ...plain, working: [...plain.working, { code: 'rule.no-time-below', celsius: EQUIVALENTS.at(-1)![0] }] };
  const [least, minutes] = step;
  const working: readonly Said[] = [...plain.working, { code: 'rule.time-counts', celsius: least, minutes }];
  if (heldMinutes === null) {
    const said: Said = { code: 'rule.would-count', rule: key, limit: ruleValue(key, rules), value: celsius, minutes };
    return { ...plain, outcome: 'open', said, working };
  }
  const met = heldMinutes >= minutes;
  return {
    rule: key,
    outcome: met ? 'met' : 'missed',
    said: { code: 'rule.held', celsius, heldMinutes, met, least, minutes },
    working,
  };
}

/** What a cooling curve says. */
export interface CoolingCheck {
  readonly verdicts: readonly Verdict[];
  /** Minutes from the start temperature to the middle and to the end; null while it has not got there. */
  readonly first: number | null;
  readonly total: number | null;
  /** When it would get to the end, going on as it has; null when that cannot be said. */
  readonly expected: number | null;
}

/**
 * A cooling curve against the two stages of the local rules.
 *
 * Times between readings are interpolated in a straight line, which for a curve that flattens gives a crossing no
 * earlier than the true one. What is still to come is foretold by Newton's law of cooling from the last two readings.
 *
 * @param readings - two or more, of one piece of food, in order of time
 * @param surroundings - °C of the air or water it cools in, for the forecast
 * @throws RangeError when readings are fewer than two or out of order
 */
export function checkCooling(readings: readonly Reading[], rules: LocalRules, surroundings = 3): CoolingCheck {
  if (readings.length < 2) throw new RangeError('A curve needs at least two readings');
  if (readings.some((reading, index) => index > 0 && reading.minutes <= readings[index - 1]!.minutes))
    throw new RangeError('Readings have to follow each other in time');
  const [start, middle, end] = (['cooling-start', 'cooling-middle', 'cooling-end'] as const).map((key) => ruleValue(key, rules)) as [
    number,
    number,
    number,
  ];
  const from = crossing(readings, start) ?? readings[0]!.minutes;
  const middleAt = crossing(readings, middle);
  const endAt = crossing(readings, end);
  const now = readings.at(-1)!.minutes - from;
  const first = middleAt === null ? null : middleAt - from;
  const total = endAt === null ? null : endAt - from;
  const expectedAt = endAt ?? foretell(readings, end, surroundings);
  const expected = expectedAt === null ? null : expectedAt - from;
  return {
    first,
    total,
    expected,
    verdicts: [
      stage('cooling-first', [start, middle], { took: first, now, forecast: null }, rules),
      stage('cooling-total', [start, end], { took: total, now, forecast: expected }, rules),
    ],
  };
}

interface StageTime {
  readonly took: number | null;
  readonly now: number;
  readonly forecast: number | null;
}

function stage(key: RuleKey, [from, to]: readonly [number, number], { took, now, forecast }: StageTime, rules: LocalRules): Verdict {
  const limit = ruleValue(key, rules);
  if (took !== null) {
    const met = took <= limit;
    return {
      rule: key,
      outcome: met ? 'met' : 'missed',
      said: { code: 'cooling.took', from, to, took, met, limit },
      working: [{ code: 'cooling.compared', took, limit }],
    };
  }
  if (now > limit)
    return {
      rule: key,
      outcome: 'missed',
      said: { code: 'cooling.late', to, now, limit },
      working: [{ code: 'cooling.late-compared', now, limit }],
    };
  return {
    rule: key,
    outcome: 'open',
    said: { code: 'cooling.open', to, left: limit - now, forecast, tooLong: forecast !== null && forecast > limit },
    working: forecast === null ? [] : [{ code: 'cooling.forecast', minutes: forecast }],
  };
}

/** Minutes at which the curve last comes down through a temperature; null when it ends above it. */
function crossing(readings: readonly Reading[], celsius: number): number | null {
  if (readings.at(-1)!.celsius > celsius) return null;
  for (let index = readings.length - 1; index > 0; index -= 1) {
    const [a, b] = [readings[index - 1]!, readings[index]!];
    if (a.celsius > celsius && b.celsius <= celsius)
      return a.minutes + ((a.celsius - celsius) / (a.celsius - b.celsius)) * (b.minutes - a.minutes);
  }
  return readings[0]!.minutes;
}

function foretell(readings: readonly Reading[], celsius: number, surroundings: number): number | null {
  const [a, b] = [readings.at(-2)!, readings.at(-1)!];
  if (celsius <= surroundings || b.celsius <= surroundings || a.celsius <= b.celsius) return null;
  const rate = Math.log((a.celsius - surroundings) / (b.celsius - surroundings)) / (b.minutes - a.minutes);
  return b.minutes + Math.log((b.celsius - surroundings) / (celsius - surroundings)) / rate;
}
