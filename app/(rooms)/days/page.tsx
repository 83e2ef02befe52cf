import { listDays } from '@server/records/days/repository';
import { dueList } from '@server/projections/due/repository';
import { serverDay } from '@server/runtime/http/day';
import { isId } from '@server/runtime/http/ids';
import { inPage } from '@server/api/in-page';
import { DaysPage } from '@ui/features/day/days-page';

export const dynamic = 'force-dynamic';

export default async function Page({ searchParams }: { readonly searchParams: Promise<{ ids?: string | string[] }> }) {
  const { ids } = await searchParams;
  const { days, due } = await inPage(async ({ em, scope }) => ({
    days: (await listDays(em, scope)).days,
    due: await dueList(em, scope, serverDay()),
  }));
  const chosen = (typeof ids === 'string' ? ids.split(',') : []).filter(isId);
  return <DaysPage days={days} firstDue={due} chosenIds={chosen} />;
}
