export * from './allergens';
export * from './calculators';
export * from './cost';
export * from './course';
export * from './cuts';
export * from './demonstration';
export * from './dish';
export * from './document';
export * from './drawing';
export * from './exact';
export {
  addends,
  evaluate,
  exactly,
  figure,
  given,
  givenIn,
  measure,
  showMeasure,
  showTemperature,
  type Figure,
  type FigureUnit,
  type Measure,
  type Reference,
  type Working,
} from './figure';
export * from './doneness';
export * from './fairness';
export * from './standardisation';
export * from './skill';
export * from './formats';
export * from './formula';
export { grouped } from './grouped';
export * from './health';
export * from './instruments';
export * from './ingredients';
export * from './kitchen';
export * from './lesson';
export * from './order';
export * from './practice';
export * from './preparation';
export * from './preferences';
export * from './quantity';
export * from './reading';
export * from './roster';
export * from './rubric';
export * from './rules';
export * from './scaling';
export * from './schedule';
export * from './substitution';
export * from './technique';
export * from './text';
export * from './words';
export { remembered } from './remembered';
