export { getSmallPhoto as GET } from '@server/photos/handlers';
