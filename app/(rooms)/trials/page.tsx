import { isId } from '@server/http/ids';
import { inPage } from '@server/http/in-page';
import { listPlants } from '@server/plants/list';
import { wishIn } from '@server/plants/wish';
import { listTrials } from '@server/trials/repository';
import { TrialsPage } from '@ui/features/trials/trials-page';

export const dynamic = 'force-dynamic';

/** More than these nobody chooses from by name. */
const MOST_OFFERED = 500;

export default async function Page({ searchParams }: { readonly searchParams: Promise<{ ids?: string | string[] }> }) {
  const { ids } = await searchParams;
  const { trials, plants } = await inPage(async ({ em, scope }) => ({
    trials: await listTrials(em, scope),
    plants: (await listPlants(em, scope, { ...wishIn(new URLSearchParams()), limit: MOST_OFFERED })).plants,
  }));
  const chosen = (typeof ids === 'string' ? ids.split(',') : []).filter(isId);
  return <TrialsPage first={trials} plants={plants} chosenIds={chosen} />;
}
