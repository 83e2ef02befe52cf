import { inPage } from '@server/api/in-page';
import { listStock } from '@server/records/stock/repository';
import { StockPage } from '@ui/features/stock/stock-page';

export const dynamic = 'force-dynamic';

export default async function Page() {
  return <StockPage first={await inPage(({ em, scope }) => listStock(em, scope))} />;
}
