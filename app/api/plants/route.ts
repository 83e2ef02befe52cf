export { getPlants as GET, postPlant as POST } from '@server/plants/handlers';

export const dynamic = 'force-dynamic';
