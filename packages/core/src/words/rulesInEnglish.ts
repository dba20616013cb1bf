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
const held = (minutes: number) => (minutes < 1 ? `${minutes * 60} s` : `${minutes} min`);
const time = (minutes: number) => {
  const whole = Math.round(minutes);
  const hours = Math.floor(whole / 60);
  return hours === 0 ? `${whole} min` : whole % 60 === 0 ? `${hours} h` : `${hours} h ${whole % 60} min`;
};

/** What the local rules say to something measured or planned. None of it says that food is safe. */
export const RULES_IN_ENGLISH = {
  'rule.measured': (said: RuleHere & { value: number; met: boolean }, by: Speaker) =>
    `${inUnit(said.rule, said.value, by)} measured. ${metOr(said.met)}: ${ruleIn(said, by)}.`,
  'rule.compared': ({ rule, limit, value, met }: RuleHere & { value: number; met: boolean }, by: Speaker) =>
    `${inUnit(rule, value, by)} ${met ? 'is' : 'is not'} ${RULE_SPECS[rule].keep} ${inUnit(rule, limit, by)}`,
  'rule.no-time-below': ({ celsius }: { celsius: number }, by: Speaker) => `no time is long enough below ${degrees(celsius, by)}`,
  'rule.time-counts': ({ celsius, minutes }: { celsius: number; minutes: number }, by: Speaker) =>
    `time at temperature: ${degrees(celsius, by)} counts after ${held(minutes)} (UK Food Standards Agency)`,
  'rule.would-count': (said: RuleHere & { value: number; minutes: number }, by: Speaker) =>
    `${inUnit(said.rule, said.value, by)} measured. Missed: ${ruleIn(said, by)}. It would count if held for ${held(said.minutes)}.`,
  'rule.held': (said: { celsius: number; heldMinutes: number; met: boolean; least: number; minutes: number }, by: Speaker) =>
    `${degrees(said.celsius, by)} held for ${said.heldMinutes} min. ${metOr(said.met)} by time at temperature: ${degrees(said.least, by)} for ${held(said.minutes)}.`,

  'cooling.took': (said: { from: number; to: number; took: number; met: boolean; limit: number }, by: Speaker) =>
    `${degrees(said.from, by)} to ${degrees(said.to, by)} in ${time(said.took)}. ${metOr(said.met)}: at most ${time(said.limit)}.`,
  'cooling.compared': ({ took, limit }: { took: number; limit: number }) => `${time(took)} ${took <= limit ? '≤' : '>'} ${time(limit)}`,
  'cooling.late': ({ to, now, limit }: { to: number; now: number; limit: number }, by: Speaker) =>
    `Not at ${degrees(to, by)} after ${time(now)}. Missed: at most ${time(limit)}.`,
  'cooling.late-compared': ({ now, limit }: { now: number; limit: number }) => `${time(now)} > ${time(limit)}, and not there yet`,
  'cooling.open': (said: { to: number; left: number; forecast: number | null; tooLong: boolean }, by: Speaker) => {
    const ahead =
      said.forecast === null
        ? ''
        : said.tooLong
          ? ` As it goes, it would take ${time(said.forecast)}: too long. Divide it, or use ice.`
          : ` As it goes, it will take about ${time(said.forecast)}.`;
    return `Not at ${degrees(said.to, by)} yet; ${time(said.left)} are left.${ahead}`;
  },
  'cooling.forecast': ({ minutes }: { minutes: number }) =>
    `forecast from the last two readings by Newton's law of cooling: ${time(minutes)}`,

  'plan.chilled': (said: RuleHere & { hours: number }, by: Speaker) => `Kept chilled for ${said.hours} h. ${ruleIn(said, by)}.`,
  'plan.ambient': (said: RuleHere & { hours: number }, by: Speaker) =>
    `Kept ambient for ${said.hours} h; if it is not a dry or acid food, that is too long. ${ruleIn(said, by)}.`,
  'plan.fat': (said: RuleHere & { celsius: number }, by: Speaker) => `Fat at ${degrees(said.celsius, by)}. ${ruleIn(said, by)}.`,
  'plan.cools': (said: RuleHere & { minutes: number }, by: Speaker) => `Cools for ${said.minutes} min. ${ruleIn(said, by)}.`,
  'plan.held-warm': (said: RuleHere & { minutes: number }, by: Speaker) => `Held for ${said.minutes} min. ${ruleIn(said, by)}.`,
};
