export { getCollections as GET } from '@server/api/collections';

export const dynamic = 'force-dynamic';
