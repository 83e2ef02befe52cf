import { inPage } from '@server/http/in-page';
import { listFacets, listPlants } from '@server/plants/list';
import { anyPlant } from '@server/plants/wish';
import { listWaiting } from '@server/waiting/repository';
import { PlantList } from '@ui/features/plants/plant-list';
import styles from '@ui/features/plants/plants.module.css';
import { WaitingPlants } from '@ui/features/plants/waiting-list';

export const dynamic = 'force-dynamic';

export default async function PlantsPage() {
  const { page, waiting } = await inPage(async ({ em, scope }) => ({
    page: await listPlants(em, scope, anyPlant),
    waiting: await listWaiting(em, scope),
  }));
  return (
    <div className={styles.page}>
      <h1>Plants</h1>
      <WaitingPlants first={waiting} />
      <PlantList firstPage={page} />
    </div>
  );
}
