export { bringPlaceBack as POST } from '@server/places/handlers';
