import { exact, exactText, showDecimal, showFraction, type Exact, type ExactText } from '../exact';
import { HOUSE_PREFERENCES, type Preferences } from '../preferences';
import { showQuantity, unitOf, UNIT_CODES, type UnitCode } from '../quantity';

/**
 * What a value can be measured in besides the kitchen's units of mass, volume and count: length, area, time, temperature,
 * angle, share, money and mark, and the rates that join two of them.
 */
export const OTHER_UNITS = [
  'portion',
  'plate',
  'making',
  'load',
  'times',
  'percent',
  'minute',
  'celsius',
  'degree',
  'millimetre',
  'squareCentimetre',
  'cubicCentimetre',
  'gramsPerMillilitre',
  'gramsPerLitre',
  'gramsPerMinute',
  'millilitresPerMinute',
  'money',
  'moneyPerKilogram',
  'moneyPerLitre',
  'moneyPerPiece',
  'point',
  'criterion',
] as const;
export type OtherUnit = (typeof OTHER_UNITS)[number];
export type FigureUnit = UnitCode | OtherUnit;

/** A value in a unit, exact. */
export interface Measure {
  readonly value: ExactText;
  readonly unit: FigureUnit;
}

export const measure = (value: Exact | ExactText | number, unit: FigureUnit): Measure => ({
  value: typeof value === 'string' ? value : exactText(exact(value)),
  unit,
});

const KITCHEN: ReadonlySet<string> = new Set(UNIT_CODES);
export const isKitchenUnit = (unit: FigureUnit): unit is UnitCode => KITCHEN.has(unit);

/** Words after the number, or how the number itself is written. */
const SHOWN: Readonly<Record<OtherUnit, (value: Exact) => string>> = {
  portion: (value) => `${showFraction(value)} ${value.equals(1) ? 'portion' : 'portions'}`,
  plate: (value) => showFraction(value),
  making: (value) => showFraction(value),
  load: (value) => `${showFraction(value)} ${value.equals(1) ? 'load' : 'loads'}`,
  times: (value) => showFraction(value, 4),
  percent: (value) => `${showDecimal(value, 2)} %`,
  minute: (value) => `${showDecimal(value, 0)} min`,
  celsius: (value) => `${showDecimal(value, 1)} °C`,
  degree: (value) => `${showDecimal(value, 1)}°`,
  millimetre: (value) => `${showDecimal(value, 1)} mm`,
  squareCentimetre: (value) => `${showDecimal(value, 0)} cm²`,
  cubicCentimetre: (value) => `${showDecimal(value, 0)} cm³`,
  gramsPerMillilitre: (value) => `${showDecimal(value, 3)} g a ml`,
  gramsPerLitre: (value) => `${showDecimal(value, 1)} g a litre`,
  gramsPerMinute: (value) => `${showDecimal(value, 3)} g a minute`,
  millilitresPerMinute: (value) => `${showDecimal(value, 2)} ml a minute`,
  money: (value) => value.valueOf().toFixed(2),
  moneyPerKilogram: (value) => `${showDecimal(value, 2)} per kg`,
  moneyPerLitre: (value) => `${showDecimal(value, 2)} per l`,
  moneyPerPiece: (value) => `${showDecimal(value, 2)} per piece`,
  point: (value) => showDecimal(value, 1),
  criterion: (value) => showDecimal(value, 0),
};

/** Grams in an ounce and millilitres in a US fluid ounce. @source international avoirdupois ounce; US gallon of 231 cubic inches */
const GRAMS_IN_OUNCE = exact('45359237/1600000');
const MILLILITRES_IN_FLUID_OUNCE = exact('473176473/16000000');
const MILLIMETRES_IN_INCH = exact('127/5');

/** As many places as a kitchen scale can show, and none that would change a small amount by more than a hundredth. */
const placesFor = (value: Exact): number => (value.compare(1) < 0 ? 3 : value.compare(10) < 0 ? 2 : 1);

/** Metric mass and volume in the other system: a view, never a second figure. */
function inCustomary(value: Exact, unit: UnitCode): string | null {
  const { dimension, size, byEye } = unitOf(unit);
  if (byEye || !['mg', 'g', 'kg', 'ml', 'cl', 'dl', 'l'].includes(unit)) return null;
  const base = value.mul(size);
  if (dimension === 'mass') {
    const ounces = base.div(GRAMS_IN_OUNCE);
    return ounces.compare(16) >= 0 ? `${showDecimal(ounces.div(16), 2)} lb` : `${showDecimal(ounces, placesFor(ounces))} oz`;
  }
  const fluid = base.div(MILLILITRES_IN_FLUID_OUNCE);
  return fluid.compare(32) >= 0 ? `${showDecimal(fluid.div(32), 2)} quarts` : `${showDecimal(fluid, placesFor(fluid))} fl oz`;
}

/**
 * A measure as a person likes to read it.
 *
 * @example showMeasure(measure(250, 'g')) // '250 g'
 * @example showMeasure(measure(180, 'celsius'), { ...HOUSE_PREFERENCES, temperature: 'fahrenheit' }) // '356 °F'
 */
export function showMeasure({ value, unit }: Measure, preferences: Preferences = HOUSE_PREFERENCES): string {
  const number = exact(value);
  // A temperature below freezing keeps its sign through the scales.
  if (unit === 'celsius') return showTemperature(number.valueOf(), preferences);
  if (number.compare(0) < 0) return `−${showMeasure(measure(number.neg(), unit), preferences)}`;
  if (isKitchenUnit(unit))
    return (preferences.units === 'customary' ? inCustomary(number, unit) : null) ?? showQuantity({ value: number, unit });
  if (unit === 'millimetre' && preferences.units === 'customary') return `${showDecimal(number.div(MILLIMETRES_IN_INCH), 2)} in`;
  return SHOWN[unit](number);
}

/** A temperature below freezing keeps its sign through the scales. */
export function showTemperature(celsius: number, preferences: Preferences = HOUSE_PREFERENCES): string {
  const value = preferences.temperature === 'fahrenheit' ? (celsius * 9) / 5 + 32 : celsius;
  return `${showDecimal(exact(Number(value.toFixed(1))), 1).replace('-', '−')} ${preferences.temperature === 'fahrenheit' ? '°F' : '°C'}`;
}
