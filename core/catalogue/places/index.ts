export { demoPlaceById, demoPlaceIds, demoPlaces } from './places';
