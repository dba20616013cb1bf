import { SPELLED, spelledValue } from './spelled';

/** A time that a text names, in minutes; seconds are parts of one. */
export interface TimeSaid {
  readonly least: number;
  readonly most: number;
  /**
   * `lasts`: it takes so long. `within`: a part of what was said before, "uncovered for the last 20 minutes". `every`: how often
   * something is done, "stirring every 10 minutes".
   */
  readonly kind: 'lasts' | 'within' | 'every';
  /** How often it is gone through: twice for "4 minutes a side". */
  readonly times: number;
  /** Where it stands in the text. */
  readonly from: number;
  readonly to: number;
}

const GLYPHS: Readonly<Record<string, number>> = { '¼': 0.25, '½': 0.5, '¾': 0.75, '⅓': 1 / 3, '⅔': 2 / 3 };

/** Minutes in one of each unit. A night is an evening to the next morning: a working figure of ours, on the long side. */
const UNITS: readonly (readonly [unit: RegExp, minutes: number])[] = [
  [/^s/i, 1 / 60],
  [/^mo/i, 43_200],
  [/^m/i, 1],
  [/^h/i, 60],
  [/^d/i, 1440],
  [/^n/i, 720],
  [/^w/i, 10_080],
];
const OVERNIGHT = 720;
/** Friday evening to Monday morning. */
const WEEKEND = 3600;
const FORTNIGHT = 20_160;
/** Times that are named without a figure. */
const NAMED: readonly (readonly [name: RegExp, minutes: number])[] = [
  [/\b(?:over ?night|until (?:the )?(?:(?:next|following) (?:day|morning)|tomorrow|morning)|all (?:day|night))\b/gi, OVERNIGHT],
  [/\b(?:over|for|until after) the week-?end\b/gi, WEEKEND],
  [/\b(?:an?|one) fortnight\b/gi, FORTNIGHT],
];

const AND_PART = String.raw`(?:\d{1,3}|an?|${SPELLED})\s+and\s+(?:an?|one|three)[\s-](?:half|quarters?)`;
const FIGURE = String.raw`(?:${AND_PART}|\d{1,2}:[0-5]\d|\d{1,4} \d\/\d{1,2}|\d{1,2}\/\d{1,2}|\d{1,4}(?:[.,]\d{1,2})?\s?[¼½¾⅓⅔]?|[¼½¾⅓⅔]|three quarters of an?|(?:a )?quarter of an?|half(?: an?)?|a couple of|a few|${SPELLED}|an?)`;
const UNIT = String.raw`(seconds?|secs?|minutes?|mins?|hours?|hrs?|days?|nights?|weeks?|months?|(?<=\d[\s-]{0,2})[sh](?![a-zé]))`;
/** One figure or two, and their unit. Digits may stand against the unit, words may not. */
const SPAN = new RegExp(
  String.raw`(?<![\p{L}\d.,/])(${FIGURE})(?:\s?(?:-|–|—|to|or)\s?(${FIGURE}))?(?:\s+(?:full|more|whole|long|good|further))?[\s-]{0,2}${UNIT}(?![\p{L}])\.?(?:\s*(\d{1,2})(?=\s|$|[.,;)])(?!\s*(?:\p{L}|°|%)))?(\s+and\s+a\s+half)?`,
  'giu',
);
const WITHOUT_UNIT = new RegExp(
  String.raw`\b(?:for\s+)?(?:the\s+)?(last|another|a further|final)\s+(\d{1,3})(?:\s?(?:-|–|to)\s?(\d{1,3}))?(?!\s*(?:[\p{L}\d°%/]|[.,]\d))`,
  'giu',
);

function valueOf(text: string): number {
  const plain = text.trim().toLowerCase();
  if (/^\d+$/.test(plain)) return Number(plain);
  const [whole, part] = plain.split(/\s+and\s+/);
  if (part) return valueOf(whole!) + (/three/.test(part) ? 0.75 : /quarter/.test(part) ? 0.25 : 0.5);
  const [units, sixtieths] = plain.split(':');
  if (sixtieths) return Number(units) + Number(sixtieths) / 60;
  if (/three quarters/.test(plain)) return 0.75;
  if (/quarter/.test(plain)) return 0.25;
  if (/^half/.test(plain)) return 0.5;
  if (/couple/.test(plain)) return 2;
  if (/few/.test(plain)) return 3;
  if (/^\p{L}/u.test(plain)) return spelledValue(plain);
  const parts = /^(?:(\d+) )?(\d+)\/(\d+)$/.exec(plain);
  if (parts) return Number(parts[3]) > 0 ? Number(parts[1] ?? 0) + Number(parts[2]) / Number(parts[3]) : 0;
  const glyph = /[¼½¾⅓⅔]/.exec(plain)?.[0];
  const figure = plain.replace(/[¼½¾⅓⅔]/, '').trim();
  return (figure ? Number(figure.replace(',', '.')) : 0) + (glyph ? GLYPHS[glyph]! : 0);
}

const minutesOf = (unit: string): number => UNITS.find(([pattern]) => pattern.test(unit))![1];

interface Span {
  least: number;
  most: number;
  per: number;
  /** Whether its longer end stands apart, "1 hour to 1 hour 20": what follows belongs to that end. */
  upTo?: boolean;
  from: number;
  to: number;
}

