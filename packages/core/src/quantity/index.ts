export { UNITS, UNIT_CODES, unitOf, findUnit, type Unit, type UnitCode, type Dimension } from './units';
export {
  amount,
  inUnit,
  kitchenStep,
  roundForKitchen,
  roundForOrder,
  showAmount,
  showQuantity,
  type Amount,
  type Quantity,
  type Rounded,
} from './amount';
export { inMeasures, millilitresOf, MEASURE_NAMES, MEASURE_SYSTEMS, type MeasureSystem } from './measures';
export { celsiusIn, temperatureWays, type TemperatureWays } from './temperature';
export { centimetresIn } from './length';
