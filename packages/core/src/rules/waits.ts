import type { MethodStep } from '../dish/types';
import { timesIn } from '../quantity';
import { COOKED, DAY_BEFORE, NEXT_DAY, WARM } from './nature';

/** What cools; a cool cupboard is a place. */
export const COOLS =
  /\bcool(?:s|ed|ing)?\b(?!,?(?: and)? (?:(?:dark|dry),? )*(?:place|cupboard|pantry|larder|cellar|shelf|room|store))|\b(?:(?:un)?till?|get|gets|go|goes|turn|turns) (?:(?:it is|they are|it has|quite|completely|stone) ?)*cold\b|\b(?:come|comes|down|drop\w*|fall\w*|return\w*|back) to room temperature|\blos(?:e|ing) (?:its|their|the) heat\b/i;

/** Food that waits in no place that is named cold or hot: for how long, where the words say it. */
export interface Wait {
  readonly minutes: number | null;
}

const HOUR_OF_THE_DAY = String.raw`(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\d{1,2}(?:[.:][0-5]\d)?)(?:\s?(?:o'?clock|a\.?m\.?|p\.?m\.?|h|uhr))?(?!\s*(?:°|%|[.,:]?\d|[\p{L}]))`;
const PART_OF_THE_DAY = String.raw`class(?:es)?|lessons?|groups?|students?|pupils?|learners?|cohort|guests?|diners?|customers?|visitors?|parents?|judges?|judging|assess\w+|examin\w+|exam|demo\w*|session|service|lunch\w*|dinner|supper|breakfast|brunch|tea ?time|evening|afternoon|midday|noon|mid-?morning|break|tasting|party|buffet|reception|banquet|function|wedding|concert|match|film|talk|ceremony|meeting|fair|fête|fete|event|show|play|open day|market|monday|tuesday|wednesday|thursday|friday|saturday|sunday`;
/** Until something of the day, not of the food: "until the afternoon group arrives", "till three", "ready for dinner". */
const UNTIL_THE_DAY = new RegExp(
  String.raw`\b(?:all|whole|through(?:out)?|during)\s+(?:(?:of|the|your|this|that)\s+)*(?:${PART_OF_THE_DAY}|morning)\b|\bfor (?:the|this) (?:(?:whole|entire|rest of the|length of the?|duration of the?) )*(?:evening|afternoon|morning|day|night|service|lunch)\b|\b(?:between [^.;]{1,12} and|from [^.;]{1,12} to) ${HOUR_OF_THE_DAY}|\b(?:until|till|til|up to|ready for|for use (?:at|in))\s+(?:(?:it is|we|they|you|start(?:ing)?|needed|required|wanted|for|at|the|this|that|your|our|their|all|every|next|first|second|last|later|early|late|about|around|start|end|beginning|of|afternoon|evening|morning|lunch|dinner)\s+)*(?:${PART_OF_THE_DAY}|${HOUR_OF_THE_DAY})(?![\p{L}])`,
  'iu',
);
const COLD =
  /\b(?:fridge|refrigerat\w*|refrigerator|chill\w*|cold(?: room| store| drawer|est)|(?:in the|keep|kept|stay|stays) cold|iced?\b|ice[- ]bath|freez\w*|frozen|walk[- ]in|cool(?:er| box| bag)|[0-5] ?°)/i;
const HOT = /\bbain[- ]marie\b|\b(?:6[3-9]|[7-9]\d|1\d\d) ?°/i;
const OFF = /\boff\b/i;
const TAKEN_OUT =
  /\bun(?:chilled|refrigerated|cooled)\b|\bnot (?:chilled|refrigerated|cold)\b|\b(?:take|bring|get|lift)\b[^.;]{0,30}\bout\b|\bremove\b|\bout of the (?:fridge|cold)/i;
/** What is heated, soaked, salted, raised, dried or frozen takes hours, and is meant to. */
const MEANT =
  /\b(?:soak|steep|prove|proof|rise|risen|ferment|cultur|incubat|cur(?:e|ed|ing)|brin(?:e|ed|ing)\b|salt|marinat|macerat|pickl|dry|dried|drying|dehydrat|smok|oven|sous[- ]vide|water bath|circulator|slow cooker|pressure|low heat|flame|toast|charr|render|ahead|total|ready in|takes (?=\d|an? )|start(?:s|ed|ing)?\b)\w*/i;
/** A life in store, which has rules of its own. */
const STORED = /\b(?:keeps?|kept|stor(?:e|ed|es)|shelf|lasts?|use (?:with)?in|use by|good for)\b/i;
const NIGHT = 720;
/** Words of waiting, for a time that stands beside a word of cooking. */
const WAITS = /\b(?:leave|left|stand|stood|sit|sat|rest|park|set aside|wait|hold|held|keep)\w*\b/i;

/** "Leave to simmer" is cooking. */
const LEFT_TO_COOK = new RegExp(`${WAITS.source}(?: (?:it|them))?(?: to)? (?:gently )?${COOKED.source}`, 'i');

/** The clauses of a step: "cook for 18 minutes and leave until dinner" are two. */
const clausesOf = (text: string): readonly string[] =>
  text.split(/[.;:]\s+|,\s*(?:and |then )+|,?\s+then\s+|(?:,|\band)\s+(?=(?:leave|let|set|park|put|stand|hold|rest|keep)\b)/i);

/**
 * Where a method lets food wait without a word of a cold or a hot place: longer than a limit, or until something of the day. Which place
 * it is in is carried from clause to clause and from step to step, until it is taken out or heated.
 *
 * @param limit - minutes that food may stand neither hot nor cold
 */
export function waitsIn(method: readonly MethodStep[], limit: number): ReadonlyMap<MethodStep, Wait> {
  const waits = new Map<MethodStep, Wait>();
  let placed = false;
  for (const step of method) {
    // Minutes that were set by hand, of a step that nobody is busy with.
    const set = step.hands === 'off' && timesIn(step.text).length === 0 ? (step.minutes ?? 0) : 0;
    if (step.store !== null) {
      placed = step.store !== 'ambient';
      continue;
    }
    for (const clause of clausesOf(step.text)) {
      if (COLD.test(clause)) placed = true;
      else if (((HOT.test(clause) && WAITS.test(clause)) || WARM.test(clause)) && !OFF.test(clause)) placed = true;
      else if (TAKEN_OUT.test(clause) || COOKED.test(clause)) placed = false;
      const cooks = COOKED.test(clause) && (LEFT_TO_COOK.test(clause) || !(WAITS.test(clause) || DAY_BEFORE.test(clause)));
      if (placed || cooks || MEANT.test(clause) || COOLS.test(clause)) continue;
      const long = Math.max(set, ...timesIn(clause).map(({ most, kind }) => (kind === 'lasts' ? most : 0)));
      const until = UNTIL_THE_DAY.test(clause) || (NEXT_DAY.test(clause) && !COOKED.test(clause));
      if ((long <= limit && !(until && long === 0)) || (long >= NIGHT && STORED.test(clause))) continue;
      const minutes = long > limit ? long : null;
      const known = waits.get(step)?.minutes ?? null;
      waits.set(step, { minutes: minutes === null ? known : Math.max(minutes, known ?? 0) });
    }
  }
  return waits;
}
