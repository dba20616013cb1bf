export * from './types';
export { checkDish, componentRing } from './checkDish';
export { describeChanges, mergeDish, type DishChange, type DishConflict, type DishMerge } from './mergeDish';
export { plateBuild, type PlateBuild, type PlateShare } from './plateBuild';
export * from './doubts';
export { componentFactors, type ComponentFactor } from './componentFactors';
export * from './stepWork';
