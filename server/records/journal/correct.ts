/** Putting an entry right: its day and note, what was said, or what a plant was potted in. What it said before is kept. */
import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { LockMode } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import { inTransaction } from '../../runtime/database/in-transaction';
import { genusIdOf, type PlanCase, questionVersions } from '@core';
import { Plant } from '../plants/entity';
import type { Scope } from '../collections/scope';
import { placeAsKept, placeKeyOf } from '../places/repository';
import { meetingOf } from '../../runtime/database/seen-version';
import { livesChanged } from '../changes/lives';
import { takeInstead } from '../stock/repository';
import { EventBefore, PlantEvent, type PlantEventRow } from './entity';
import type { Correction, EventHistory } from './correct-schemas';
import { MOST_TITLE } from './new-entry';
import { pottedData } from './record';
import { type EventKind, eventShapes, type PottingRight } from './schemas';

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
  // Another setup makes another recipe: that is put right on the bench.
  if (details && ('spec' in details || 'planCase' in details)) return null;
  const shape = eventShapes[kind as EventKind];
  if (dataVersion !== shape.versions.newest && (note !== noteOf(event) || details !== undefined)) return null;
  const said = note === '' && noteOf(event) === '' ? {} : { note };
  // null takes back what was said.
  const data = Object.fromEntries(
    Object.entries({ ...(event.data as object), ...details, ...said }).filter(([, value]) => value !== null),
  );
  return shape.schema.safeParse(data).success || isDeepStrictEqual(data, event.data) ? data : null;
}

/** What an entry says once it is put right, and what is put right with it inside the same transaction. */
interface Right {
  readonly happenedOn: string;
  readonly data: object;
  readonly dataVersion?: number;
  readonly title?: string;
  readonly alongside?: (em: EntityManager) => Promise<void>;
}

/** rightOf: null where an entry of this kind cannot say that. */
async function putRight(
  em: EntityManager,
  scope: Scope,
  eventId: string,
  seenVersion: number | null,
  rightOf: (event: PlantEventRow) => Right | null,
): Promise<Corrected> {
  return inTransaction(em, async (inside): Promise<Corrected> => {
    const event = await inside.findOne(
      PlantEvent,
      { id: eventId, collection: scope.collectionId, hiddenAt: null },
      { lockMode: LockMode.PESSIMISTIC_WRITE },
    );
    if (!event) return { status: 'no such entry' };
    const right = rightOf(event);
    if (right === null) return { status: 'cannot be said of it', kind: event.kind };
    const { version } = event;
    const isThere = () => event.happenedOn === right.happenedOn && isDeepStrictEqual(event.data, right.data);
    const meeting = meetingOf(seenVersion, version, isThere);
    if (meeting === 'there already') return { status: 'corrected', plantId: event.plant.id, version };
    if (meeting === 'changed meanwhile') return { status: meeting, current: saidOf(event), version };
    inside.create(EventBefore, {
      id: randomUUID(),
      event,
      version,
      happenedOn: event.happenedOn,
      data: event.data,
      dataVersion: event.dataVersion,
      replacedAt: new Date(),
    });
    event.happenedOn = right.happenedOn;
    event.data = right.data;
    event.dataVersion = right.dataVersion ?? event.dataVersion;
    event.title = right.title ?? event.title;
    event.version = version + 1;
    await inside.flush();
    await right.alongside?.(inside);
    await livesChanged(inside, [event.plant.id]);
    return { status: 'corrected', plantId: event.plant.id, version: version + 1 };
  });
}

/** Its day, its note, and of what is done in a few touches all that was said. */
export const correctEvent = (
  em: EntityManager,
  scope: Scope,
  eventId: string,
  correction: Correction,
  seenVersion: number | null,
): Promise<Corrected> =>
  putRight(em, scope, eventId, seenVersion, (event) => {
    const data = becomes(event, correction);
    return data && { happenedOn: correction.happenedOn, data };
  });

/**
 * What a plant was potted in: another pot, another mix. Its recipe follows; what it took from stock is put right where that is said;
 * and the plant's case follows where it still is the one that came with this potting.
 */
export const correctPotting = (
  em: EntityManager,
  scope: Scope,
  eventId: string,
  right: PottingRight,
  title: string,
  seenVersion: number | null,
): Promise<Corrected> =>
  putRight(em, scope, eventId, seenVersion, (event) => {
    if (event.kind !== 'potted') return null;
    const { planCase: caseBefore } = event.data as { readonly planCase?: unknown };
    const data = pottedData(right);
    return {
      happenedOn: right.pottedOn,
      data,
      dataVersion: eventShapes.potted.versions.newest,
      title: title.slice(0, MOST_TITLE),
      alongside: async (inside) => {
        await followPotting(inside, scope, event.plant.id, caseBefore, right.planCase);
        if (right.takes ?? right.gives) {
          const stock = { takes: right.takes ?? [], gives: right.gives ?? [] };
          await takeInstead(inside, scope, { id: eventId, happenedOn: right.pottedOn, version: event.version }, stock);
        }
      },
    };
  });

/** A case without the air of its place, which may have been corrected since. */
const whereOnly = (planCase: unknown): object => {
  const { place, ...rest } = planCase as { readonly place?: unknown };
  return { ...rest, place: placeKeyOf(place) };
};

async function followPotting(
  em: EntityManager,
  scope: Scope,
  plantId: string,
  before: unknown,
  after: PlanCase,
): Promise<void> {
  const plant = await em.findOneOrFail(Plant, { id: plantId }, { lockMode: LockMode.PESSIMISTIC_WRITE });
  if (!isDeepStrictEqual(whereOnly(plant.lastCase), whereOnly(before))) return;
  plant.lastCase = { ...after, place: await placeAsKept(em, scope, after.place) };
  plant.genusId = genusIdOf(after);
  plant.caseVersion = questionVersions.newest;
  plant.version += 1;
  await em.flush();
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
