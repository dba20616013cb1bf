export { densityOf, inGrams } from './inGrams';
export { checkFact, FACT_SOURCES, PIECES, SHIPPED, SHIPPED_GROUPS, type IngredientFact, type Piece } from './fact';
export { AGAINST_DIET, FOOD_KINDS, KIND_NAMES, type FoodKind } from './kinds';
export { factBook, SHIPPED_BOOK, type FactBook, type ItemReading } from './factBook';
export { allergensOf, dietOf, holdsSaid, notKnownOf, type DietAnswer, type Known, type KnownAllergens } from './allergensOf';
export {
  countsByGrade,
  gramsOfOne,
  isCountable,
  isExacting,
  isLiquid,
  isMissingFact,
  isTapWater,
  itemKey,
  NOTHING_SAID,
  toGrams,
  type Bridged,
  type MissingFact,
  type OneOf,
  type PieceSaid,
} from './lookup';
export { LEFT_BY, partOf, piecesFor, type PartOfWhole } from './parts';
export { MOST_GAIN } from './gain';
