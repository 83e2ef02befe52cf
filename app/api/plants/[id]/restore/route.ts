export { bringPlantBack as POST } from '@server/plants/handlers';
