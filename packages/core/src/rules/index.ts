export * from './allowances';
export * from './cooling';
export * from './coolingLog';
export * from './dishRules';
export { DISH_HAZARDS, DISH_HAZARD_NAMES, dishHazards, type ComponentHazards, type DishHazard } from './nature';
export * from './specs';
export * from './timesIn';
export * from './verdict';
