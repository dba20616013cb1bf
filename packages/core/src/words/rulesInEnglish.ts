import { measure } from '../figure/measure';
import { RULE_SPECS, showRuleValue, type RuleKey } from '../rules/specs';
import type { Speaker } from './english';

/** A rule with the value it has here. */
interface RuleHere {
  readonly rule: RuleKey;
  readonly limit: number;
}

const degrees = (celsius: number, { show }: Speaker) => show(measure(celsius, 'celsius'));
const inUnit = (rule: RuleKey, value: number, speaker: Speaker) =>
  RULE_SPECS[rule].unit === '°C' ? degrees(value, speaker) : showRuleValue(value, RULE_SPECS[rule].unit);
const ruleIn = ({ rule, limit }: RuleHere, speaker: Speaker) => {
  const { name, keep } = RULE_SPECS[rule];
  return `${name}: ${keep} ${inUnit(rule, limit, speaker)}`;
};
const metOr = (met: boolean) => (met ? 'Met' : 'Missed');
const held = (seconds: number) => (seconds < 120 ? `${Math.round(seconds)} s` : `${Math.round((seconds / 60) * 10) / 10} min`);
const time = (minutes: number) => {
  const whole = Math.round(minutes);
  const hours = Math.floor(whole / 60);
  if (hours >= 48 && whole % 1440 === 0) return `${hours / 24} days`;
  return hours === 0 ? `${whole} min` : whole % 60 === 0 ? `${hours} h` : `${hours} h ${whole % 60} min`;
};

