import { serverDay } from '@server/runtime/http/day';
import { inPage } from '@server/api/in-page';
import { listAftercare } from '@server/projections/aftercare/repository';
import { AftercarePage } from '@ui/features/aftercare/aftercare-page';

export const dynamic = 'force-dynamic';

export default async function Page() {
  return <AftercarePage first={await inPage(({ em, scope }) => listAftercare(em, scope, serverDay()))} />;
}
