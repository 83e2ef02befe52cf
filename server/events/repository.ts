/** Events of plants. Every write is one transaction; hiding is the only change. */
import { randomUUID } from 'node:crypto';
import { LockMode, UniqueConstraintViolationException } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import { demoPlaces, genusIdOf, makeRecipe, questionVersions, specId } from '@core';
import { GrowersCollection } from '../collections/entity';
import { Plant, type PlantRow } from '../plants/entity';
import type { Scope } from '../scope';
import { PlantEvent } from './entity';
import { readEvent } from './read';
import { eventShapes, type PottingEntry, type PottingInput, type UnreadableEntry } from './schemas';

const MOST_TITLE = 200;
/** A plant's page shows so many entries; hardly any plant is potted more often. */
const MOST_ENTRIES = 500;

export interface Pottings {
  readonly pottings: readonly PottingEntry[];
  readonly unreadable: readonly UnreadableEntry[];
}

/** The log of a plant, newest first. */
export async function pottingsOf(em: EntityManager, scope: Scope, plantId: string): Promise<Pottings> {
  const rows = await em.find(
    PlantEvent,
    { collection: scope.collectionId, plant: plantId, hiddenAt: null },
    { orderBy: { happenedOn: 'desc', recordedAt: 'desc' }, limit: MOST_ENTRIES },
  );
  const read = rows.map(readEvent);
  return {
    pottings: read.flatMap((event) => (event.status === 'read' ? [event.entry] : [])),
    unreadable: read.flatMap((event) => (event.status === 'unreadable' ? [event.entry] : [])),
  };
}

export type Recorded =
  | { readonly status: 'recorded' | 'known already'; readonly plantId: string }
  | { readonly status: 'no such plant' }
  | { readonly status: 'changed meanwhile'; readonly current: { readonly name: string; readonly version: number } };

async function eventOfKey(em: EntityManager, scope: Scope, idempotencyKey: string) {
  return em.findOne(PlantEvent, { collection: scope.collectionId, idempotencyKey });
}

/**
 * Keeps a potting with its plant, plan, recipe and date, all or nothing; the same key twice keeps it once.
 * title: what a list shows of it.
 */
export async function recordPotting(
  em: EntityManager,
  scope: Scope,
  input: PottingInput,
  title: string,
): Promise<Recorded> {
  const key = input.idempotencyKey ?? randomUUID();
  try {
    return await em.transactional((inside) => record(inside, scope, input, title, key));
  } catch (error) {
    // Two taps at the same moment: the other one was first.
    if (!(error instanceof UniqueConstraintViolationException)) throw error;
    const known = await eventOfKey(em.fork(), scope, key);
    if (!known) throw error;
    return { status: 'known already', plantId: known.plant.id };
  }
}

async function record(
  em: EntityManager,
  scope: Scope,
  input: PottingInput,
  title: string,
  key: string,
): Promise<Recorded> {
  const known = await eventOfKey(em, scope, key);
  if (known) return { status: 'known already', plantId: known.plant.id };
  const found = input.plantId === null ? newPlant(em, scope, input) : await changedPlant(em, scope, input);
  if ('status' in found) return found;
  const { plant } = found;
  const { planCase, spec, note, pottedOn } = input;
  em.create(PlantEvent, {
    id: randomUUID(),
    collection: em.getReference(GrowersCollection, scope.collectionId),
    plant,
    kind: 'potted',
    happenedOn: pottedOn,
    recordedAt: new Date(),
    idempotencyKey: key,
    title: title.slice(0, MOST_TITLE),
    data: { planCase, spec: { ...spec, id: specId(spec) }, recipe: makeRecipe(planCase, demoPlaces, spec), note },
    dataVersion: eventShapes.potted.versions.newest,
    hiddenAt: null,
  });
  await em.flush();
  return { status: 'recorded', plantId: plant.id };
}

function newPlant(em: EntityManager, scope: Scope, input: PottingInput): { readonly plant: PlantRow } {
  const plant = em.create(Plant, {
    id: randomUUID(),
    collection: em.getReference(GrowersCollection, scope.collectionId),
    name: input.plantName,
    genusId: genusIdOf(input.planCase),
    lastCase: input.planCase,
    caseVersion: questionVersions.newest,
    version: 1,
    createdAt: new Date(),
    deletedAt: null,
  });
  return { plant };
}

async function changedPlant(
  em: EntityManager,
  scope: Scope,
  input: PottingInput,
): Promise<{ readonly plant: PlantRow } | Recorded> {
  const plant = await em.findOne(
    Plant,
    { id: input.plantId!, collection: scope.collectionId, deletedAt: null },
    // Two writers take turns.
    { lockMode: LockMode.PESSIMISTIC_WRITE },
  );
  if (!plant) return { status: 'no such plant' };
  const { name, version } = plant;
  // Who names no version has not seen what would be changed.
  if (input.plantVersion !== version) {
    return { status: 'changed meanwhile', current: { name, version } };
  }
  plant.name = input.plantName;
  plant.genusId = genusIdOf(input.planCase);
  plant.lastCase = input.planCase;
  plant.caseVersion = questionVersions.newest;
  plant.version = version + 1;
  return { plant };
}

/** Hides or brings back one entry of the log; false when there is none of that id. */
export async function setEventHidden(
  em: EntityManager,
  scope: Scope,
  eventId: string,
  hiddenAt: Date | null,
): Promise<boolean> {
  const event = await em.findOne(PlantEvent, { id: eventId, collection: scope.collectionId });
  if (!event) return false;
  event.hiddenAt = hiddenAt;
  await em.flush();
  return true;
}
