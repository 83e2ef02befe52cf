/** A place is corrected, by a reading or a better answer: every plant that stands there stands in the corrected air from now on. */
import { LockMode } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import type { Place } from '@core';
import { inTransaction } from '../../runtime/database/in-transaction';
import { livesChanged } from '../changes/lives';
import type { Scope } from '../collections/scope';
import { changePlace, type PlaceChanged } from '../places/repository';
import { Plant } from '../plants/entity';

const PLANTS_AT_ONCE = 200;

/** What was potted, felt or seen there keeps the air that was known then. */
async function correctPlants(em: EntityManager, scope: Scope, place: Place): Promise<void> {
  const found: readonly { readonly id: string }[] = await em.execute(
    `select id from plant where collection_id = ? and last_case->'place'->>'id' = ? order by id`,
    [scope.collectionId, place.id],
  );
  for (let from = 0; from < found.length; from += PLANTS_AT_ONCE) {
    const ids = found.slice(from, from + PLANTS_AT_ONCE).map(({ id }) => id);
    const plants = await em.find(
      Plant,
      { id: { $in: ids } },
      { lockMode: LockMode.PESSIMISTIC_WRITE, orderBy: { id: 'asc' } },
    );
    for (const plant of plants) {
      plant.lastCase = { ...(plant.lastCase as object), place };
      plant.version += 1;
    }
    await em.flush();
    await livesChanged(em, ids);
  }
}

/** As changePlace; the plants there, and those in a place made of it, follow in the same transaction. */
export async function changePlaceOfPlants(
  em: EntityManager,
  scope: Scope,
  placeId: string,
  place: Place,
  seenVersion: number | null,
): Promise<PlaceChanged> {
  return inTransaction(em, async (inside) => {
    const changed = await changePlace(inside, scope, placeId, place, seenVersion);
    if (changed.status !== 'changed') return changed;
    await inside.flush();
    for (const now of [changed.place, ...changed.madeOfIt]) await correctPlants(inside, scope, now);
    return changed;
  });
}
