export { readRecipe, type RecipeReading, type ReadComponent } from './readRecipe';
export { readLine, type LineReading } from './readLine';
export { readAmount } from './readAmount';
export { defaultScaling } from './defaultScaling';
export { toDish, type ToDishOptions } from './toDish';
export { stepFrom } from './stepFrom';
export { yieldSaid, type YieldSaid } from './yields';
