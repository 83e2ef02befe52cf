export { putPlace as PUT, putPlaceAway as DELETE } from '@server/places/handlers';
