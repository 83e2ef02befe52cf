export { getOwn as GET, postOwn as POST } from '@server/own/handlers';

export const dynamic = 'force-dynamic';
