import { listPlants } from '@server/collection/plants';
import { entityManager } from '@server/db/orm';
import { PlantList } from '@ui/plants/plant-list';
import styles from '@ui/plants/plants.module.css';

export const dynamic = 'force-dynamic';

export default async function PlantsPage() {
  const plants = await listPlants(await entityManager());
  return (
    <div className={styles.page}>
      <h1>Plants</h1>
      <PlantList plants={plants} />
    </div>
  );
}
