export { UNITS, UNIT_CODES, unitOf, findUnit, type Unit, type UnitCode, type Dimension } from './units';
export {
  amount,
  exactingStep,
  inUnit,
  KITCHEN_SCALE,
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
export {
  boilingPoint,
  celsiusIn,
  celsiusOf,
  GAS_MARKS,
  HEATED,
  HEATED_NAMES,
  heatedIn,
  temperatureWays,
  type Heated,
  type TemperatureWays,
} from './temperature';
export { centimetresIn } from './length';
export { readTyped, typedValue, type TypedNumber } from './typed';
export { minutesIn, timesIn, namesTime, type TimeSaid } from './times';
export { heatsIn, type HeatSaid, type HeatWay } from './heats';
