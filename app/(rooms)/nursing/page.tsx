import { serverDay } from '@server/runtime/http/day';
import { inPage } from '@server/api/in-page';
import { nursingList } from '@server/projections/aftercare/repository';
import { NursingPage } from '@ui/features/nursing/nursing-page';

export const dynamic = 'force-dynamic';

export default async function Page() {
  return <NursingPage first={await inPage(({ em, scope }) => nursingList(em, scope, serverDay()))} />;
}
