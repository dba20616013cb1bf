import { exact, exactText, showDecimal, type Exact } from '../exact';
import { findUnit, inUnit, unitOf, type Amount, type UnitCode, MEASURE_SYSTEMS, millilitresOf } from '../quantity';
import type { Doubt } from '../dish/doubts';
import { readNumber } from './numbers';

/** An amount at the start of a text, its size word, and what follows. */
export interface ReadAmount {
  readonly amount: Amount;
  /** True when a unit was written; false for bare counts ("4 onions"). */
  readonly unitWritten: boolean;
  readonly size: string;
  /** What one piece or pack holds, when written before the unit: "2 x 400 g tins". */
  readonly one: Amount | null;
  readonly rest: string;
  readonly doubts: readonly Doubt[];
}

const ABOUT =
  /^(?:(?:about|approx(?:imately)?\.?|around|roughly|circa|ca?\.(?=\s?\d)|~|≈|nearly|almost|just over|just under|up to|(?:no|not) (?:more|less) than|less than|more than|at (?:the )?(?:most|least)|(?:a )?(?:good|scant|generous|bare)(?=\s+[\d½⅓⅔¼¾]))\s*)+/i;
const RANGE = /^\s*(?:[-–—]|to\b|or\b)\s*/i;
const SIZES = /^(?:(?:extra[- ]large|very large|small|medium(?:-sized)?|large|big|baby|xl|lrg|lge?|med|sml?|sm)\b\.?)[\s,]*/i;
const SIZE_WORDS: Readonly<Record<string, string>> = {
  xl: 'very large',
  lrg: 'large',
  lg: 'large',
  lge: 'large',
  med: 'medium',
  sm: 'small',
  sml: 'small',
};
const HEAPED = /^(?:heaped|heaping|packed|level|scant|generous|good|rounded|small|large|big|fat)\b\s*/i;
const OF = /^\s*(?:of\b\s*(?:an?\s|the\s)?)?/i;
const MULTIPLY = /^\s*(?:x|×|\*)\s*(?=\d)/i;
/** A piece told by its length: "3 cm ginger", "1 x 2cm piece". */
const LENGTH =
  /^(?:(\d{1,3})\s*(?:x|×)\s*)?(\d{1,3}(?:[.,]\d|\s?[½¼¾])?|[½¼¾])[\s-]*(cm|mm|inch(?:es)?)\b\s*(?:pieces?|lengths?|strips?)?\s*/i;
const PLUS = /^\s*(?:plus|\+|and)\s+(?=[\d½⅓⅔¼¾⅛⅜⅝⅞a])/i;

/** Amounts inside an amount, as in "2 x 400 g / 14 oz": nobody writes more of them. */
const DEEPEST = 4;

interface Scalar {
  readonly min: Exact;
  readonly max: Exact;
  readonly rest: string;
  readonly word: boolean;
  readonly orElse?: Exact;
}

function readScalar(text: string): Scalar | null {
  const between = /^between\s+/i.exec(text);
  if (between) {
    const [low, high] = [readNumber(text.slice(between[0].length)), /^\s+and\s+/i];
    const joint = low ? high.exec(low.rest) : null;
    const second = joint ? readNumber(low!.rest.slice(joint[0].length)) : null;
    return low && second && second.value.compare(low.value) > 0
      ? { min: low.value, max: second.value, rest: second.rest, word: false }
      : null;
  }
  const first = readNumber(text);
  if (!first) return null;
  const joint = RANGE.exec(first.rest);
  if (joint) {
    const second = readNumber(first.rest.slice(joint[0].length));
    // "1 or a handful" is an alternative, not a range; a range goes up.
    const isNumber = second && (!second.word || second.value.compare(1) > 0);
    if (second && isNumber && second.value.compare(first.value) > 0) {
      return { min: first.value, max: second.value, rest: second.rest, word: false };
    }
  }
  return { min: first.value, max: first.value, rest: first.rest, word: first.word, orElse: first.orElse };
}

