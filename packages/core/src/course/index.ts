export * from './coverage';
export * from './nextTechniques';
