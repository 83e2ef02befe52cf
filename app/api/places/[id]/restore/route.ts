export { bringPlaceBack as POST } from '@server/api/places';
