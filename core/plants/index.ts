export * from './genus';
export * from './plant';
export { generaCatalogue, genusById, genusIds } from './catalogue';
