export { DishRules } from './DishRules';
export { RuleUse } from './RuleUse';
export { useRules } from './useRules';
