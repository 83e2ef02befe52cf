import { inPage } from '@server/http/in-page';
import { listStock } from '@server/stock/repository';
import { StockPage } from '@ui/features/stock/stock-page';

export const dynamic = 'force-dynamic';

export default async function Page() {
  return <StockPage first={await inPage(({ em, scope }) => listStock(em, scope))} />;
}
