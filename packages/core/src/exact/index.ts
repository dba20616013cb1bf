import Fraction from 'fraction.js';

/**
 * Amounts are exact rationals from the line as written to the last rounding, so that a third of a cup three times is
 * a cup. On the wire and in the database they travel as text: `"3"`, `"1/3"`, `"-7/2"`.
 */
export type ExactText = string;

export type Exact = Fraction;

/** What is computed may be longer than what can be typed: sizes of units multiply. */
const EXACT_OF_ANY_LENGTH = /^-?\d+(?:\/[1-9]\d*)?$/;
const LONGEST = 400;

const EXACT_TEXT = /^-?\d{1,12}(?:\/[1-9]\d{0,11})?$/;

/** Whether `text` is an exact amount in wire form: an integer or a fraction with a positive denominator. */
export function isExactText(text: string): boolean {
  return EXACT_TEXT.test(text);
}

/**
 * An exact number from its wire form, an integer, or a finite decimal.
 *
 * @throws RangeError if the text is not in wire form, or the number is not finite
 * @example exact('1/3').mul(3).equals(1) // true
 */
export function exact(value: ExactText | number | Fraction): Exact {
  if (value instanceof Fraction) return value;
  if (typeof value === 'number') {
    if (!Number.isFinite(value)) throw new RangeError(`Not a finite amount: ${value}`);
    if (!Number.isInteger(value)) return fromDecimal(value, 6);
    return Number.isSafeInteger(value) ? exact(String(value)) : new Fraction(value);
  }
  const known = parsed.get(value);
  if (known) return known;
  if (value.length > LONGEST || !EXACT_OF_ANY_LENGTH.test(value)) throw new RangeError(`Not an exact amount: "${value.slice(0, 40)}"`);
  const [top = '0', bottom = '1'] = value.split('/');
  const fraction = new Fraction(BigInt(top), BigInt(bottom));
  if (parsed.size >= PARSED_LIMIT) parsed.clear();
  parsed.set(value, fraction);
  return fraction;
}

/** The same few hundred amounts are read again and again; fractions never change, so they can be shared. */
const parsed = new Map<ExactText, Exact>();
const PARSED_LIMIT = 50_000;

/** A float taken as the decimal a person would write, to at most `digits` places, so that 0.1 is a tenth. */
export function fromDecimal(value: number, digits: number): Exact {
  return new Fraction(value.toFixed(digits));
}

/** The wire form: `"3"` or `"1/3"`. */
export function exactText(value: Exact): ExactText {
  // Fractions are kept in lowest terms with the sign apart.
  return value.d === 1n ? signed(value).toString() : `${signed(value)}/${value.d}`;
}

export const ZERO: Exact = new Fraction(0);

export function sum(values: readonly Exact[]): Exact {
  return values.reduce((total, value) => total.add(value), ZERO);
}

/**
 * The smallest multiple of `step` that is not below `value`.
 *
 * @example ceilTo(exact('41/10'), exact(5)) // 5
 */
export function ceilTo(value: Exact, step: Exact): Exact {
  const [top, bottom] = inSteps(value, step);
  const steps = top / bottom + (top > 0n && top % bottom !== 0n ? 1n : 0n);
  return new Fraction(steps * signed(step), step.d);
}

/** The multiple of `step` nearest to `value`; halves go up. */
export function roundTo(value: Exact, step: Exact): Exact {
  const [top, bottom] = inSteps(value, step);
  return new Fraction(floorDiv(2n * top + bottom, 2n * bottom) * signed(step), step.d);
}

/** Numerator with its sign. */
function signed(value: Exact): bigint {
  return value.s * value.n;
}

/** How many steps a value holds, as a fraction of whole numbers. */
function inSteps(value: Exact, step: Exact): readonly [top: bigint, bottom: bigint] {
  return [signed(value) * step.d, value.d * step.n];
}

function floorDiv(top: bigint, bottom: bigint): bigint {
  const whole = top / bottom;
  return top % bottom < 0n ? whole - 1n : whole;
}

const VULGAR: Readonly<Record<string, string>> = {
  '1/2': '½',
  '1/3': '⅓',
  '2/3': '⅔',
  '1/4': '¼',
  '3/4': '¾',
  '1/8': '⅛',
  '3/8': '⅜',
  '5/8': '⅝',
  '7/8': '⅞',
  '1/6': '⅙',
  '5/6': '⅚',
  '1/5': '⅕',
};

/**
 * A number as a cook writes it: whole numbers and the common fractions (`1½`, `⅔`), anything else as a decimal with
 * at most `digits` places and no trailing zeros.
 *
 * @example showFraction(exact('3/2')) // '1½'
 * @example showFraction(exact('7/11')) // '0.64'
 */
export function showFraction(value: Exact, digits = 2): string {
  const whole = floorDiv(signed(value), value.d);
  const rest = signed(value) - whole * value.d;
  if (rest === 0n) return whole.toString();
  const glyph = VULGAR[`${rest}/${value.d}`];
  if (!glyph) return showDecimal(value, digits);
  return whole === 0n ? glyph : `${whole}${glyph}`;
}

/** A decimal with at most `digits` places, rounded half up, no trailing zeros: `1.25`, `0.3`, `40`. */
export function showDecimal(value: Exact, digits = 2): string {
  const scale = 10n ** BigInt(digits);
  const scaled = floorDiv(2n * signed(value) * scale + value.d, 2n * value.d);
  const sign = scaled < 0n ? '-' : '';
  const size = scaled < 0n ? -scaled : scaled;
  const decimals = (size % scale).toString().padStart(digits, '0').replace(/0+$/, '');
  return `${sign}${size / scale}${digits > 0 && decimals ? `.${decimals}` : ''}`;
}
