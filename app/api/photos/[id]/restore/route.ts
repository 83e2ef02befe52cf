export { bringPhotoBack as POST } from '@server/api/photos';
