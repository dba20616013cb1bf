import { exact, type Exact } from '../exact';
import { SPELLED, spelledValue } from '../quantity/spelled';
import { readTyped } from '../quantity/typed';

const UNICODE_FRACTIONS: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

const WORDS: Readonly<Record<string, string>> = {
  a: '1',
  an: '1',
  one: '1',
  two: '2',
  three: '3',
  four: '4',
  five: '5',
  six: '6',
  seven: '7',
  eight: '8',
  nine: '9',
  ten: '10',
  eleven: '11',
  twelve: '12',
  dozen: '12',
  half: '1/2',
  quarter: '1/4',
  couple: '2',
};

const GLYPHS = Object.keys(UNICODE_FRACTIONS).join('');

/** One number at the start of a text, and what follows it. */
export interface ReadNumber {
  readonly value: Exact;
  readonly rest: string;
  /** Written as a word: "half", "a", "two". */
  readonly word: boolean;
  /** What else a comma or a point could mean: "1,500" is read as 1500 and could be 1.5; "1.500 g" likewise. */
  readonly orElse?: Exact;
}

const LETTER = /^\p{L}/u;
/** Words that a number in words may begin with: most words do not. */
const NUMBER_WORD =
  /^(?:an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|half|quarter|couple|dozen|\p{L}+t(?:een|y))\b/iu;

