/** Growers' own places. Deleting only hides. */
import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { LockMode } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import { inTransaction } from '../../runtime/database/in-transaction';
import { type DaysAway, demoPlaces, type Place, upgraded, withTimeAway } from '@core';
import { GrowersCollection } from '../collections/entity';
import { meetingOf } from '../../runtime/database/seen-version';
import { type FindKept, type KeptOnce, writeOnce } from '../../runtime/database/write-once';
import { cursorOf, type PageQuery, readCursor } from '../../runtime/http/page';
import { isId } from '../../runtime/http/ids';
import type { Scope } from '../collections/scope';
import { StoredPlace, type StoredPlaceRow } from './entity';
import { type PlacePage, placeVersions, wholePlaceSchema } from './schemas';

/** The place of a row, under the row's id; null when this program cannot read it. */
function placeOf(row: Pick<StoredPlaceRow, 'id' | 'air' | 'airVersion'>): Place | null {
  const current = upgraded(row.air, row.airVersion, placeVersions);
  if (current.status !== 'ok') return null;
  const parsed = wholePlaceSchema.safeParse(current.value);
  return parsed.success ? { ...parsed.data, id: row.id } : null;
}

/** The own places by name, each under the id of its row. */
export async function listPlaces(em: EntityManager, scope: Scope, { limit, after }: PageQuery): Promise<PlacePage> {
  const from = readCursor(after);
  const later = from ? { $or: [{ name: { $gt: from.name } }, { name: from.name, id: { $gt: from.id } }] } : {};
  const rows = await em.find(
    StoredPlace,
    { collection: scope.collectionId, deletedAt: null, ...later },
    { orderBy: { name: 'asc', id: 'asc' }, limit: limit + 1 },
  );
  const shown = rows.slice(0, limit);
  const last = shown[shown.length - 1];
  const read = shown.map((row) => ({ row, place: placeOf(row) }));
  return {
    places: read.flatMap(({ place }) => (place ? [place] : [])),
    versions: Object.fromEntries(shown.map((row) => [row.id, row.version])),
    unreadable: read.flatMap(({ row, place }) => (place ? [] : [{ id: row.id, name: row.name }])),
    next: rows.length > limit && last ? cursorOf(last) : null,
  };
}

/** Keeps a place; the same key twice keeps it once. */
export async function savePlaceOnce(
  em: EntityManager,
  scope: Scope,
  place: Place,
  idempotencyKey: string | null,
): Promise<KeptOnce<Place>> {
  const find: FindKept<KeptOnce<Place>> = async (reading) => {
    const row = await reading.findOne(StoredPlace, { collection: scope.collectionId, idempotencyKey });
    const known = row && placeOf(row);
    return known && { kept: known, wasKnown: true };
  };
  return writeOnce(
    em,
    idempotencyKey === null ? null : find,
    async (inside) => ({
      kept: await savePlace(inside, scope, place, idempotencyKey),
      wasKnown: false,
    }),
    idempotencyKey === null
      ? null
      : { collectionId: scope.collectionId, key: idempotencyKey, kind: 'place', said: place },
  );
}

export async function savePlace(
  em: EntityManager,
  scope: Scope,
  place: Place,
  idempotencyKey: string | null = null,
): Promise<Place> {
  const id = randomUUID();
  em.create(StoredPlace, {
    id,
    collection: em.getReference(GrowersCollection, scope.collectionId),
    name: place.name,
    air: { ...place, id },
    airVersion: placeVersions.newest,
    version: 1,
    idempotencyKey,
    createdAt: new Date(),
    deletedAt: null,
  });
  await em.flush();
  return { ...place, id };
}

export type PlaceChanged =
  | {
      readonly status: 'changed';
      readonly place: Place;
      readonly version: number;
      /** Places of two by date of which this is one: worked out anew with it. */
      readonly madeOfIt: readonly Place[];
    }
  | { readonly status: 'changed meanwhile'; readonly current: Place | null; readonly version: number }
  | { readonly status: 'no such place' };

