export * from './allowances';
export * from './cooling';
export * from './dishRules';
export * from './specs';
export * from './timesIn';
export * from './verdict';
