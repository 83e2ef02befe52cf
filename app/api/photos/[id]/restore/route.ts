export { bringPhotoBack as POST } from '@server/photos/handlers';
