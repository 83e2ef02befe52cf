import { isId } from '@server/runtime/http/ids';
import { inPage } from '@server/api/in-page';
import { listPlants } from '@server/projections/plants/list';
import { listQueryIn } from '@server/projections/plants/list-query';
import { listTrials } from '@server/projections/trials/repository';
import { TrialsPage } from '@ui/features/trials/trials-page';

export const dynamic = 'force-dynamic';

/** More than these nobody chooses from by name. */
const MOST_OFFERED = 500;

export default async function Page({ searchParams }: { readonly searchParams: Promise<{ ids?: string | string[] }> }) {
  const { ids } = await searchParams;
  const { trials, plants } = await inPage(async ({ em, scope }) => ({
    trials: await listTrials(em, scope),
    plants: (await listPlants(em, scope, { ...listQueryIn(new URLSearchParams()), limit: MOST_OFFERED })).plants,
  }));
  const chosen = (typeof ids === 'string' ? ids.split(',') : []).filter(isId);
  return <TrialsPage first={trials} plants={plants} chosenIds={chosen} />;
}
