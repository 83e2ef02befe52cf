export { getOwn as GET, postOwn as POST } from '@server/api/library';

export const dynamic = 'force-dynamic';
