export { bringStockEntryBack as POST } from '@server/api/stock';

export const dynamic = 'force-dynamic';
