export * from './hazards';
export { nodesOf, plainOf, readInline, runsOf, writeInline, type Run } from './inline';
export { newKey } from './newKey';
export * from './ring';
export { suggestTechniques } from './suggest';
export * from './types';
