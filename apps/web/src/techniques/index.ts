export { CalculatorPane } from './CalculatorPane';
export { TechniqueCare } from './TechniqueCare';
export { TechniqueViews } from './TechniqueViews';
export { useTechnique, useTechniques } from './useTechniques';
