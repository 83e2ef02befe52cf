export { getPlaces as GET, postPlace as POST } from '@server/places/handlers';

export const dynamic = 'force-dynamic';
