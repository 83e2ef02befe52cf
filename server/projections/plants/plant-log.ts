/** Plants and what a list shows of them. */
import type { EntityManager } from '@mikro-orm/postgresql';
import { lifeOf } from '../../records/journal/record';
import { needsOfPlant } from '../due/repository';
import { serverDay } from '../../runtime/http/day';
import { listAftercare } from '../aftercare/repository';
import type { Scope } from '../../records/collections/scope';
import { Plant, type PlantRow } from '../../records/plants/entity';
import type { PlantLog } from './schemas';
import { summaryColumns, summaryOf, type SummaryRow } from './summary';

export async function findPlant(em: EntityManager, scope: Scope, plantId: string): Promise<PlantRow | null> {
  return em.findOne(Plant, { id: plantId, collection: scope.collectionId, deletedAt: null });
}

const summary = `select ${summaryColumns} from (
    select plant.*, plant_state.* from plant join plant_state on plant_state.plant_id = plant.id
    where plant.id = ? and plant.collection_id = ?
  ) shown`;

/** A plant with its life, newest first, and what it needs; null when there is none of that id. today: YYYY-MM-DD. */
export async function plantLog(
  em: EntityManager,
  scope: Scope,
  plantId: string,
  today = serverDay(),
): Promise<PlantLog | null> {
  const plant = await findPlant(em, scope, plantId);
  if (!plant) return null;
  const [row] = await em.execute<SummaryRow[]>(summary, [plantId, scope.collectionId]);
  return {
    ...summaryOf(row!),
    source: plant.source ?? null,
    acquiredOn: plant.acquiredOn ?? null,
    version: plant.version,
    lastCase: plant.lastCase,
    ...(await needsOfPlant(em, scope, plantId, today)),
    nursing: (await listAftercare(em, scope, today, plantId)).tasks,
    ...(await lifeOf(em, scope, plantId)),
    partOf: await partOf(em, scope, plant),
  };
}

/** A division's life began in another plant, put away or not. */
async function partOf(em: EntityManager, scope: Scope, plant: PlantRow): Promise<PlantLog['partOf']> {
  const { dividedFromId: plantId, dividedOn: until } = plant;
  if (plantId === null || until === null || plantId === undefined || until === undefined) return null;
  const whole = await em.findOneOrFail(Plant, { id: plantId, collection: scope.collectionId });
  return { plantId, name: whole.name, until, ...(await lifeOf(em, scope, plantId, until)) };
}

/** Hides or brings back a plant; false when there is none of that id. */
export async function setPlantHidden(
  em: EntityManager,
  scope: Scope,
  plantId: string,
  hiddenAt: Date | null,
): Promise<boolean> {
  const plant = await em.findOne(Plant, { id: plantId, collection: scope.collectionId });
  if (!plant) return false;
  plant.deletedAt = hiddenAt;
  await em.flush();
  return true;
}