function takeUnit(text: string): { unit: UnitCode; rest: string } | null {
  const two = /^\s*(fl\.?\s*oz|fluid ounces?)\b\.?/i.exec(text);
  if (two) return { unit: 'floz', rest: text.slice(two[0].length) };
  // "4 no.", "2 c. sugar": abbreviations that are words or letters elsewhere.
  const short = /^\s*(#(?=\s)|no\.|nos\.?(?=\s)|c\.?(?=\s+(?!à|a\b)\p{L}{3}))/iu.exec(text);
  if (short) return { unit: short[1] === '#' ? 'lb' : /^n/i.test(short[1]!) ? 'each' : 'cup', rest: text.slice(short[0].length) };
  const one = /^[\s-]*([a-zA-Z]+)\.?(?![a-zA-Z])/.exec(text);
  if (!one) return null;
  const unit = findUnit(one[1]!);
  return unit ? { unit: unit.code, rest: text.slice(one[0].length) } : null;
}

/**
 * Reads an amount from the start of `text`.
 *
 * @example readAmount('150–200 ml vegetable stock')?.amount // { min: '150', max: '200', unit: 'ml', about: false }
 * @param inside - how many amounts this one stands in
 * @returns null when the text does not start with one
 */
export function readAmount(text: string, inside = 0): ReadAmount | null {
  if (inside > DEEPEST) return null;
  const pieces = LENGTH.exec(text);
  if (pieces) {
    const [all, count, length, unit] = pieces;
    return {
      amount: wire({ min: exact(count ?? '1'), max: exact(count ?? '1') }, 'each', true),
      unitWritten: true,
      size: `${length!} ${unit!.toLowerCase()}`,
      one: null,
      rest: text.slice(all.length).replace(OF, ''),
      doubts: [{ code: 'weight-of-piece', size: `${length!} ${unit!.toLowerCase()}` }],
    };
  }
  const about = ABOUT.exec(text);
  let rest = about ? text.slice(about[0].length) : text;
  const scalar = readScalar(rest);
  if (!scalar) return null;
  // "2 x onion": so many of it.
  rest = scalar.rest.replace(/^\s*[x×]\s+(?=\p{L})/u, ' ');
  const doubts: Doubt[] = scalar.orElse
    ? [{ code: 'which-comma', one: showDecimal(scalar.min, 3), other: showDecimal(scalar.orElse, 3) }]
    : [];

  // "2 x 400 g tins" and "one 400 g tin": a count of packs, each of a written size.
  const multiply = MULTIPLY.exec(rest) ?? /^\s+(?=\d)/.exec(rest);
  if (multiply) {
    const inner = readAmount(rest.slice(multiply[0].length), inside + 1);
    const pack = inner?.unitWritten ? takeUnit(inner.rest) : null;
    const isPack = pack !== null && unitOf(pack.unit).dimension === 'count';
    if (inner?.unitWritten && (isPack || multiply[0].trim() !== '')) {
      const unit = isPack ? pack.unit : 'each';
      return {
        amount: wire(scalar, unit, Boolean(about)),
        unitWritten: unit !== 'each',
        size: '',
        one: inner.amount,
        rest: (isPack ? pack.rest : inner.rest).replace(OF, ''),
        doubts: inner.doubts,
      };
    }
  }

  // "two 5 cm strips of lemon zest": a count of pieces of a length.
  const cut = scalar.word ? LENGTH.exec(rest.trimStart()) : null;
  if (cut) {
    const length = `${cut[2]!} ${cut[3]!.toLowerCase()}`;
    const left = rest.trimStart().slice(cut[0].length).replace(OF, '');
    return {
      amount: wire(scalar, 'each', true),
      unitWritten: true,
      size: length,
      one: null,
      rest: left,
      doubts: [{ code: 'weight-of-piece', size: length }],
    };
  }
  let size = '';
  const sized = SIZES.exec(rest.trimStart());
  if (sized) {
    size = sized[0]
      .trim()
      .replace(/[,-]sized|[,.]$/g, '')
      .toLowerCase();
    size = SIZE_WORDS[size] ?? size;
    rest = rest.trimStart().slice(sized[0].length);
  } else {
    const heaped = HEAPED.exec(rest.trimStart());
    if (heaped && takeUnit(rest.trimStart().slice(heaped[0].length))) {
      size = heaped[0].trim().toLowerCase();
      rest = rest.trimStart().slice(heaped[0].length);
    }
  }

  const taken = takeUnit(rest);
  if (!taken) {
    return { amount: wire(scalar, 'each', Boolean(about)), unitWritten: false, size, one: null, rest: rest.replace(OF, ''), doubts };
  }
  if (taken.unit === 'pint') doubts.push({ code: 'which-pint' });
  let whole = scalar;
  rest = taken.rest;

  // "1 cup plus 2 tbsp", "2 lb 4 oz": one amount, in the first unit.
  const joined = PLUS.exec(rest);
  const plus = joined ?? /^\s+(?=\d)/.exec(rest);
  let beside: RegExpExecArray | null = null;
  if (plus) {
    const more = readAmount(rest.slice(plus[0].length), inside + 1);
    // "100 g 4 oz" stands in two columns: the same amount in another system, not more of it.
    const sum = joined !== null || (more !== null && (SMALLER[taken.unit] ?? []).includes(more.amount.unit));
    if (more?.unitWritten && sameDimension(more.amount.unit, taken.unit) && !sum) beside = plus;
    else if (more?.unitWritten && sameDimension(more.amount.unit, taken.unit)) {
      const add = (value: string) => inUnit({ value: exact(value), unit: more.amount.unit }, taken.unit).value;
      whole = { ...scalar, min: scalar.min.add(add(more.amount.min)), max: scalar.max.add(add(more.amount.max)) };
      rest = more.rest;
    }
  }

  // "a litre and a half", "a pound and a quarter"
  const half = /^\s+and\s+a\s+(half|quarter)\b/i.exec(rest);
  if (half) {
    const more = exact(/half/i.test(half[1]!) ? '1/2' : '1/4');
    whole = { ...whole, min: whole.min.add(more), max: whole.max.add(more) };
    rest = rest.slice(half[0].length);
  }

  // "250 g / 9 oz": the first system counts, the second is checked against it.
  const second = beside ?? /^\s*[/|]\s*/.exec(rest);
  if (second) {
    const other = readAmount(rest.slice(second[0].length), inside + 1);
    if (other?.unitWritten) {
      const doubt = disagreement(wire(whole, taken.unit, false), other.amount);
      if (doubt) doubts.push(doubt);
      rest = other.rest;
    }
  }
  const byEye = unitOf(taken.unit).byEye === true;
  return {
    amount: wire(whole, taken.unit, Boolean(about) || byEye),
    unitWritten: true,
    size,
    one: null,
    rest: rest.replace(OF, ''),
    doubts,
  };
}

/** Units that are written behind a larger one without a sign between them: "2 lb 4 oz". */
const SMALLER: Readonly<Partial<Record<UnitCode, readonly UnitCode[]>>> = {
  lb: ['oz'],
  kg: ['g'],
  l: ['ml', 'cl', 'dl'],
  quart: ['pint', 'cup', 'floz'],
  pint: ['floz', 'cup'],
  cup: ['tbsp', 'tsp', 'floz'],
  tbsp: ['tsp'],
};

function sameDimension(a: UnitCode, b: UnitCode): boolean {
  return unitOf(a).dimension === unitOf(b).dimension && unitOf(a).dimension !== 'count';
}

/** The doubt raised when two amounts on one line differ by more than 14 %, since books print 25 g for an ounce of 28.35; null when they agree or cannot be compared. */
export function disagreement(first: Amount, second: Amount): Doubt | null {
  if (!sameDimension(first.unit, second.unit)) return null;
  const a = sizesOf(first.unit);
  const b = sizesOf(second.unit);
  const agree = MEASURE_SYSTEMS.some((_, index) => {
    const [one, other] = [a[index]!.mul(exact(first.max)), b[index]!.mul(exact(second.max))];
    return one.sub(other).abs().div(one).valueOf() <= 0.14;
  });
  return agree ? null : { code: 'amounts-disagree' };
}

/** A unit in grams or millilitres, by each of the systems of household measures: nobody says which is meant by a pint. */
const sizesOf = (unit: UnitCode) =>
  MEASURE_SYSTEMS.map((system) => (unitOf(unit).dimension === 'volume' ? millilitresOf(unit, system) : unitOf(unit).size));

function wire(scalar: Pick<Scalar, 'min' | 'max'>, unit: UnitCode, about: boolean): Amount {
  return { min: exactText(scalar.min), max: exactText(scalar.max), unit, about };
}
