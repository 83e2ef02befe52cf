export { getStock as GET, postStock as POST } from '@server/api/stock';

export const dynamic = 'force-dynamic';
