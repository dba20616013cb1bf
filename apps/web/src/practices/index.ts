export { MatterLine, useSides, type TaughtIn } from './MatterLine';
