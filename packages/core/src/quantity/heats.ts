import { SPELLED, spelledValue } from './spelled';
import { CORE_WORDS, celsiusOf, GAS_MARKS, heatedIn, type Heated } from './temperature';

/** A temperature that a text names. Ways of setting one oven, "200 °C, 180 °C fan, gas 6", are one heat. */
export interface HeatSaid {
  /** Degrees Celsius, of an oven without a fan; least and most where a range is named. */
  readonly least: number;
  readonly most: number;
  readonly of: Heated;
  /** Every way in which it is named, in their order. */
  readonly ways: readonly HeatWay[];
}

export interface HeatWay {
  readonly least: number;
  readonly most: number;
  readonly scale: 'C' | 'F' | 'gas';
  /** Of an oven with a fan, which is set lower. */
  readonly fan: boolean;
  /** Where it stands in the text. */
  readonly from: number;
  readonly to: number;
}

/** How much lower an oven with a fan is set; the usual conversion of oven makers. */
const FAN = 20;
/** A bare degree sign says no scale; above this no oven, fat or food is told in Celsius. */
const HOTTEST_CELSIUS = 300;

/** A fan is said after its heat, "180C fan", or before it, "fan 180C", and then it is not of the one before that. */
const DEGREES =
  /(?<![\p{L}\d.,])(?:(fan(?:\s+oven)?\s?:?\s(?:at\s)?)|(?<!\/))([-−–](?=\d))?(\d{1,3}(?:[.,]\d)?)\s?(?:°|º|degrees?|deg\.?)?\s?([CF](?![\p{L}]))?(?:\s?(?:-|–|—|to|\/)\s?(\d{1,3}(?:[.,]\d)?))?\s?(°|º|degrees?\b|deg\b\.?)?\s?(celsius|centigrade|fahrenheit|[CF])?(?![\p{L}\d])(\s*,?\s*\(?(?:with\s+(?:the\s+)?)?fan\b(?!(?:\s+oven)?\s?:?\s(?:at\s)?\d{2,3}(?!\d|\s?(?:to|-|–)?\s?\d*\s?(?:min|h(?:ou)?rs?\b|sec))))?/giu;
const GAS = /\bgas(?:\s+mark)?\s*(?:no\.?\s*)?([1-9]|¼|½|1\/4|1\/2)(?:\s?(?:-|–|to)\s?([1-9]))?(?![\d/°])/gi;

/** "at a hundred and eighty degrees", as it is said aloud. */
const SAID_ALOUD = new RegExp(
  String.raw`(?<![\p{L}\d])(${SPELLED})(?:\s+(?:to|or)\s+(${SPELLED}))?\s+(?:degrees?|celsius|centigrade)(?![\p{L}])(?:\s+(fahrenheit|f)(?![\p{L}]))?`,
  'giu',
);

const figure = (text: string): number => Number(text.replace(',', '.'));

function waysIn(text: string): readonly HeatWay[] {
  const ways: HeatWay[] = [];
  for (const match of text.matchAll(DEGREES)) {
    const [all, fanBefore, minus, first = '', scaleFirst, second, sign, scaleLast, fanAfter] = match;
    const signed = sign !== undefined || /(?:°|º|\bdeg)/i.test(all);
    const scaled = scaleLast ?? scaleFirst;
    const isFan = Boolean(fanBefore ?? fanAfter);
    // "160 fan": only ovens have one, and it is told in Celsius.
    const isSet = isFan && figure(first) >= 80 && figure(first) <= 260;
    if (!signed && !scaled && !isSet) continue;
    const to = match.index + all.length;
    const isSlash = /\/\s?\d/.test(all);
    const low = (minus ? -1 : 1) * figure(first);
    const high = second === undefined ? low : figure(second);
    const scaleOf = (letter: string | undefined, value: number): 'C' | 'F' =>
      letter ? (/^f/i.test(letter) ? 'F' : 'C') : value > HOTTEST_CELSIUS ? 'F' : 'C';
    const way = (value: number, until: number, scale: 'C' | 'F', fan: boolean, end = to) =>
      ways.push({ least: Math.min(value, until), most: Math.max(value, until), scale, fan, from: match.index, to: end });
    // "170/175°": from one to the other; with a fan it would be set lower by more.
    const isClose = isSlash && !scaleFirst && !fanAfter && Math.abs(high - low) <= 10;
    if (
      second !== undefined &&
      !isClose &&
      (isSlash || (scaleFirst && scaleLast && scaleFirst.toLowerCase() !== scaleLast[0]!.toLowerCase()))
    ) {
      // "200C/180C fan", "180 °C/350 °F": two ways of one.
      const at = match.index + all.lastIndexOf(second);
      way(low, low, scaleOf(scaleFirst ?? (isSlash ? undefined : scaleLast), low), Boolean(fanBefore), at);
      ways.push({ least: high, most: high, scale: scaleOf(scaleLast ?? scaleFirst, high), fan: Boolean(fanAfter), from: at, to });
    } else way(low, high, scaleOf(scaled, high), isFan);
  }
  for (const match of text.matchAll(SAID_ALOUD)) {
    const [low, high] = [spelledValue(match[1]!), spelledValue(match[2] ?? match[1]!)];
    const scale = match[3] || high > HOTTEST_CELSIUS ? 'F' : 'C';
    ways.push({ least: low, most: Math.max(low, high), scale, fan: false, from: match.index, to: match.index + match[0].length });
  }
  for (const match of text.matchAll(GAS)) {
    const name = match[1]!.replace('1/4', '¼').replace('1/2', '½');
    const mark = (of: string) => GAS_MARKS.findIndex(([, , each]) => each === of);
    const [low, high] = [mark(name), mark(match[2] ?? name)];
    if (low < 0 || high < 0) continue;
    ways.push({ least: low, most: high, scale: 'gas', fan: false, from: match.index, to: match.index + match[0].length });
  }
  return ways.sort((a, b) => a.from - b.from);
}

/** Between two ways of one heat stands little: a stroke, a bracket, "or", "fan". */
const JOINT = /^[\s,;/(|)–-]*(?:or\s+)?(?:with\s+(?:the\s+)?)?(?:fan[\s,;/(|)–-]*)?(?:in\s+a\s+|for\s+a\s+)?(?:fan\s+oven\s*)?$/i;

const celsius = (value: number, { scale, fan }: HeatWay, of: Heated): number =>
  scale === 'gas' ? GAS_MARKS[value]![0] : (scale === 'F' ? celsiusOf(value, of) : value) + (fan && of === 'oven' ? FAN : 0);

/** The words around a place, up to the ends of its sentence. */
function clauseAround(text: string, from: number, to: number): string {
  const before = text.slice(Math.max(0, from - 90), from);
  const after = text.slice(to, to + 60);
  return (
    before.slice(Math.max(before.lastIndexOf('. '), before.lastIndexOf(';')) + 1) + text.slice(from, to) + after.split(/[.;](?:\s|$)/)[0]!
  );
}

/**
 * Every temperature that a text names, in the order in which it names them.
 *
 * @param text - up to a paragraph; takes time in proportion to its length
 * @example heatsIn('Bake at 200C/180C fan')[0]?.most // 200
 * @example heatsIn('until the core reaches 55-58 °C')[0] // least 55, most 58, of the core
 */
export function heatsIn(text: string): readonly HeatSaid[] {
  if (!/[°º]|deg|gas|\d\s?\(?fan|fan\s(?:oven\s)?\d|\d\s?[cf](?![a-z])|celsius|fahrenheit|centigrade/i.test(text)) return [];
  const groups: HeatWay[][] = [];
  for (const way of waysIn(text)) {
    const last = groups.at(-1);
    const before = last?.at(-1);
    const differs = last !== undefined && !last.some((each) => each.scale === way.scale && each.fan === way.fan);
    if (before && differs && JOINT.test(text.slice(before.to, way.from))) last.push(way);
    else groups.push([way]);
  }
  return groups.map((ways) => {
    const main = ways.find(({ scale, fan }) => scale === 'C' && !fan) ?? ways.find(({ fan }) => !fan) ?? ways[0]!;
    const own = clauseAround(text, main.from, main.to);
    // Only ovens have gas marks and fans.
    const ovens = ways.some(({ scale, fan }) => scale === 'gas' || fan);
    const said = ovens ? 'oven' : heatedIn(own);
    // "At 180 °C until the core is 60 °C": no core is hotter than boiling water.
    const of = said === 'core' && celsius(main.least, main, said) > 100 ? heatedIn(own.replace(CORE_WORDS, ' ')) : said;
    return { least: celsius(main.least, main, of), most: celsius(main.most, main, of), of, ways };
  });
}
