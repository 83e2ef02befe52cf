export { getLists as GET, postList as POST } from '@server/api/lists';

export const dynamic = 'force-dynamic';
