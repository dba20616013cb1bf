import type { Said } from '../words';
import { ruleValue, type LocalRules, type RuleKey } from './specs';
import type { Verdict } from './verdict';

/** One reading of a probe. */
export interface Reading {
  /** Minutes since the first reading counted. */
  readonly minutes: number;
  readonly celsius: number;
}

/** When a temperature will be reached, counted from the start of cooling. */
export interface Forecast {
  readonly minutes: number;
  /** The earliest and the latest by the spread of the readings; null where two readings alone leave no spread to tell. */
  readonly between: readonly [number, number] | null;
}

/** What a cooling curve says. */
export interface CoolingCheck {
  readonly verdicts: readonly Verdict[];
  /** Minutes from the start temperature to the middle and to the end by straight lines; null while it has not got there. */
  readonly first: number | null;
  readonly total: number | null;
  /** When the next limits would be met, going on as it has; null when that cannot be said, or when they are met. */
  readonly forecast: { readonly middle: Forecast | null; readonly end: Forecast | null };
}

/**
 * A cooling curve against the stages of the local rules.
 *
 * Between two readings nobody knows when a temperature was passed. So time is counted twice: cautiously, from the last reading at or
 * above the start to the first one at or below the end; and kindly, from the first reading below the start to the last one above the
 * end. A stage is met only where even the cautious count meets it, and missed only where even the kind one misses it. In between it
 * is open, with the reading that would settle it. What is still to come is foretold by Newton's law of cooling, fitted to all readings.
 *
 * @param readings - two or more, of one piece of food, in order of time
 * @param surroundings - °C of the air or water it cools in, for the forecast
 * @throws RangeError when readings are fewer than two or out of order
 */
export function checkCooling(readings: readonly Reading[], rules: LocalRules, surroundings = 3): CoolingCheck {
  if (readings.length < 2) throw new RangeError('A curve needs at least two readings');
  if (readings.some((reading, index) => index > 0 && reading.minutes <= readings[index - 1]!.minutes))
    throw new RangeError('Readings have to follow each other in time');
  const start = ruleValue('cooling-start', rules);
  const stages = [
    { key: 'cooling-first', to: ruleValue('cooling-middle', rules) },
    { key: 'cooling-total', to: ruleValue('cooling-end', rules) },
  ] as const;
  const single = stages[0].to === stages[1].to && ruleValue('cooling-first', rules) === ruleValue('cooling-total', rules);
  const from = crossing(readings, start);
  const fitted = fit(readings, surroundings);
  const foretold = (celsius: number): Forecast | null => {
    if (crossing(readings, celsius) !== null || from === null) return null;
    return fitted ? foretell(fitted, { celsius, surroundings, from }) : null;
  };
  const [middle, end] = [foretold(stages[0].to), foretold(stages[1].to)];
  const took = (celsius: number) => {
    const at = crossing(readings, celsius);
    return at === null || from === null ? null : at - from;
  };
  const counted = single ? stages.slice(0, 1) : stages;
  return {
    first: took(stages[0].to),
    total: took(stages[1].to),
    forecast: { middle, end },
    verdicts: counted.map(({ key, to }) =>
      stage({ key, from: start, to, limit: ruleValue(key, rules) }, readings, key === 'cooling-first' ? middle : end),
    ),
  };
}

interface Stage {
  readonly key: RuleKey;
  readonly from: number;
  readonly to: number;
  readonly limit: number;
}

