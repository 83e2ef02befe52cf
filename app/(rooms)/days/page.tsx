import { listDays } from '@server/days/repository';
import { dueList } from '@server/due/repository';
import { serverDay } from '@server/http/day';
import { isId } from '@server/http/ids';
import { inPage } from '@server/http/in-page';
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
