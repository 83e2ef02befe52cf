export { getPlants as GET, postPlant as POST } from '@server/api/plants';

export const dynamic = 'force-dynamic';
