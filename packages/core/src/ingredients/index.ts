export { densityOf, inGrams } from './inGrams';
export { checkFact, ORIGINS, SHIPPED, type IngredientFact, type Origin } from './fact';
export { factBook, SHIPPED_BOOK, type FactBook } from './factBook';
export {
  allergensOf,
  goesAgainst,
  isCountable,
  isLiquid,
  isMissingFact,
  itemKey,
  toGrams,
  type Bridged,
  type KnownAllergens,
  type MissingFact,
  type OneOf,
} from './lookup';
