export * from './mat';
export * from './pieces';
export * from './shipped';
export * from './types';
