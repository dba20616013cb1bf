export * from './hazards';
export { nodesOf, plainOf, readInline, runsOf, writeInline, type Run } from './inline';
export { newKey } from './newKey';
export { lookAlike } from './looksLike';
export * from './ring';
export { suggestTechniques, techniquesIn, type TechniqueSaid, type TechniqueWords } from './suggest';
export * from './types';
