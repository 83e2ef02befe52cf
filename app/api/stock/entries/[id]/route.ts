export { putStockEntryAway as DELETE } from '@server/api/stock';

export const dynamic = 'force-dynamic';