function stage({ key, from, to, limit }: Stage, readings: readonly Reading[], forecast: Forecast | null): Verdict {
  const verdict = (outcome: Verdict['outcome'], said: Said, working: readonly Said[] = []): Verdict => ({
    rule: key,
    outcome,
    said,
    working,
  });
  const lastAbove = readings.findLastIndex(({ celsius }) => celsius >= from);
  if (lastAbove === readings.length - 1) return verdict('open', { code: 'cooling.not-begun', from });
  const firstBelow = readings[lastAbove + 1]!;
  const now = readings.at(-1)!;
  const after = readings.slice(lastAbove + 1);
  const reached = after.find(({ celsius }) => celsius <= to) ?? null;
  const before = reached ? readings[readings.indexOf(reached) - 1] : now;
  // Counted kindly: it was still at the start until just before the first reading below, and passed the end just after the last above.
  const kind = Math.max(0, (before && before.celsius > to ? before.minutes : firstBelow.minutes) - firstBelow.minutes);
  if (kind > limit)
    return verdict('missed', { code: 'cooling.missed', from, to, kind, limit }, [{ code: 'cooling.kind-count', kind, limit }]);
  if (lastAbove < 0) return verdict('open', { code: 'cooling.start-unseen', from, at: firstBelow.celsius });
  const cautious = (reached ?? now).minutes - readings[lastAbove]!.minutes;
  const working: readonly Said[] = [{ code: 'cooling.counts', cautious, kind, limit }];
  if (reached && cautious <= limit) return verdict('met', { code: 'cooling.took', from, to, took: cautious, limit }, working);
  if (cautious > limit) return verdict('open', { code: 'cooling.late', to, cautious, kind, limit, reached: reached !== null }, working);
  return verdict(
    'open',
    {
      code: 'cooling.open',
      to,
      left: limit - cautious,
      by: readings[lastAbove]!.minutes + limit,
      forecast,
      tooLong: forecast !== null && forecast.minutes > limit,
    },
    working,
  );
}

/** Minutes at which the curve last comes down through a temperature, by a straight line; null when it ends above it or begins below. */
function crossing(readings: readonly Reading[], celsius: number): number | null {
  if (readings.at(-1)!.celsius > celsius) return null;
  for (let index = readings.length - 1; index > 0; index -= 1) {
    const [a, b] = [readings[index - 1]!, readings[index]!];
    if (a.celsius > celsius && b.celsius <= celsius)
      return a.minutes + ((a.celsius - celsius) / (a.celsius - b.celsius)) * (b.minutes - a.minutes);
  }
  return readings[0]!.minutes;
}

/** A straight line through ln(T − surroundings) over time: ln of the first difference, and how fast it falls. */
interface Fit {
  readonly height: number;
  readonly rate: number;
  readonly points: number;
  readonly mean: number;
  /** Sum of squares of the times about their mean. */
  readonly spread: number;
  /** Standard deviation of a reading about the line, in ln of degrees; null for two readings. */
  readonly scatter: number | null;
}

/** Readings nearer to the surroundings than this tell of the probe's error, not of cooling. */
const NEAREST = 0.5;

function fit(readings: readonly Reading[], surroundings: number): Fit | null {
  const points = readings
    .filter(({ celsius }) => celsius - surroundings > NEAREST)
    .map(({ minutes, celsius }) => ({ x: minutes, y: Math.log(celsius - surroundings) }));
  if (points.length < 2) return null;
  const mean = points.reduce((all, { x }) => all + x, 0) / points.length;
  const level = points.reduce((all, { y }) => all + y, 0) / points.length;
  const spread = points.reduce((all, { x }) => all + (x - mean) ** 2, 0);
  const rate = -points.reduce((all, { x, y }) => all + (x - mean) * (y - level), 0) / spread;
  if (!(rate > 0)) return null;
  const height = level + rate * mean;
  const rest = points.reduce((all, { x, y }) => all + (y - (height - rate * x)) ** 2, 0);
  const scatter = points.length > 2 ? Math.sqrt(rest / (points.length - 2)) : null;
  return { height, rate, points: points.length, mean, spread, scatter };
}

/** Twice the standard error on either side: about nineteen in twenty, for more than a handful of readings. */
const WIDE = 2;

/** @source Newton's law of cooling; the error of a crossing of a fitted line by its first derivative */
function foretell(
  { height, rate, points, mean, spread, scatter }: Fit,
  { celsius, surroundings, from }: { celsius: number; surroundings: number; from: number },
): Forecast | null {
  if (celsius - surroundings <= 0) return null;
  const at = (height - Math.log(celsius - surroundings)) / rate;
  const error = scatter === null ? null : (scatter / rate) * Math.sqrt(1 / points + (at - mean) ** 2 / spread);
  return {
    minutes: at - from,
    between: error === null ? null : [Math.max(0, at - from - WIDE * error), at - from + WIDE * error],
  };
}
