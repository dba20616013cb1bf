export { useCutSets } from './useCutSets';
