export { useBook } from './useBook';
