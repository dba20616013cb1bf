import Fraction from 'fraction.js';

/**
 * Amounts are exact rationals from the line as written to the last rounding, so that a third of a cup three times is
 * a cup. On the wire and in the database they travel as text: `"3"`, `"1/3"`, `"-7/2"`.
 */
export type ExactText = string;

export type Exact = Fraction;

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
    return Number.isInteger(value) ? new Fraction(value) : fromDecimal(value, 6);
  }
  if (!isExactText(value)) throw new RangeError(`Not an exact amount: "${value}"`);
  return new Fraction(value);
}

/** A float taken as the decimal a person would write, to at most `digits` places, so that 0.1 is a tenth. */
export function fromDecimal(value: number, digits: number): Exact {
  return new Fraction(value.toFixed(digits));
}

/** The wire form: `"3"` or `"1/3"`. */
export function exactText(value: Exact): ExactText {
  return value.toFraction(false);
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
  return value.div(step).ceil().mul(step);
}

/** The multiple of `step` nearest to `value`; halves go up. */
export function roundTo(value: Exact, step: Exact): Exact {
  return value.div(step).add(new Fraction(1, 2)).floor().mul(step);
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
  const whole = value.floor();
  const rest = value.sub(whole);
  if (rest.equals(0)) return whole.toString();
  const glyph = VULGAR[exactText(rest)];
  if (!glyph) return showDecimal(value, digits);
  return whole.equals(0) ? glyph : `${whole.toString()}${glyph}`;
}

/** A decimal with at most `digits` places, rounded half up, no trailing zeros: `1.25`, `0.3`, `40`. */
export function showDecimal(value: Exact, digits = 2): string {
  const rounded = roundTo(value, new Fraction(1, 10 ** digits));
  const fixed = rounded.valueOf().toFixed(digits);
  return fixed.includes('.') ? fixed.replace(/\.?0+$/, '') : fixed;
}
