export { getFacets as GET } from '@server/plants/handlers';

export const dynamic = 'force-dynamic';
