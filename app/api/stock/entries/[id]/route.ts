export { putStockEntryAway as DELETE } from '@server/stock/handlers';

export const dynamic = 'force-dynamic';
