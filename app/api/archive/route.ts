export { getArchive as GET, postArchive as POST } from '@server/archive/handlers';

export const dynamic = 'force-dynamic';
