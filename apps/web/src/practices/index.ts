export { MatterLine, useSides, type TaughtIn } from './MatterLine';
export { useInForce, usePractices, type InForceHere } from './useInForce';
