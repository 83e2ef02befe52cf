export { getPlant as GET, putPlantAway as DELETE } from '@server/plants/handlers';
