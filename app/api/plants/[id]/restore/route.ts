export { bringPlantBack as POST } from '@server/api/plants';
