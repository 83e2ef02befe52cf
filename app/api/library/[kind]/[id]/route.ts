export { putLibrary as PUT, putLibraryAway as DELETE } from '@server/api/library';
