export { getStockEntries as GET } from '@server/stock/handlers';

export const dynamic = 'force-dynamic';
