export { getPhoto as GET, putPhoto as PUT, putPhotoAway as DELETE } from '@server/api/photos';
