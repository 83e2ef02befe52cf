export { getPlantHistory as GET } from '@server/plants/handlers';
