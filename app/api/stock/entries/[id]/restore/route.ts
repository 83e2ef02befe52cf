export { bringStockEntryBack as POST } from '@server/stock/handlers';

export const dynamic = 'force-dynamic';
