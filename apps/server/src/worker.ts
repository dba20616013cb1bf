/** Work that is done in threads of its own; see `platform/apart`. Built by itself, so that a thread loads nothing but this. */
export { render } from './platform/pdf/render';
export { printResults } from './assessment/printResults';
export { readDishes } from './dishes/readDishes';
export { readTechniques } from './techniques/readTechniques';
export { readRosterFile } from './classes/readRosterFile';
export { readCalendar } from './terms/readCalendar';
