export * from './types';
export { checkRubric } from './checkRubric';
export { computeResult, type Remark, type Result } from './computeResult';
export { MARKING_WAYS, type MarkingWay } from './markingWay';
export { markInWords } from './markInWords';
export { classLevels, type CriterionLevels } from './classLevels';
