import { serverDay } from '@server/http/day';
import { inPage } from '@server/http/in-page';
import { nursingList } from '@server/nursing/repository';
import { dueList } from '@server/due/repository';
import { listWaiting } from '@server/waiting/repository';
import { TodayView } from '@ui/features/today/today';

export const dynamic = 'force-dynamic';

export default async function TodayPage() {
  const { due, waiting, nursing } = await inPage(async ({ em, scope }) => ({
    due: await dueList(em, scope, serverDay()),
    waiting: await listWaiting(em, scope),
    nursing: await nursingList(em, scope, serverDay()),
  }));
  return <TodayView firstDue={due} firstWaiting={waiting} firstNursing={nursing} />;
}
