export { LADDER_KEYS, ladderOf, LADDERS, shareOff, sharesFor, type LadderKey, type LadderStage, type StageLadder } from './stages';
export {
  checkDoneness,
  DONENESS,
  DONENESS_KEYS,
  DONENESS_LIMITS,
  donenessKey,
  donenessOf,
  donenessTable,
  type DonenessBand,
  type DonenessDegree,
  type DonenessFood,
  type OwnDoneness,
} from './table';
export { takeOutOfSteps } from './takeOutOfSteps';
export { minutesToGo, MOST_RISE, readingSays, riseOf, takeOutAt, type HeatAround, type ReadingSays } from './takeOut';
export { ladderStageName, wantedAt, wantedInWords, wantedStages, wrongAt, type WantedStage } from './wanted';
