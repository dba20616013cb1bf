export { CalculatorPane } from './CalculatorPane';
export { TechniqueCare } from './TechniqueCare';
export { useTechnique } from './useTechnique';
