export { getSmallPhoto as GET } from '@server/api/photos';
