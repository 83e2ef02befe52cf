export { getStockEntries as GET } from '@server/api/stock';

export const dynamic = 'force-dynamic';
