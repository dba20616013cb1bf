export * from './planInstance';
export { checkPlan, type PlanCheck, type PlanFault } from './checkPlan';
export { readInstance, LONGEST_SESSION, MOST_STEPS, type InstanceProblem, type InstanceReading } from './readInstance';
export { repairPlan, type Repair } from './repair/repairPlan';
export { solvePlan, type SolveOptions } from './solvePlan';
export { ringOfSteps, workOf, type WorkStep } from './lesson/workOf';
export { type WorkNeed } from './lesson/proposeWork';
export { tastingIdOf } from './lesson/classProblem';
export { workLine, type LinedStep, type WorkLine } from './lesson/workLine';
export { workQuestions, type WorkQuestion } from './lesson/workQuestions';
export * from './lesson/timePlan';
export { mergeTimePlan, type TimePlanClash, type TimePlanMerge } from './lesson/mergeTimePlan';
export { minutesFor, type MinutesPlanned, type ClassPractice } from './lesson/minutesFor';
export {
  classProblem,
  ovensOf,
  stepIdOf,
  type ClassProblem,
  type ClassToPlan,
  type PlannedDish,
  type PlannedTeam,
  type StepMeaning,
} from './lesson/classProblem';
export { minutesAt, sharedHeats } from './lesson/heats';
export { conflictsOf, nameOfStep, nameOfThing, type Conflict } from './lesson/conflicts';
export { ovenTasks, type OvenTask } from './lesson/ovenUse';
export { prepareAhead, type AheadTask } from './lesson/prepareAhead';
export { stationSheets, teamSheets, wallSheet, type Sheet, type SheetRow } from './lesson/runSheet';
export { slackOf, type Slack } from './lesson/slack';
export { slackNeeded, type SlackNeeded } from './lesson/slackNeeded';
export { stampOf } from './lesson/stamp';
export { clockAt, lessonMinutes, momentAt, type LessonHours } from './lesson/clock';
export { planCsv } from './lesson/planCsv';
