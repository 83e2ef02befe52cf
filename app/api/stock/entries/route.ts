export { postStockEntry as POST } from '@server/api/stock';

export const dynamic = 'force-dynamic';
