export { getPlant as GET, putPlant as PUT, putPlantAway as DELETE } from '@server/api/plants';
