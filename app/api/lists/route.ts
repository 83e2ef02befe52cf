export { getLists as GET, postList as POST } from '@server/lists/handlers';

export const dynamic = 'force-dynamic';
