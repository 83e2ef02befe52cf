export * from './change';
export * from './compare';
export * from './tune';
export * from './sensitivity';
export * from './turns';
export * from './schools';
