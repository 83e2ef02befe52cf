import { inPage } from '@server/http/in-page';
import { firstPage } from '@server/http/page';
import { listPlants } from '@server/plants/repository';
import { PlantList } from '@ui/features/plants/plant-list';
import styles from '@ui/features/plants/plants.module.css';

export const dynamic = 'force-dynamic';

export default async function PlantsPage() {
  const page = await inPage(({ em, scope }) => listPlants(em, scope, firstPage));
  return (
    <div className={styles.page}>
      <h1>Plants</h1>
      <PlantList firstPage={page} />
    </div>
  );
}
