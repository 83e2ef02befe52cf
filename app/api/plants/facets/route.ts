export { getFacets as GET } from '@server/api/plants';

export const dynamic = 'force-dynamic';
