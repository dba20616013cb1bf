import { ceilTo, exact, exactText, roundTo, showDecimal, showFraction, type Exact, type ExactText } from '../exact';
import { unitOf, type Unit, type UnitCode } from './units';

/** An amount in wire form. A single value has `min` equal to `max`; a range as written keeps both. */
export interface Amount {
  readonly min: ExactText;
  readonly max: ExactText;
  readonly unit: UnitCode;
  /** Written as "about", or by eye. */
  readonly about: boolean;
}

/** A computed quantity in one unit. */
export interface Quantity {
  readonly value: Exact;
  readonly unit: UnitCode;
}

/** The single amount of `value` units. @example amount(3, 'tbsp') */
export function amount(value: number | ExactText, unit: UnitCode, about = false): Amount {
  const text = exactText(exact(value));
  return { min: text, max: text, unit, about };
}

/**
 * A quantity in another unit of the same dimension.
 *
 * @throws RangeError when the dimensions differ, or when both are counts of different things
 */
export function inUnit(quantity: Quantity, to: UnitCode): Quantity {
  if (quantity.unit === to) return quantity;
  const from = unitOf(quantity.unit);
  const target = unitOf(to);
  if (from.dimension !== target.dimension || from.dimension === 'count') {
    throw new RangeError(`${from.code} cannot be turned into ${target.code} without a fact of the ingredient`);
  }
  return { value: quantity.value.mul(from.size).div(target.size), unit: to };
}

const spoonLike: ReadonlySet<UnitCode> = new Set(['tsp', 'tbsp', 'cup', 'pint', 'quart']);

function unitWord(unit: Unit, value: Exact): string {
  return value.compare(1) <= 0 ? unit.one : unit.many;
}

/** The step a kitchen weighs or measures in, by how much there is (grams or millilitres). */
export function kitchenStep(value: Exact): Exact {
  const size = value.valueOf();
  return STEPS.find(([below]) => size < below)?.[1] ?? exact(10);
}

/**
 * Below so many grams or millilitres, weighed to so many. What is less than a gram needs a finer scale than a kitchen's, and gets it:
 * no positive amount is ever shown as nothing.
 */
const STEPS: readonly (readonly [below: number, step: Exact])[] = [
  [0.01, exact('1/10000')],
  [0.1, exact('1/1000')],
  [1, exact('1/100')],
  [5, exact('1/10')],
  [20, exact('1/2')],
  [250, exact(1)],
  [1000, exact(5)],
];

/** The finest step of a kitchen scale; below it the scale that is needed is named. */
export const KITCHEN_SCALE = exact('1/10');

/** Grams from which a kitchen's own scale will do for what is exacting: a tenth of a gram changes a fiftieth of it at most. */
const KITCHEN_WILL_DO = 2.5;

/** The step for what must not be rounded freely: at most a hundredth of it is changed, a fiftieth where a finer scale would be needed. */
export function exactingStep(value: Exact): Exact {
  const most = value.div(50);
  if (value.compare(KITCHEN_WILL_DO) >= 0 && most.compare(KITCHEN_SCALE) < 0) return KITCHEN_SCALE;
  return FINE.find((step) => step.compare(most) <= 0) ?? kitchenStep(value);
}

const FINE: readonly Exact[] = ['10', '5', '1', '1/2', '1/10', '1/100', '1/1000', '1/10000'].map((step) => exact(step));

function showMetric(value: Exact, unit: Unit): string {
  const base = unit.size.equals(1) ? value : value.mul(unit.size);
  const big = unit.dimension === 'mass' ? 'kg' : 'l';
  const small = unit.dimension === 'mass' ? 'g' : 'ml';
  if (base.compare(1000) >= 0) return `${showDecimal(base.div(1000), 3)} ${big}`;
  const digits = base.compare('1/100') < 0 ? 4 : base.compare('1/10') < 0 ? 3 : base.compare(20) < 0 ? 2 : 1;
  return `${showDecimal(base, digits)} ${small}`;
}

/**
 * A quantity as a kitchen reads it: `1½ tbsp`, `2.25 kg`, `28 bulbs`, `4`. Spoons, cups and counts keep fractions;
 * metric amounts move to kilograms and litres from 1000 up.
 */
export function showQuantity({ value, unit: code }: Quantity): string {
  const unit = unitOf(code);
  if (['g', 'kg', 'mg', 'ml', 'cl', 'dl', 'l'].includes(code)) return showMetric(value, unit);
  const digits = unit.dimension === 'count' || spoonLike.has(code) || unit.byEye ? 2 : 1;
  const figure = showFraction(value, digits);
  const word = unitWord(unit, value);
  return word ? `${figure} ${word}` : figure;
}

/** An amount as written, with its range and its "about": `150–200 ml`, `about 30 g`. */
export function showAmount(written: Amount): string {
  const about = written.about && !unitOf(written.unit).byEye ? 'about ' : '';
  const top = showQuantity({ value: exact(written.max), unit: written.unit });
  if (written.min === written.max) return about + top;
  return `${about}${showFraction(exact(written.min))}–${top}`;
}

export interface Rounded {
  readonly quantity: Quantity;
  /** The step it was rounded to, in the unit of `quantity`. */
  readonly step: Exact;
  /** What was rounded, in the unit of `quantity`. */
  readonly before: Exact;
}

/** Rounds up to what can be ordered: whole pieces and packs, kitchen steps of weight and volume. Never down. */
export function roundForOrder(quantity: Quantity): Rounded {
  const unit = unitOf(quantity.unit);
  if (unit.dimension === 'count') return roundedTo(quantity, exact(1), ceilTo);
  const base = inBase(quantity);
  return roundedTo(base, kitchenStep(base.value), ceilTo);
}

/**
 * Rounds to what a kitchen weighs or measures when cooking, nearest step; spoons and counts to an eighth, or finer where an eighth
 * would leave nothing of it.
 *
 * @param exacting - whether a small rounding changes the result, as with salt and leavening
 */
export function roundForKitchen(quantity: Quantity, exacting = false): Rounded {
  const unit = unitOf(quantity.unit);
  if (unit.dimension === 'count' || spoonLike.has(quantity.unit) || unit.byEye) {
    // Thirds are on every spoon set: keep them exact.
    if (exact(3).mul(quantity.value).d === 1n) return { quantity, step: EIGHTH, before: quantity.value };
    const small = quantity.value.compare('1/8') < 0;
    return roundedTo(quantity, small ? exact('1/100') : exacting ? exact('1/16') : EIGHTH, roundTo);
  }
  const base = inBase(quantity);
  return roundedTo(base, exacting ? exactingStep(base.value) : kitchenStep(base.value), roundTo);
}

const EIGHTH = exact('1/8');

/** Mass in grams, volume in millilitres. */
function inBase({ value, unit: code }: Quantity): Quantity {
  const unit = unitOf(code);
  return { value: value.mul(unit.size), unit: unit.dimension === 'mass' ? 'g' : 'ml' };
}

function roundedTo(from: Quantity, step: Exact, round: (value: Exact, step: Exact) => Exact): Rounded {
  return { quantity: { value: round(from.value, step), unit: from.unit }, step, before: from.value };
}
