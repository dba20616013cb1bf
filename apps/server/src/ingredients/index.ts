export { IngredientsModule } from './ingredients.module';
export { factsChange } from './factsChange';
export { ownFacts } from './ownFacts';
export { IngredientFactRow } from './ingredientFact.entity';