/** Puts new air into a kept place, unless it was changed since the version that the writer saw (null: none, so it has not been seen). */
export async function changePlace(
  em: EntityManager,
  scope: Scope,
  placeId: string,
  place: Place,
  seenVersion: number | null,
): Promise<PlaceChanged> {
  return inTransaction(em, async (inside): Promise<PlaceChanged> => {
    const row = await inside.findOne(
      StoredPlace,
      { id: placeId, collection: scope.collectionId, deletedAt: null },
      { lockMode: LockMode.PESSIMISTIC_WRITE },
    );
    if (!row) return { status: 'no such place' };
    const isSent = () => isDeepStrictEqual(placeOf(row), { ...place, id: placeId });
    const meeting = meetingOf(seenVersion, row.version, isSent);
    if (meeting === 'there already') {
      return { status: 'changed', place: { ...place, id: placeId }, version: row.version, madeOfIt: [] };
    }
    if (meeting === 'changed meanwhile') return { status: meeting, current: placeOf(row), version: row.version };
    row.name = place.name;
    row.air = { ...place, id: placeId };
    row.airVersion = placeVersions.newest;
    row.version += 1;
    const now = { ...place, id: placeId };
    return { status: 'changed', place: now, version: row.version, madeOfIt: await makeAnew(inside, scope, now) };
  });
}

/** The places that plants stand in for a part of the year only follow those they are made of. */
async function makeAnew(em: EntityManager, scope: Scope, changed: Place): Promise<readonly Place[]> {
  const rows = await em.find(
    StoredPlace,
    { collection: scope.collectionId, deletedAt: null },
    { lockMode: LockMode.PESSIMISTIC_WRITE, orderBy: { id: 'asc' } },
  );
  const byId = new Map(rows.map((row) => [row.id, { row, place: row.id === changed.id ? changed : placeOf(row) }]));
  return [...byId.values()].flatMap(({ row, place }) => {
    if (!place?.timeAway || place.id === changed.id) return [];
    const { home, away, from, to } = place.timeAway;
    if (home.id !== changed.id && away.id !== changed.id) return [];
    const [homeNow, awayNow] = [home, away].map(({ id }) => byId.get(id)?.place ?? placeOfBook(id));
    // One that was deleted since is known by nobody any more: what was made of it stays as it is.
    if (!homeNow || !awayNow) return [];
    const days: DaysAway = { from, to };
    const now = { ...withTimeAway(homeNow, awayNow, days), id: row.id, name: place.name, note: place.note };
    row.air = now;
    row.airVersion = placeVersions.newest;
    row.version += 1;
    return [now];
  });
}

const placeOfBook = (id: string): Place | null => demoPlaces.find((place) => place.id === id) ?? null;

/** The place as it is kept now, where it is one of the grower's own; as it was said, where it is none any more. */
export async function placeAsKept<P>(em: EntityManager, scope: Scope, said: P): Promise<P> {
  const id = placeKeyOf(said);
  if (typeof said !== 'object' || !isId(id)) return said;
  const row = await em.findOne(StoredPlace, { id, collection: scope.collectionId, deletedAt: null });
  return ((row && placeOf(row)) ?? said) as P;
}

/** By what a place is told from another: its air may have been corrected since. */
export function placeKeyOf(said: unknown): string {
  if (typeof said === 'string') return said;
  const { id } = (said ?? {}) as { readonly id?: unknown };
  return typeof id === 'string' ? id : '';
}

/** Hides or brings back a place; false when there is none of that id. */
export async function setPlaceHidden(
  em: EntityManager,
  scope: Scope,
  placeId: string,
  hiddenAt: Date | null,
): Promise<boolean> {
  const row = await em.findOne(StoredPlace, { id: placeId, collection: scope.collectionId });
  if (!row) return false;
  row.deletedAt = hiddenAt;
  await em.flush();
  return true;
}
