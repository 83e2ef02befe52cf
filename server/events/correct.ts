/** Correcting an entry: its day, its note, and of what is done in a few touches all that was said. What it said is kept. */
import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { LockMode } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import type { Scope } from '../scope';
import { refreshStandings } from '../standings/refresh';
import { EventBefore, PlantEvent, type PlantEventRow } from './entity';
import type { Correction, EventHistory } from './correct-schemas';
import { type EventKind, eventShapes } from './schemas';

export type Corrected =
  | { readonly status: 'corrected'; readonly plantId: string; readonly version: number }
  | { readonly status: 'changed meanwhile'; readonly current: Correction; readonly version: number }
  | { readonly status: 'cannot be said of it'; readonly kind: string }
  | { readonly status: 'no such entry' };

const noteOf = ({ data }: PlantEventRow): string => {
  const { note } = data as { readonly note?: unknown };
  return typeof note === 'string' ? note : '';
};

const saidOf = (event: PlantEventRow): Correction => ({ happenedOn: event.happenedOn, note: noteOf(event) });

/** What it becomes; null where its kind has no such note, or this program cannot read it. */
function becomes(event: PlantEventRow, { note, details }: Correction): object | null {
  const { kind, dataVersion } = event;
  if (!Object.hasOwn(eventShapes, kind)) return null;
  // A look has no note, and where a plant went is put right by moving it.
  if ((kind === 'looked' && note !== '') || (kind === 'moved' && details !== undefined)) return null;
  const shape = eventShapes[kind as EventKind];
  if (dataVersion !== shape.versions.newest && (note !== noteOf(event) || details !== undefined)) return null;
  const said = note === '' && noteOf(event) === '' ? {} : { note };
  // null takes back what was said.
  const data = Object.fromEntries(
    Object.entries({ ...(event.data as object), ...details, ...said }).filter(([, value]) => value !== null),
  );
  return shape.schema.safeParse(data).success || isDeepStrictEqual(data, event.data) ? data : null;
}

export async function correctEvent(
  em: EntityManager,
  scope: Scope,
  eventId: string,
  correction: Correction,
  seenVersion: number | null,
): Promise<Corrected> {
  return em.transactional(async (inside): Promise<Corrected> => {
    const event = await inside.findOne(
      PlantEvent,
      { id: eventId, collection: scope.collectionId, hiddenAt: null },
      { lockMode: LockMode.PESSIMISTIC_WRITE },
    );
    if (!event) return { status: 'no such entry' };
    const data = becomes(event, correction);
    if (data === null) return { status: 'cannot be said of it', kind: event.kind };
    const { version } = event;
    const isThere = event.happenedOn === correction.happenedOn && isDeepStrictEqual(event.data, data);
    if (isThere && seenVersion !== null && seenVersion + 1 === version) {
      return { status: 'corrected', plantId: event.plant.id, version };
    }
    if (seenVersion !== version) return { status: 'changed meanwhile', current: saidOf(event), version };
    inside.create(EventBefore, {
      id: randomUUID(),
      event,
      version,
      happenedOn: event.happenedOn,
      data: event.data,
      dataVersion: event.dataVersion,
      replacedAt: new Date(),
    });
    event.happenedOn = correction.happenedOn;
    event.data = data;
    event.version = version + 1;
    await inside.flush();
    await refreshStandings(inside, [event.plant.id]);
    return { status: 'corrected', plantId: event.plant.id, version: version + 1 };
  });
}

/** What an entry said before its corrections, newest first; null when there is none of that id. */
export async function eventBefore(em: EntityManager, scope: Scope, eventId: string): Promise<EventHistory | null> {
  const event = await em.findOne(PlantEvent, { id: eventId, collection: scope.collectionId });
  if (!event) return null;
  const before = await em.find(EventBefore, { event }, { orderBy: { version: 'desc' } });
  return {
    before: before.map(({ version, happenedOn, data, replacedAt }) => ({
      version,
      happenedOn,
      data,
      replacedAt: replacedAt.toISOString(),
    })),
  };
}
