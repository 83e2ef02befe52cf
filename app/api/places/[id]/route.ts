export { putPlace as PUT, putPlaceAway as DELETE } from '@server/api/places';
