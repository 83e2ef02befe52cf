export { mediaCatalogue, mediumById, mediumIds } from './media';
