export * from './types';
export * from './levels';
export { likelyMeasure, MEASURED_FROM, MEASURED_TO, targetSaid, type MeasureTarget } from './measureTarget';
export { measuredPieces, normalQuantile, shareInterval, SURE, type Measured, type Settled, type SizeMeasured } from './measuring';
export { aimOf, CRITERION_KINDS, lacksOf, levelOf, refusesValue, seenInWords, seenOf, standingOf, weighs } from './kinds';
export { MOST_COUNTED, type CountedCriterion, type CountedValue } from './kinds/counted';
export type { CriticalCriterion, CriticalValue } from './kinds/critical';
export { LEAST_STAGES, MOST_STAGES, type LadderCriterion, type LadderValue } from './kinds/ladder';
export type { LevelCriterion, LevelValue } from './kinds/levels';
export { MOST_PIECES, type MeasuredCriterion, type MeasuredValue } from './kinds/measured';
export { askedHere } from './askedHere';
export { checkRubric } from './checkRubric';
export { computeResult, type Remark, type Result } from './computeResult';
export { NOTED_LIMITS, notedOf, touchFault, withNote, withNoted, type FaultNote, type Noted, type PlacedComponent } from './noted';
export { MARKING_WAYS, type MarkingWay } from './markingWay';
export { markInWords } from './markInWords';
export { passQueue, type PassPlate, type PassState, type QueuedPlate } from './passQueue';
export {
  assessorsInForce,
  COUNTING_RULES,
  AGREED_SAYS,
  COUNTING_SAYS,
  differing,
  isUnderWay,
  agreedInForce,
  marksInForce,
  NEWEST,
  ownJudgements,
  type Differing,
  type Counting,
  type CountingRule,
} from './counting';
export { gradebookCsv, type GradedDish } from './gradebookCsv';
export { drawnPlates } from './drawnPlates';
export { targetOfCut } from './targetOfCut';
export { targetOfDegree } from './targetOfDegree';
export { wouldHaveBeen, type WouldHaveBeen } from './wouldHaveBeen';
export { usualLevels } from './usualLevels';
export { classLevels, type CriterionLevels } from './classLevels';
