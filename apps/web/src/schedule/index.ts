export { problemOf, timeAt } from './planOf';
