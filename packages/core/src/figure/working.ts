import { exact, exactText, sum as sumOf, type Exact } from '../exact';
import type { Said } from '../words';
import { measure, type FigureUnit, type Measure } from './measure';

/** Where a value comes from; a screen can lead back there. */
export type Reference =
  | {
      readonly kind: 'line';
      readonly editionId: string;
      readonly lineId: string;
      readonly dish: string;
      readonly component: string;
      readonly written: string;
    }
  | { readonly kind: 'component'; readonly componentId: string; readonly name: string }
  | { readonly kind: 'fact'; readonly item: string; readonly fact: 'density' | 'weight of one' | 'price' }
  | { readonly kind: 'limit'; readonly key: string }
  | { readonly kind: 'criterion'; readonly key: string; readonly strand: string; readonly name: string; readonly critical: boolean }
  | { readonly kind: 'person'; readonly name: string };

interface Node {
  readonly value: Measure;
  /** Where it comes from, when it is of something. */
  readonly from?: Reference;
  /** What it is or counts, in words. */
  readonly said?: Said;
  /** By which way it was reached, such as how a line scales. */
  readonly by?: Said;
}

/** How a value was reached: operations down to what was given. Evaluating it gives the value again; see `evaluate`. */
export type Working = Node &
  (
    | { readonly op: 'given' }
    | { readonly op: 'sum' | 'product' | 'quotient' | 'difference' | 'least' | 'greatest'; readonly of: readonly Working[] }
    | { readonly op: 'rounding'; readonly of: readonly [Working]; readonly way: 'up' | 'down' | 'nearest'; readonly step: Measure }
    /** One of several ways; `said` says which and why. */
    | { readonly op: 'choice'; readonly of: readonly [Working] }
    /** The same amount in another unit of its kind. */
    | { readonly op: 'conversion'; readonly of: readonly [Working] }
    /** A relation that is none of these; `said` writes it out. */
    | { readonly op: 'relation'; readonly of: readonly Working[] }
  );

type Labels = Pick<Node, 'from' | 'said' | 'by'>;

const valueOf = ({ value }: Working): Exact => exact(value.value);

export const given = (value: Measure, labels: Labels = {}): Working => ({ op: 'given', value, ...labels });

/** A sum in the unit of its terms; of none, nothing. @throws RangeError when the units differ */
export function sum(of: readonly Working[], unit: FigureUnit, labels: Labels = {}): Working {
  const other = of.find(({ value }) => value.unit !== unit);
  if (other) throw new RangeError(`${other.value.unit} cannot be added to ${unit}`);
  return { op: 'sum', of, value: measure(sumOf(of.map(valueOf)), unit), ...labels };
}

export function difference(from: Working, less: Working, labels: Labels = {}): Working {
  return { op: 'difference', of: [from, less], value: measure(valueOf(from).sub(valueOf(less)), from.value.unit), ...labels };
}

/** A product; the unit is said, since it does not follow from those of the factors. Percents count as hundredths. */
export function product(of: readonly Working[], unit: FigureUnit, labels: Labels = {}): Working {
  return {
    op: 'product',
    of,
    value: measure(
      of.map(factorOf).reduce((all, each) => all.mul(each)),
      unit,
    ),
    ...labels,
  };
}

/** @throws RangeError when divided by nothing */
export function quotient(of: Working, by: Working, unit: FigureUnit, labels: Labels = {}): Working {
  return { op: 'quotient', of: [of, by], value: measure(factorOf(of).div(factorOf(by)), unit), ...labels };
}

export function least(of: readonly Working[], labels: Labels = {}): Working {
  return { op: 'least', of, value: of.reduce((low, each) => (valueOf(each).compare(valueOf(low)) < 0 ? each : low)).value, ...labels };
}

export function greatest(of: readonly Working[], labels: Labels = {}): Working {
  return { op: 'greatest', of, value: of.reduce((top, each) => (valueOf(each).compare(valueOf(top)) > 0 ? each : top)).value, ...labels };
}

export function rounding(of: Working, value: Exact, way: 'up' | 'down' | 'nearest', step: Measure, labels: Labels = {}): Working {
  return { op: 'rounding', of: [of], way, step, value: measure(value, of.value.unit), ...labels };
}

export const conversion = (of: Working, value: Measure, labels: Labels = {}): Working => ({ op: 'conversion', of: [of], value, ...labels });

export const relation = (of: readonly Working[], value: Measure, said: Said, labels: Omit<Labels, 'said'> = {}): Working => ({
  op: 'relation',
  of,
  value,
  said,
  ...labels,
});

/** A percent enters a product as so many hundredths. */
const factorOf = (working: Working): Exact => (working.value.unit === 'percent' ? valueOf(working).div(100) : valueOf(working));

/**
 * The value that the operations give, from what was given. Roundings, conversions and relations are taken at their word.
 *
 * @returns null where an operation does not give the value that stands beside it
 */
export function evaluate(working: Working): Exact | null {
  if (working.op === 'given') return valueOf(working);
  const inside = working.of.map(evaluate);
  if (inside.some((value) => value === null)) return null;
  const values = inside as Exact[];
  const parts = working.of;
  const asFactor = (index: number) => (parts[index]!.value.unit === 'percent' ? values[index]!.div(100) : values[index]!);
  const own = valueOf(working);
  const agrees = (value: Exact) => (value.equals(own) ? own : null);
  switch (working.op) {
    case 'sum':
      return agrees(sumOf(values));
    case 'difference':
      return agrees(values[0]!.sub(values[1]!));
    case 'product':
      return agrees(parts.map((_, index) => asFactor(index)).reduce((all, each) => all.mul(each)));
    case 'quotient':
      return agrees(asFactor(0).div(asFactor(1)));
    case 'least':
      return agrees(values.reduce((low, each) => (each.compare(low) < 0 ? each : low)));
    case 'greatest':
      return agrees(values.reduce((top, each) => (each.compare(top) > 0 ? each : top)));
    case 'choice':
      return agrees(values[0]!);
    case 'rounding':
    case 'conversion':
    case 'relation':
      return own;
  }
}

/** What a working ends in: the values that were given, with where they come from. */
export function givenIn(working: Working): readonly Working[] {
  return working.op === 'given' ? [working] : working.of.flatMap(givenIn);
}

/** The same value with another label. */
export function labelled(working: Working, labels: Labels): Working {
  // Orders label every part of every line: written out, this is many times faster than spreading two objects into one.
  const copy = stripped(working);
  const own: { -readonly [K in keyof Labels]: Labels[K] } = copy;
  const from = 'from' in labels ? labels.from : working.from;
  const said = 'said' in labels ? labels.said : working.said;
  const by = 'by' in labels ? labels.by : working.by;
  if (from !== undefined) own.from = from;
  if (said !== undefined) own.said = said;
  if (by !== undefined) own.by = by;
  return copy;
}

/** The same operation without labels. */
function stripped(working: Working): Working {
  const { value } = working;
  if (working.op === 'given') return { op: 'given', value };
  if (working.op === 'rounding') return { op: 'rounding', of: working.of, way: working.way, step: working.step, value };
  return { op: working.op, of: working.of, value } as Working;
}

export const exactOf = valueOf;
export const asText = (value: Exact): string => exactText(value);
