export { ladderOf, LADDERS, sharesFor, type LadderStage, type StageLadder } from './stages';
export { DONENESS, donenessOf, type DonenessDegree, type DonenessFood } from './table';
export { takeOutOfSteps } from './takeOutOfSteps';
export { minutesToGo, MOST_RISE, readingSays, riseOf, takeOutAt, type HeatAround, type ReadingSays } from './takeOut';
