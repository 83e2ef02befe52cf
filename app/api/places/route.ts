export { getPlaces as GET, postPlace as POST } from '@server/api/places';

export const dynamic = 'force-dynamic';
