export * from './types';
export { checkDish, type DishProblem } from './checkDish';
export { describeChanges, mergeDish, type DishChange, type DishConflict, type DishMerge } from './mergeDish';
