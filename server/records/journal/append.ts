/** Appends an entry to the life of a plant, all or nothing; the same key twice appends it once. */
import { randomUUID } from 'node:crypto';
import type { EntityManager } from '@mikro-orm/postgresql';
import type { PlantRow } from '../plants/entity';
import type { Scope } from '../collections/scope';
import { NoSuchStockError } from '../stock/repository';
import { PlantEvent } from './entity';
import { newEntry } from './new-entry';
import { writeOnce } from '../../runtime/database/write-once';
import { livesChanged } from '../changes/lives';
import type { EventKind } from './schemas';

export type Recorded =
  | { readonly status: 'recorded' | 'known already'; readonly plantId: string }
  | { readonly status: 'no such plant' }
  | { readonly status: 'no such stock' }
  | { readonly status: 'changed meanwhile'; readonly current: { readonly name: string; readonly version: number } };

export interface NewEvent {
  readonly kind: EventKind;
  /** YYYY-MM-DD */
  readonly happenedOn: string;
  /** What a list shows of it. */
  readonly title: string;
  readonly data: object;
  readonly dataVersion: number;
}

/** The plant it happens to, found or made inside the same transaction; or why there is none. */
export type PlantFor = (em: EntityManager) => Promise<{ readonly plant: PlantRow } | Recorded>;

/** What is written together with the event, inside its transaction. */
export type Alongside = (
  em: EntityManager,
  event: { readonly id: string; readonly happenedOn: string },
) => Promise<void>;

/** The entry that was kept under a key; null where none was. */
const knownUnder =
  (scope: Scope, idempotencyKey: string) =>
  async (em: EntityManager): Promise<Recorded | null> => {
    const known = await em.findOne(PlantEvent, { collection: scope.collectionId, idempotencyKey });
    return known && { status: 'known already', plantId: known.plant.id };
  };

/** said: all that was sent, for which the key stands. */
export async function appendOnce(
  em: EntityManager,
  scope: Scope,
  givenKey: string | undefined,
  plantFor: PlantFor,
  event: NewEvent,
  said: unknown,
  alongside?: Alongside,
): Promise<Recorded> {
  const key = givenKey ?? randomUUID();
  try {
    return await writeOnce(
      em,
      knownUnder(scope, key),
      (inside) => append(inside, scope, key, plantFor, event, alongside),
      { collectionId: scope.collectionId, key, kind: event.kind, said },
    );
  } catch (error) {
    if (error instanceof NoSuchStockError) return { status: 'no such stock' };
    throw error;
  }
}

async function append(
  em: EntityManager,
  scope: Scope,
  key: string,
  plantFor: PlantFor,
  event: NewEvent,
  alongside: Alongside | undefined,
): Promise<Recorded> {
  const found = await plantFor(em);
  if ('status' in found) return found;
  const { plant } = found;
  const id = newEntry(em, scope, { ...event, plant, idempotencyKey: key, batchId: null });
  await em.flush();
  await alongside?.(em, { id, happenedOn: event.happenedOn });
  await livesChanged(em, [plant.id]);
  return { status: 'recorded', plantId: plant.id };
}
