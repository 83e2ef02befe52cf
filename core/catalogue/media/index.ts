export { gradesLike, mediaCatalogue, mediumById, mediumIds } from './media';
