export { getPhoto as GET, putPhoto as PUT, putPhotoAway as DELETE } from '@server/photos/handlers';