const DIGITS = '\\d{1,6}';
const FRACTION_TAIL = `(?:(\\s*[${GLYPHS}])|(?:\\s+|-)(\\d{1,3})\\s*[/⁄]\\s*(\\d{1,3})(?!\\d))`;
const MIXED = new RegExp(`^(${DIGITS})${FRACTION_TAIL}`);
const FRACTION = /^(\d{1,3})\s*[/⁄]\s*(\d{1,3})(?![\d/])/;
const DECIMAL = /^(\d{1,6})[.,](\d{1,4})(?!\d)/;
const THOUSANDS = /^(\d{1,3}),(\d{3})(?![\d,])/;
/** Both signs, or one of them twice: only one of them can part thousands. "1,234.5", "1.234,5", "1,250,000". */
const GROUPED = /^\d{1,3}(?:[.,]\d{3})+[.,]\d{1,4}(?!\d)/;
const PARTED = /^(\d{1,3})(?:[’'](\d{3})(?!\d)|\s(0\d{2})(?=\s?(?:g|ml|mg)\b))/i;
const POINT_OR_THOUSANDS = /^([1-9]\d{0,2})\.(\d{3})(?=\s?(?:g|grams?|ml)\b)/i;
const INTEGER = new RegExp(`^${DIGITS}(?!\\d)`);
const WORD = /^(a|an|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|half|quarter)\b(?!-)/i;
/** "two hundred and fifty", "twenty-five", "fifteen": more than a lone word says. */
const SPELLED_OUT = new RegExp(`^(?=\\p{L}+teen|\\p{L}+ty|(?:an?|\\p{L}+)\\s+hundred)${SPELLED}`, 'iu');
const COMPOUND =
  /^((?:one|two|three|four)[\s-](?:thirds?|quarters?|fifths?|eighths?)(?:\s+of\s+an?)?|half a dozen|half an?|an? half|a dozen|a couple of|a quarter of an?|a quarter of|half of an?)\b/i;

const COMPOUND_VALUES: readonly (readonly [RegExp, string])[] = [
  [/half a dozen/i, '6'],
  [/dozen/i, '12'],
  [/couple/i, '2'],
  [/quarter/i, '1/4'],
  [/half/i, '1/2'],
];

/**
 * Reads one number from the start of `text`: `1`, `1 1/2`, `1½`, `½`, `1,5`, `0.25`, `1,000`, `half a`, `two`.
 *
 * @returns null when the text does not start with a number, or the number is a fraction over zero
 */
export function readNumber(text: string): ReadNumber | null {
  const isLetter = LETTER.test(text);
  if (isLetter && !NUMBER_WORD.test(text)) return null;
  const andHalf = /^(\d{1,4}|one|two|three|four|five|six|seven|eight|nine|ten|twelve)\s+and\s+(?:an?\s+|one\s+)?(half|quarter)\b/i.exec(
    text,
  );
  if (andHalf)
    return found(exact(WORDS[andHalf[1]!.toLowerCase()] ?? andHalf[1]!).add(exact(WORDS[andHalf[2]!.toLowerCase()]!)), text, andHalf[0]);
  if (isLetter) return numberInWords(text);
  const mixed = MIXED.exec(text);
  if (mixed) {
    const [all, whole, glyph, top, bottom] = mixed;
    if (glyph) return found(exact(whole!).add(exact(UNICODE_FRACTIONS[glyph.trim()]!)), text, all);
    if (Number(bottom) > 0) return found(exact(whole!).add(exact(`${Number(top)}/${Number(bottom)}`)), text, all);
  }
  const glyph = UNICODE_FRACTIONS[text[0] ?? ''];
  if (glyph) return found(exact(glyph), text, text[0]!);
  const fraction = FRACTION.exec(text);
  if (fraction && Number(fraction[2]) > 0) {
    return found(exact(`${Number(fraction[1])}/${Number(fraction[2])}`), text, fraction[0]);
  }
  const grouped = GROUPED.exec(text);
  const typed = grouped && readTyped(grouped[0]);
  if (typed?.kind === 'number') return found(typed.value, text, grouped![0]);
  const thousands = THOUSANDS.exec(text);
  if (thousands && thousands[1] !== '0')
    return {
      ...found(exact(`${thousands[1]}${thousands[2]}`), text, thousands[0]),
      orElse: exact(`${thousands[1]}${thousands[2]}`).div(1000),
    };
  // "1’000 g", "1 000 g": thousands parted as elsewhere in Europe.
  const parted = PARTED.exec(text);
  if (parted) return found(exact(`${parted[1]}${parted[2] ?? parted[3]}`), text, parted[0]);
  // "1.500 g": three figures behind a point of grams may be thousands.
  const pointed = POINT_OR_THOUSANDS.exec(text);
  if (pointed) {
    const thousands = exact(`${pointed[1]}${pointed[2]}`);
    return { ...found(thousands, text, `${pointed[1]}.${pointed[2]}`), orElse: thousands.div(1000) };
  }
  const decimal = DECIMAL.exec(text);
  if (decimal) {
    return found(exact(`${Number(`${decimal[1]}${decimal[2]}`)}/${10 ** decimal[2]!.length}`), text, decimal[0]);
  }
  const integer = INTEGER.exec(text);
  return integer ? found(exact(Number(integer[0])), text, integer[0]) : null;
}

function numberInWords(text: string): ReadNumber | null {
  const compound = COMPOUND.exec(text);
  if (compound) {
    const parts = /^(one|two|three|four)[\s-](third|quarter|fifth|eighth)/i.exec(compound[0]);
    if (parts) {
      const of = { third: 3, quarter: 4, fifth: 5, eighth: 8 }[parts[2]!.toLowerCase() as 'third'];
      return found(exact(WORDS[parts[1]!.toLowerCase()]!).div(of), text, compound[0], true);
    }
    const value = COMPOUND_VALUES.find(([pattern]) => pattern.test(compound[0]))![1];
    return found(exact(value), text, compound[0], true);
  }
  const spelled = SPELLED_OUT.exec(text);
  if (spelled) return found(exact(spelledValue(spelled[0])), text, spelled[0], true);
  const word = WORD.exec(text);
  if (word) return found(exact(WORDS[word[0].toLowerCase()]!), text, word[0], true);
  return null;
}

function found(value: Exact, text: string, taken: string, word = false): ReadNumber {
  return { value, rest: text.slice(taken.length), word };
}
