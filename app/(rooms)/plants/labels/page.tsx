import { MOST_PER_PAGE } from '@server/runtime/http/page';
import { inPage } from '@server/api/in-page';
import { listPlants } from '@server/projections/plants/list';
import { listQueryIn } from '@server/projections/plants/list-query';
import { Labels } from '@ui/features/plants/labels';

export const dynamic = 'force-dynamic';

interface Asked {
  readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>>;
}

/** Labels of the plants that the list shows, or of those that are named. */
export default async function LabelsPage({ searchParams }: Asked) {
  const asked = new URLSearchParams(
    Object.entries(await searchParams).flatMap(([key, value]) => (typeof value === 'string' ? [[key, value]] : [])),
  );
  const wish = { ...listQueryIn(asked), limit: MOST_PER_PAGE, after: null };
  const { plants, total } = await inPage(({ em, scope }) => listPlants(em, scope, wish));
  return <Labels plants={plants} total={total} />;
}
