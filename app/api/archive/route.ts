export { getArchive as GET, postArchive as POST } from '@server/api/archive';

export const dynamic = 'force-dynamic';