const OR_MORE = /^\s+or\s+(two|three)\b(?!\s*(?:sec|min|hour|hr|day|night|week|month|h\b))/i;

function spansIn(text: string): Span[] {
  const spans: Span[] = [];
  for (const match of text.matchAll(SPAN)) {
    if (spans.length >= MOST_SPANS) break;
    const [all, first = '', second, unit = '', bare, half] = match;
    const per = minutesOf(unit);
    // "1h30", "1 h 30": what stands bare behind hours is minutes.
    const more = (bare && per === 60 ? Number(bare) : 0) + (half ? 0.5 * per : 0);
    const a = valueOf(first) * per;
    // "an hour or two"
    const orMore = second === undefined ? OR_MORE.exec(text.slice(match.index + all.length)) : null;
    const longer = second ?? orMore?.[1];
    const b = longer === undefined ? a : valueOf(longer) * per;
    const to = match.index + all.length + (orMore?.[0].length ?? 0);
    spans.push({ least: Math.min(a, b) + more, most: Math.max(a, b) + more, per, from: match.index, to });
  }
  return spans;
}

/** No step takes more times than this; a text that names more was made to take long. */
const MOST_SPANS = 30;

/** Most lines name no time: a quick look spares them the rest. */
const MAY_NAME = /sec|min|hour|hr|day|night|week|month|morning|tomorrow|\d[\s-]{0,2}[sh](?![a-z])/i;

/** "2 h 15 min", "one hour and ten minutes", "45 min to 1 hour": one time. */
function joined(text: string, spans: readonly Span[]): Span[] {
  const out: Span[] = [];
  for (const span of spans) {
    const last = out.at(-1);
    const between = last ? text.slice(last.to, span.from) : '';
    if (last && span.per < last.per && /^\s*(?:,\s*|and\s+|&\s*)?$/.test(between))
      out[out.length - 1] = {
        ...last,
        least: last.least + (last.upTo ? 0 : span.least),
        most: last.most + span.most,
        per: span.per,
        to: span.to,
      };
    else if (last && /^\s*(?:-|–|—|to|or)\s*$/.test(between))
      out[out.length - 1] = { ...last, most: Math.max(last.most, span.most), per: span.per, upTo: true, to: span.to };
    else out.push(span);
  }
  return out;
}

const WITHIN = /(?:\b(?:last|final|first)|\bafter(?:\s+(?:the\s+first|about))?|\bhalf\s*way|\bwithin(?:\s+the)?(?:\s+first)?)\s*$/i;
const EVERY = /\b(?:each|every)\s*$/i;
const A_SIDE = /^\s*(?:(?:on\s+)?(?:a|per|each|either|every)\s+side|(?:on\s+)?both\s+sides)\b/i;

/**
 * Every time that a text names, in the order in which it names them: in figures or words, as a range, in hours and minutes together.
 *
 * @param text - up to a paragraph; takes time in proportion to its length
 * @example timesIn('Simmer for 1 1/2 hours, stirring every 10 minutes').map(({ most, kind }) => [most, kind]) // [[90, 'lasts'], [10, 'every']]
 * @example timesIn('2 h 15 min')[0]?.most // 135
 */
export function timesIn(text: string): readonly TimeSaid[] {
  if (!MAY_NAME.test(text)) return [];
  const spans = joined(text, spansIn(text));
  for (const match of text.matchAll(WITHOUT_UNIT)) {
    const before = spans.filter(({ to }) => to <= match.index).at(-1);
    const from = match.index;
    if (!before || spans.some((span) => span.from < from + match[0].length && span.to > from)) continue;
    const [a, b] = [Number(match[2]) * before.per, Number(match[3] ?? match[2]) * before.per];
    spans.push({
      least: Math.min(a, b),
      most: Math.max(a, b),
      per: before.per,
      from: from + match[0].search(/\d/),
      to: from + match[0].length,
    });
  }
  for (const [name, minutes] of NAMED)
    for (const match of text.matchAll(name))
      spans.push({ least: minutes, most: minutes, per: OVERNIGHT, from: match.index, to: match.index + match[0].length });
  return spans
    .filter(({ most }) => most > 0)
    .sort((a, b) => a.from - b.from)
    .map(({ least, most, from, to }) => {
      const [before, after] = [text.slice(Math.max(0, from - 24), from), text.slice(to, to + 24)];
      const kind = EVERY.test(before) ? 'every' : WITHIN.test(before) ? 'within' : 'lasts';
      return { least, most, kind, times: A_SIDE.test(after) ? 2 : 1, from, to };
    });
}

/** Whether a text names any time: what `timesIn` would find is not gone through. */
export const namesTime = (text: string): boolean =>
  MAY_NAME.test(text) && (text.search(SPAN) >= 0 || NAMED.some(([name]) => text.search(name) >= 0));

/**
 * Minutes that work takes by what its text names, the longer end of every range: what only says how often, or a part of what was said
 * before, is not added. Null when it names none.
 *
 * @example minutesIn('Cook 2 h 15 min, uncovered for the last 20 min') // 135
 */
export function minutesIn(text: string): number | null {
  const lasting = timesIn(text).filter(({ kind, most }) => kind === 'lasts' && most < OVERNIGHT);
  const total = lasting.reduce((all, { most, times }) => all + most * times, 0);
  return total > 0 ? Math.max(1, Math.round(total)) : null;
}
