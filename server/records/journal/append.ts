/** Keeps an event of a plant, all or nothing; the same key twice keeps it once. */
import { randomUUID } from 'node:crypto';
import { UniqueConstraintViolationException } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import { GrowersCollection } from '../collections/entity';
import type { PlantRow } from '../plants/entity';
import type { Scope } from '../collections/scope';
import { NoSuchStockError } from '../stock/repository';
import { PlantEvent } from './entity';
import { refreshStandings } from '../../projections/plant-state/refresh';
import type { EventKind } from './schemas';

export const MOST_TITLE = 200;

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

async function eventOfKey(em: EntityManager, scope: Scope, idempotencyKey: string) {
  return em.findOne(PlantEvent, { collection: scope.collectionId, idempotencyKey });
}

export async function keepEvent(
  em: EntityManager,
  scope: Scope,
  givenKey: string | undefined,
  plantFor: PlantFor,
  event: NewEvent,
  alongside?: Alongside,
): Promise<Recorded> {
  const key = givenKey ?? randomUUID();
  try {
    return await em.transactional((inside) => keep(inside, scope, key, plantFor, event, alongside));
  } catch (error) {
    if (error instanceof NoSuchStockError) return { status: 'no such stock' };
    // Two taps at the same moment: the other one was first.
    if (!(error instanceof UniqueConstraintViolationException)) throw error;
    const known = await eventOfKey(em.fork(), scope, key);
    if (!known) throw error;
    return { status: 'known already', plantId: known.plant.id };
  }
}

async function keep(
  em: EntityManager,
  scope: Scope,
  key: string,
  plantFor: PlantFor,
  event: NewEvent,
  alongside: Alongside | undefined,
): Promise<Recorded> {
  const known = await eventOfKey(em, scope, key);
  if (known) return { status: 'known already', plantId: known.plant.id };
  const found = await plantFor(em);
  if ('status' in found) return found;
  const id = randomUUID();
  em.create(PlantEvent, {
    id,
    collection: em.getReference(GrowersCollection, scope.collectionId),
    plant: found.plant,
    ...event,
    title: event.title.slice(0, MOST_TITLE),
    recordedAt: new Date(),
    idempotencyKey: key,
    batchId: null,
    version: 1,
    hiddenAt: null,
  });
  await em.flush();
  await alongside?.(em, { id, happenedOn: event.happenedOn });
  await refreshStandings(em, [found.plant.id]);
  return { status: 'recorded', plantId: found.plant.id };
}
