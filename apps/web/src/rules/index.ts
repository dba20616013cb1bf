export { DishRules } from './DishRules';
