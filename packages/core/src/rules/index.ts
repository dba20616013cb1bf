export * from './dishRules';
export * from './specs';
export * from './verdict';
