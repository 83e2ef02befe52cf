/** Plants and what a list shows of them. */
import type { EntityManager } from '@mikro-orm/postgresql';
import { lifeOf } from '../events/repository';
import { cursorOf, type PageWish, readCursor } from '../http/page';
import type { Scope } from '../scope';
import { Plant, type PlantRow } from './entity';
import type { PlantLog, PlantPage } from './schemas';
import { summaryColumns, summaryOf, type SummaryRow } from './summary';

/** One query for a whole page, by name. */
const summaries = `
  select ${summaryColumns('plant')}
  where plant.collection_id = ? and plant.deleted_at is null
    and (?::text is null or (plant.name, plant.id) > (?, ?::uuid))
  order by plant.name, plant.id
  limit ?`;

export async function listPlants(em: EntityManager, scope: Scope, { limit, after }: PageWish): Promise<PlantPage> {
  const from = readCursor(after);
  const rows = await em.execute<SummaryRow[]>(summaries, [
    scope.collectionId,
    from?.name ?? null,
    from?.name ?? null,
    from?.id ?? null,
    limit + 1,
  ]);
  const shown = rows.slice(0, limit);
  const last = shown[shown.length - 1];
  return {
    plants: shown.map(summaryOf),
    next: rows.length > limit && last ? cursorOf(last) : null,
  };
}

export async function findPlant(em: EntityManager, scope: Scope, plantId: string): Promise<PlantRow | null> {
  return em.findOne(Plant, { id: plantId, collection: scope.collectionId, deletedAt: null });
}

/** A plant with its log, newest first; null when there is none of that id. */
export async function plantLog(em: EntityManager, scope: Scope, plantId: string): Promise<PlantLog | null> {
  const plant = await findPlant(em, scope, plantId);
  if (!plant) return null;
  const { pottings, inspections, looks, unreadable } = await lifeOf(em, scope, plantId);
  const [last] = pottings;
  return {
    id: plant.id,
    name: plant.name,
    genusId: plant.genusId,
    lastPotting: last ? { pottedOn: last.pottedOn, title: last.title } : null,
    version: plant.version,
    lastCase: plant.lastCase,
    pottings: [...pottings],
    inspections: [...inspections],
    looks: [...looks],
    unreadable: [...unreadable],
  };
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
