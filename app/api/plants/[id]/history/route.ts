export { getPlantHistory as GET } from '@server/api/plants';
