import { exact, exactText, fromDecimal, type Exact, type ExactText } from '../exact';

/** A number as somebody typed it into a box. */
export type TypedNumber =
  | { readonly kind: 'number'; readonly value: Exact }
  /** A comma that parts thousands in one country and decimals in another: both are offered. */
  | { readonly kind: 'either'; readonly values: readonly [thousands: ExactText, decimal: ExactText] }
  | { readonly kind: 'none' };

/** Nobody types more; what is larger is a key that stuck. */
const LARGEST = 1e12;

const NONE: TypedNumber = { kind: 'none' };
const is = (text: string): TypedNumber => {
  const value = Number(text);
  return Number.isFinite(value) && Math.abs(value) < LARGEST ? { kind: 'number', value: fromDecimal(value, 6) } : NONE;
};

/**
 * The one way in which a typed number is read: figures with a decimal point or comma, thousands parted by comma, point, blank or
 * apostrophe where there is no doubt. What could be either is not guessed.
 *
 * @example readTyped('1,5') // 1.5
 * @example readTyped('1,500') // either 1500 or 1.5
 * @example readTyped('1.234,5') // 1234.5
 */
export function readTyped(text: string): TypedNumber {
  const bare = text
    .trim()
    .replace(/[−–]/g, '-')
    .replace(/(?<=\d)[\s'’\u00a0\u202f](?=\d{3}(?!\d))/g, '');
  if (!/^[+-]?[\d.,]*\d$/.test(bare)) return NONE;
  const [points, commas] = [bare.split('.').length - 1, bare.split(',').length - 1];
  if (commas === 0) return points <= 1 ? is(bare) : /^[+-]?\d{1,3}(?:\.\d{3})+$/.test(bare) ? is(bare.replaceAll('.', '')) : NONE;
  if (points === 0) {
    if (commas > 1) return /^[+-]?\d{1,3}(?:,\d{3})+$/.test(bare) ? is(bare.replaceAll(',', '')) : NONE;
    const either = /^[+-]?[1-9]\d{0,2},\d{3}$/.test(bare);
    if (!either) return is(bare.replace(',', '.'));
    const of = (clean: string) => exactText(exact(Number(clean)));
    return { kind: 'either', values: [of(bare.replace(',', '')), of(bare.replace(',', '.'))] };
  }
  // Both: the later one is the decimal sign, the other parts thousands.
  const decimal = bare.lastIndexOf('.') > bare.lastIndexOf(',') ? '.' : ',';
  const [whole = '', part = ''] = bare.split(decimal) as [string, string];
  const sign = decimal === '.' ? ',' : '.';
  if (bare.split(decimal).length !== 2 || !new RegExp(`^[+-]?\\d{1,3}(?:\\${sign}\\d{3})+$`).test(whole) || !/^\d*$/.test(part))
    return NONE;
  return is(`${whole.replaceAll(sign, '')}.${part}`);
}

/** A typed number where one number is wanted; NaN for what is none or could be either. */
export const typedValue = (text: string): number => {
  const read = readTyped(text);
  return read.kind === 'number' ? read.value.valueOf() : NaN;
};
