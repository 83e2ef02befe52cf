export { getStock as GET, postStock as POST } from '@server/stock/handlers';

export const dynamic = 'force-dynamic';
