export { useTechniques } from './useTechniques';
