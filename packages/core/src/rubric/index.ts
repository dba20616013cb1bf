export * from './types';
export { checkRubric } from './checkRubric';
export { computeResult, type Remark, type Result } from './computeResult';
export { MARKING_WAYS, type MarkingWay } from './markingWay';
export { markInWords } from './markInWords';
export { passQueue, type PassPlate, type PassState, type QueuedPlate } from './passQueue';
export { usualLevels } from './usualLevels';
export { classLevels, type CriterionLevels } from './classLevels';
