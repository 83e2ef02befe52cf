export * from './pot';
export * from './geometry';
export * from './stability';
export * from './make';
export * from './catalogue';
