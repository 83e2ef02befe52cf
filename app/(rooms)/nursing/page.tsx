import { serverDay } from '@server/http/day';
import { inPage } from '@server/http/in-page';
import { nursingList } from '@server/nursing/repository';
import { NursingPage } from '@ui/features/nursing/nursing-page';

export const dynamic = 'force-dynamic';

export default async function Page() {
  return <NursingPage first={await inPage(({ em, scope }) => nursingList(em, scope, serverDay()))} />;
}
