export { demoPlaces } from './places';
