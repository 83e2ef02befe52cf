import { inPage } from '@server/api/in-page';
import { listFacets, listPlants } from '@server/projections/plants/list';
import { listQueryIn } from '@server/projections/plants/list-query';
import { PlantList } from '@ui/features/plants/plant-list';
import styles from '@ui/features/plants/plants.module.css';

export const dynamic = 'force-dynamic';

interface Asked {
  readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>>;
}

export default async function PlantsPage({ searchParams }: Asked) {
  const asked = new URLSearchParams(
    Object.entries(await searchParams).flatMap(([key, value]) => (typeof value === 'string' ? [[key, value]] : [])),
  );
  asked.delete('after');
  const { page, facets } = await inPage(async ({ em, scope }) => ({
    page: await listPlants(em, scope, listQueryIn(asked)),
    facets: await listFacets(em, scope),
  }));
  return (
    <div className={styles.page}>
      <h1>Plants</h1>
      <PlantList asked={Object.fromEntries(asked)} firstPage={page} firstFacets={facets} />
    </div>
  );
}
