/** Putting entries of plants' lives away and bringing them back, one or a whole batch; plants follow what their lives say. */
import { LockMode } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import { inTransaction } from '../../runtime/database/in-transaction';
import { moveBack } from './record-quick';
import { giveBack, takeAway } from './divided-shoots';
import { keptSchemas } from './quick-schemas';
import { Plant, type PlantRow } from '../plants/entity';
import type { Scope } from '../collections/scope';
import { livesChanged } from '../changes/lives';
import { PlantEvent } from './entity';

type Which = { readonly id: string } | { readonly batchId: string };

/** A division that is taken back gives its shoots back to the plant they came from. */
function divideBack(plant: PlantRow, data: unknown, isHidden: boolean): void {
  const parsed = keptSchemas.divided.safeParse(data);
  if (!parsed.success || parsed.data.went === undefined) return;
  if (isHidden) giveBack(plant, parsed.data.went);
  else takeAway(plant, parsed.data.went);
}

/** false where there are none. */
async function setHidden(em: EntityManager, scope: Scope, which: Which, hiddenAt: Date | null): Promise<boolean> {
  return inTransaction(em, async (inside) => {
    const events = await inside.find(
      PlantEvent,
      { ...which, collection: scope.collectionId },
      { orderBy: { id: 'asc' } },
    );
    const plantIds = [...new Set(events.map(({ plant }) => plant.id))];
    const turning = events.filter((event) => (event.hiddenAt === null) !== (hiddenAt === null));
    const moves = turning.filter(({ kind }) => kind === 'moved');
    const divisions = turning.filter(({ kind }) => kind === 'divided');
    const plants = await inside.find(
      Plant,
      { id: { $in: [...moves, ...divisions].map(({ plant }) => plant.id) } },
      { lockMode: LockMode.PESSIMISTIC_WRITE, orderBy: { id: 'asc' } },
    );
    const byId = new Map(plants.map((plant) => [plant.id, plant]));
    for (const { plant, data } of moves) await moveBack(inside, scope, byId.get(plant.id)!, data, hiddenAt !== null);
    for (const { plant, data } of divisions) divideBack(byId.get(plant.id)!, data, hiddenAt !== null);
    for (const event of turning) event.hiddenAt = hiddenAt;
    await inside.flush();
    await livesChanged(inside, plantIds);
    return events.length > 0;
  });
}

export const setEventHidden = (em: EntityManager, scope: Scope, id: string, hiddenAt: Date | null): Promise<boolean> =>
  setHidden(em, scope, { id }, hiddenAt);

export const setBatchHidden = (
  em: EntityManager,
  scope: Scope,
  batchId: string,
  hiddenAt: Date | null,
): Promise<boolean> => setHidden(em, scope, { batchId }, hiddenAt);
