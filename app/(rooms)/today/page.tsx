import { serverDay } from '@server/runtime/http/day';
import { inPage } from '@server/api/in-page';
import { listAftercare } from '@server/projections/aftercare/repository';
import { dueList } from '@server/projections/due/repository';
import { listSignWatch } from '@server/projections/sign-watch/repository';
import { TodayView } from '@ui/features/today/today';

export const dynamic = 'force-dynamic';

export default async function TodayPage() {
  const { due, waiting, nursing } = await inPage(async ({ em, scope }) => ({
    due: await dueList(em, scope, serverDay()),
    waiting: await listSignWatch(em, scope),
    nursing: await listAftercare(em, scope, serverDay()),
  }));
  return <TodayView firstDue={due} firstWaiting={waiting} firstNursing={nursing} />;
}
