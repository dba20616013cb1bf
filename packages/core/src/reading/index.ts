export {
  placeKey,
  readRecipe,
  type RecipeReading,
  type ReadComponent,
  type ReadPlace,
  type ReadRecipeOptions,
  type ReadStep,
} from './readRecipe';
export { readLine, type LineReading } from './readLine';
export { readAmount } from './readAmount';
export { defaultScaling } from './defaultScaling';
export { toDish, type ToDishOptions } from './toDish';
export { stepFrom } from './stepFrom';
export { yieldSaid, type YieldSaid } from './yields';
export { readStep, stepTimes, unlinkedIn, type StepReading, type StepTime, type Unlinked } from './readStep';
export { ROLES, type Role } from './looks';
export { answersTo, type LineAnswer } from './answers';
