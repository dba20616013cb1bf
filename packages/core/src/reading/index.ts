export { readRecipe, minutesIn, type RecipeReading, type ReadComponent } from './readRecipe';
export { readLine, type LineReading } from './readLine';
export { readAmount } from './readAmount';
export { defaultRule } from './defaultRule';
export { toDish, type ToDishOptions } from './toDish';
export { stepFrom } from './stepFrom';
