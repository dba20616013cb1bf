export * from './planInstance';
export { checkPlan, type PlanCheck, type PlanFault } from './checkPlan';
export { readInstance, LONGEST_SESSION, MOST_STEPS, type InstanceProblem, type InstanceReading } from './readInstance';
export { solvePlan, type SolveOptions } from './solvePlan';
export { workOf, type WorkNeed, type WorkStep } from './lesson/workOf';
export {
  classProblem,
  minutesFor,
  USUAL_SEGMENTS,
  type ClassProblem,
  type ClassToPlan,
  type Segments,
  type StepMeaning,
} from './lesson/classProblem';
export { planCsv } from './lesson/planCsv';
