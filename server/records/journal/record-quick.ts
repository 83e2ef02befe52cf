/** Keeping what was done to plants: one transaction for all of them, kept once however often it is sent. */
import { randomUUID } from 'node:crypto';
import { LockMode } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import { PlantEvent } from './entity';
import { Plant, type PlantRow } from '../plants/entity';
import type { Scope } from '../collections/scope';
import { placeAsKept, placeKeyOf } from '../places/repository';
import { writeOnce } from '../../runtime/database/write-once';
import { livesChanged } from '../changes/lives';
import type { BatchKept } from './quick-entry-schemas';
import { newQuick } from './new-entry';
import { type QuickInput, keptSchemas } from './quick-schemas';

export type QuickRecorded =
  | ({ readonly status: 'recorded' | 'known already' } & BatchKept)
  | { readonly status: 'no such plants'; readonly missing: readonly string[] };

/** The batch that was kept under a key; null where none was. */
async function batchOfKey(em: EntityManager, scope: Scope, key: string): Promise<QuickRecorded | null> {
  const first = await em.findOne(PlantEvent, { collection: scope.collectionId, idempotencyKey: `${key}:0` });
  if (!first?.batchId) return null;
  const { batchId } = first;
  const plants = await em.count(PlantEvent, { collection: scope.collectionId, batchId });
  return { status: 'known already', batchId, plants };
}

export async function recordQuick(em: EntityManager, scope: Scope, input: QuickInput): Promise<QuickRecorded> {
  const key = input.idempotencyKey ?? randomUUID();
  return writeOnce(
    em,
    (reading) => batchOfKey(reading, scope, key),
    (inside) => record(inside, scope, key, input),
    { collectionId: scope.collectionId, key, kind: input.kind, said: input },
  );
}

type LastCase = Readonly<Record<string, unknown>>;

/** A plant that is moved stands somewhere else from now on; where it stood goes into its life. */
function moved(plant: PlantRow, details: Extract<QuickInput, { kind: 'moved' }>['details']) {
  const lastCase = plant.lastCase as LastCase;
  const from = { place: lastCase.place, spot: plant.spot };
  plant.lastCase = { ...lastCase, place: details.place };
  plant.spot = details.spot || null;
  plant.version += 1;
  return { ...details, from };
}

async function record(em: EntityManager, scope: Scope, key: string, input: QuickInput): Promise<QuickRecorded> {
  const { kind, happenedOn } = input;
  const plantIds = [...new Set(input.plantIds)];
  const plants = await em.find(
    Plant,
    { id: { $in: plantIds }, collection: scope.collectionId, deletedAt: null },
    // Two who write about the same plants meet at the first of them, and never in a ring; two who move them take turns.
    { lockMode: kind === 'moved' ? LockMode.PESSIMISTIC_WRITE : LockMode.PESSIMISTIC_READ, orderBy: { id: 'asc' } },
  );
  const byId = new Map(plants.map((plant) => [plant.id, plant]));
  const missing = plantIds.filter((id) => !byId.has(id));
  if (missing.length > 0) return { status: 'no such plants', missing };
  const batchId = randomUUID();
  plantIds.forEach((id, n) => {
    const plant = byId.get(id)!;
    newQuick(em, scope, {
      plant,
      kind,
      happenedOn,
      data: kind === 'moved' ? moved(plant, input.details) : input.details,
      idempotencyKey: `${key}:${n}`,
      batchId,
    });
  });
  await em.flush();
  await livesChanged(em, plantIds);
  return { status: 'recorded', batchId, plants: plantIds.length };
}

/** A move that is taken back takes the plant back, unless it was moved again since; brought back, it goes there again. */
export async function moveBack(
  em: EntityManager,
  scope: Scope,
  plant: PlantRow,
  data: unknown,
  isHidden: boolean,
): Promise<void> {
  const parsed = keptSchemas.moved.safeParse(data);
  if (!parsed.success || parsed.data.from === undefined) return;
  const { place, spot, from } = parsed.data;
  const there = { place, spot: spot || null };
  const [is, becomes] = isHidden ? [there, from] : [from, there];
  const lastCase = plant.lastCase as LastCase;
  if (placeKeyOf(lastCase.place) !== placeKeyOf(is.place)) return;
  plant.lastCase = { ...lastCase, place: await placeAsKept(em, scope, becomes.place) };
  plant.spot = becomes.spot;
  plant.version += 1;
}
