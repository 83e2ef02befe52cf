/** Growers' own places. Deleting only hides. */
import { randomUUID } from 'node:crypto';
import type { EntityManager } from '@mikro-orm/postgresql';
import type { Place } from '@core';
import { Collection, StoredPlace } from '../db/entities';
import { HOME_COLLECTION_ID } from './collections';

const home = { collection: HOME_COLLECTION_ID } as const;

/** The own places, each under the id of its row. */
export async function listPlaces(em: EntityManager): Promise<readonly Place[]> {
  const rows = await em.find(StoredPlace, { ...home, deletedAt: null }, { orderBy: { name: 'asc' } });
  return rows.map((row) => ({ ...(row.air as Place), id: row.id }));
}

export async function savePlace(em: EntityManager, place: Place): Promise<Place> {
  const id = randomUUID();
  em.create(StoredPlace, {
    id,
    collection: em.getReference(Collection, HOME_COLLECTION_ID),
    name: place.name,
    air: place,
    createdAt: new Date(),
    deletedAt: null,
  });
  await em.flush();
  return { ...place, id };
}

/** Puts new air into a kept place; null when there is none of that id. */
export async function changePlace(em: EntityManager, placeId: string, place: Place): Promise<Place | null> {
  const row = await em.findOne(StoredPlace, { id: placeId, ...home, deletedAt: null });
  if (!row) return null;
  row.name = place.name;
  row.air = { ...place, id: placeId };
  await em.flush();
  return { ...place, id: placeId };
}

/** Hides or brings back a place; false when there is none of that id. */
export async function setPlaceDeleted(em: EntityManager, placeId: string, deletedAt: Date | null): Promise<boolean> {
  const row = await em.findOne(StoredPlace, { id: placeId, ...home });
  if (!row) return false;
  row.deletedAt = deletedAt;
  await em.flush();
  return true;
}
