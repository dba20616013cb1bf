import { exact, type Exact } from '../exact';
import { inUnit, type Quantity } from './amount';
import type { UnitCode } from './units';

/** How large a recipe's cups, spoons, fluid ounces and pints are. */
export const MEASURE_SYSTEMS = ['labelling', 'metric', 'us', 'imperial'] as const;
export type MeasureSystem = (typeof MEASURE_SYSTEMS)[number];

export const MEASURE_NAMES: Readonly<Record<MeasureSystem, string>> = {
  labelling: 'cup of 240 ml, tablespoon of 15 ml',
  metric: 'metric: cup of 250 ml, tablespoon of 15 ml',
  us: 'US customary: cup of 237 ml, tablespoon of 14.8 ml',
  imperial: 'imperial: cup of 284 ml, tablespoon of 17.8 ml',
};

type Household = 'tsp' | 'tbsp' | 'floz' | 'cup' | 'pint' | 'quart';

/**
 * Millilitres in each household measure.
 * @source labelling: US 21 CFR 101.9(b)(5)(viii). US customary: the gallon of 231 cubic inches (3785.411784 ml).
 *   Imperial: the gallon of 4546.09 ml; spoons after British Standard practice of 1/160 pint and its third. Metric: the
 *   250 ml cup of Australian Standard AS 1325, with the 15 ml tablespoon used elsewhere. In each of them a pint is two cups and a
 *   quart is four, so that they fit together (the imperial cup is half a pint).
 */
const MILLILITRES: Readonly<Record<MeasureSystem, Readonly<Record<Household, Exact>>>> = {
  labelling: sizes('5', '15', '30', '240', '480', '960'),
  metric: sizes('5', '15', '30', '250', '500', '1000'),
  us: sizes('473176473/96000000', '473176473/32000000', '473176473/16000000', '473176473/2000000', '473176473/1000000', '473176473/500000'),
  imperial: sizes('56826125/9600000', '56826125/3200000', '56826125/2000000', '56826125/200000', '56826125/100000', '56826125/50000'),
};

function sizes(tsp: string, tbsp: string, floz: string, cup: string, pint: string, quart: string): Record<Household, Exact> {
  return { tsp: exact(tsp), tbsp: exact(tbsp), floz: exact(floz), cup: exact(cup), pint: exact(pint), quart: exact(quart) };
}

const isHousehold = (unit: UnitCode): unit is Household => unit in MILLILITRES.labelling;

/**
 * A household measure in millilitres as the recipe's system has it; any other quantity as it is.
 *
 * @example inMeasures({ value: exact(1), unit: 'cup' }, 'metric') // 250 ml
 */
export function inMeasures(quantity: Quantity, system: MeasureSystem): Quantity {
  if (!isHousehold(quantity.unit) || system === 'labelling') return quantity;
  return { value: quantity.value.mul(MILLILITRES[system][quantity.unit]), unit: 'ml' };
}

/** Millilitres of a household measure in a system, for showing. */
export function millilitresOf(unit: UnitCode, system: MeasureSystem): Exact {
  return isHousehold(unit) ? MILLILITRES[system][unit] : inUnit({ value: exact(1), unit }, 'ml').value;
}
