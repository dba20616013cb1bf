export * from './planInstance';
export { checkPlan, type PlanCheck, type PlanFault } from './checkPlan';
export { readInstance, LONGEST_SESSION, MOST_STEPS, type InstanceProblem, type InstanceReading } from './readInstance';
export { solvePlan, type SolveOptions } from './solvePlan';