/** What the local rules say to something measured or planned. None of it says that food is safe. */
export const RULES_IN_ENGLISH = {
  'take-out': ({ at, between: [low, high], peak }: { at: number; between: readonly [number, number]; peak: number }, by: Speaker) =>
    `Out at about ${degrees(at, by)}, between ${degrees(low, by)} and ${degrees(high, by)}, the thicker the earlier: it peaks at ${degrees(peak, by)}. A probe decides.`,
  'rule.measured': (said: RuleHere & { value: number; met: boolean }, by: Speaker) =>
    `${inUnit(said.rule, said.value, by)} measured. ${metOr(said.met)}: ${ruleIn(said, by)}.`,
  'rule.compared': ({ rule, limit, value, met }: RuleHere & { value: number; met: boolean }, by: Speaker) =>
    `${inUnit(rule, value, by)} ${met ? 'is' : 'is not'} ${RULE_SPECS[rule].keep} ${inUnit(rule, limit, by)}`,
  'rule.no-time-below': ({ celsius }: { celsius: number }, by: Speaker) => `no time is long enough below ${degrees(celsius, by)}`,
  'rule.time-counts': ({ celsius, seconds }: { celsius: number; seconds: number }, by: Speaker) =>
    `time at temperature: ${degrees(celsius, by)} counts after ${held(seconds)} (UK Food Standards Agency)`,
  'rule.pair': ({ celsius, seconds }: { celsius: number; seconds: number }, by: Speaker) =>
    `the rule is ${degrees(celsius, by)} held for ${held(seconds)}`,
  'rule.hold-unseen': (said: RuleHere & { value: number; seconds: number }, by: Speaker) =>
    `${inUnit(said.rule, said.value, by)} measured, at one moment. Open: ${ruleIn(said, by)} for ${held(said.seconds)}; read it again after that time.`,
  'rule.would-count': (said: RuleHere & { value: number; seconds: number }, by: Speaker) =>
    `${inUnit(said.rule, said.value, by)} measured. Open by time at temperature: it counts once held for ${held(said.seconds)}. ${ruleIn(said, by)} was not reached.`,
  'rule.held': (said: { celsius: number; heldMinutes: number; met: boolean; least: number; seconds: number }, by: Speaker) =>
    `${degrees(said.celsius, by)} held for ${held(said.heldMinutes * 60)}. ${metOr(said.met)}: ${degrees(said.least, by)} for ${held(said.seconds)}.`,

  'cooling.not-begun': ({ from }: { from: number }, by: Speaker) =>
    `Counting begins at ${degrees(from, by)}; it is still at or above that.`,
  'cooling.start-unseen': ({ from, at }: { from: number; at: number }, by: Speaker) =>
    `Open: the first reading is ${degrees(at, by)}, already below ${degrees(from, by)}. How long it had been below that nobody read; only a reading at or above it would settle that.`,
  'cooling.counts': ({ cautious, kind, limit }: { cautious: number; kind: number; limit: number }) =>
    `counted cautiously ${time(cautious)}, kindly ${time(kind)}; at most ${time(limit)}`,
  'cooling.kind-count': ({ kind, limit }: { kind: number; limit: number }) => `even counted kindly ${time(kind)}; at most ${time(limit)}`,
  'cooling.took': (said: { from: number; to: number; took: number; limit: number }, by: Speaker) =>
    `${degrees(said.from, by)} to ${degrees(said.to, by)} in at most ${time(said.took)}. Met: at most ${time(said.limit)}.`,
  'cooling.missed': (said: { from: number; to: number; kind: number; limit: number }, by: Speaker) =>
    `${degrees(said.from, by)} to ${degrees(said.to, by)} took more than ${time(said.kind)}. Missed: at most ${time(said.limit)}.`,
  'cooling.late': (said: { to: number; cautious: number; kind: number; limit: number; reached: boolean }, by: Speaker) =>
    `Open: late on the cautious count, ${time(said.cautious)} where ${time(said.limit)} are allowed. ${
      said.reached
        ? `A reading at or below ${degrees(said.to, by)} within the time would have settled it; the responsible person decides.`
        : `It is not at ${degrees(said.to, by)} yet: treat it as late.`
    }`,
  'cooling.open': (
    said: {
      to: number;
      left: number;
      by: number;
      forecast: { minutes: number; between: readonly [number, number] | null } | null;
      tooLong: boolean;
    },
    by: Speaker,
  ) => {
    const between = said.forecast?.between;
    const about = said.forecast
      ? `${time(said.forecast.minutes)}${between ? `, between ${time(between[0])} and ${time(between[1])}` : ''}`
      : '';
    const ahead = !said.forecast
      ? ''
      : said.tooLong
        ? ` As it goes, it would take ${about}: too long. Divide it, or use ice.`
        : ` As it goes, it will take about ${about}.`;
    return `Not at ${degrees(said.to, by)} yet; ${time(said.left)} are left. A reading at or below ${degrees(said.to, by)} by minute ${Math.floor(said.by)} settles it.${ahead}`;
  },

  'plan.core': (said: RuleHere & { celsius: number; food: string }, by: Speaker) =>
    `${said.food}: core to ${degrees(said.celsius, by)}. ${ruleIn(said, by)}.`,
  'plan.round-it': (said: RuleHere & { celsius: number; food: string }, by: Speaker) =>
    `At ${degrees(said.celsius, by)} the core of ${said.food} gets no hotter, and only its time there can make it safe. ${ruleIn(said, by)}.`,
  'plan.reheats': (said: RuleHere & { celsius: number }, by: Speaker) => `Reheated to ${degrees(said.celsius, by)}. ${ruleIn(said, by)}.`,
  'plan.cools-in-the-room': (said: RuleHere) =>
    `Cools at room temperature. Cool it in ice or moving cold air: at most ${time(said.limit)} for the first stage.`,
  'plan.stands': (said: RuleHere & { minutes: number }, by: Speaker) =>
    `Stands for ${time(said.minutes)} neither hot nor cold. ${ruleIn(said, by)}.`,
  'plan.stands-untimed': (said: RuleHere, by: Speaker) => `Stands neither hot nor cold, and no time is given. ${ruleIn(said, by)}.`,
  'plan.warm-untimed': (said: RuleHere & { celsius?: number }, by: Speaker) =>
    `Kept ${said.celsius === undefined ? 'warm, and neither time nor temperature is given' : `at ${degrees(said.celsius, by)}, and no time is given`}. ${ruleIn(said, by)}.`,
  'plan.raw-egg': (said: RuleHere & { hours: number }, by: Speaker) => `Raw egg, kept for ${time(said.hours * 60)}. ${ruleIn(said, by)}.`,
  'plan.low-oxygen': (said: RuleHere & { hours: number }, by: Speaker) =>
    `Kept without air for ${time(said.hours * 60)}. ${ruleIn(said, by)}.`,
  'plan.low-oxygen-nowhere': (said: RuleHere, by: Speaker) => `Kept without air, and no cold place is named. ${ruleIn(said, by)}.`,
  'plan.below-allowance': (said: { name: string; open: readonly string[] }) =>
    `Below the rule on purpose, under the allowance "${said.name}": ${said.open.length === 0 ? 'its conditions are met' : `open: ${said.open.join('; ')}`}.`,
  'plan.served-below': (said: { component: string; name: string; conditions: readonly string[] }) =>
    `${said.component}: below the rule on purpose (${said.name}). Judge its conditions, not its core: ${said.conditions.join('; ')}.`,
  'plan.allowance-refused': (said: { name: string; because: string }) =>
    `The allowance "${said.name}" does not hold here: ${said.because}.`,

  'plan.chilled': (said: RuleHere & { hours: number }, by: Speaker) => `Kept chilled for ${time(said.hours * 60)}. ${ruleIn(said, by)}.`,
  'plan.ambient': (said: RuleHere & { hours: number }, by: Speaker) =>
    `Kept ambient for ${time(said.hours * 60)}; if it is not a dry or acid food, that is too long. ${ruleIn(said, by)}.`,
  'plan.fat': (said: RuleHere & { celsius: number }, by: Speaker) => `Fat at ${degrees(said.celsius, by)}. ${ruleIn(said, by)}.`,
  'plan.cools': (said: RuleHere & { minutes: number }, by: Speaker) => `Cools for ${time(said.minutes)}. ${ruleIn(said, by)}.`,
  'plan.held-warm': (said: RuleHere & { minutes: number }, by: Speaker) => `Held for ${time(said.minutes)}. ${ruleIn(said, by)}.`,
};
