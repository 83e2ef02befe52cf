export * from './faults';
export * from './plan-case';
export * from './place-schema';
export * from './genus-schema';
export * from './own-schema';
export * from './setup-schema';
export * from './drydown-case';
export * from './mix-case';
