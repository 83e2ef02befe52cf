/** Events of plants. Every write is one transaction; hiding is the only change. */
import { LockMode } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import { randomUUID } from 'node:crypto';
import { genusIdOf, inspectionVersions, makeRecipe, questionVersions, specId } from '@core';
import { type QuickEntry, quickKinds } from './quick-entry-schemas';
import { GrowersCollection } from '../collections/entity';
import { Plant, type PlantRow } from '../plants/entity';
import type { Scope } from '../collections/scope';
import { placeAsKept } from '../places/repository';
import { takeForPotting } from '../stock/repository';
import { PlantEvent } from './entity';
import { appendOnce, type PlantFor, type Recorded } from './append';
import { readEvent } from './read';
import type { InspectionEntry, SignCheckEntry, PlanEntry, PottingEntry, UnreadableEntry } from './entry-schemas';
import { eventShapes, type InspectionInput, type SignCheckInput, type PlanInput, type PottingInput } from './schemas';

/** A plant's page shows so many entries; hardly any plant has more. */
const MOST_ENTRIES = 500;
/** Of waterings and the like it shows the newest. */
const MOST_QUICK = 300;

export interface Life {
  readonly plans: PlanEntry[];
  readonly pottings: PottingEntry[];
  readonly inspections: InspectionEntry[];
  readonly looks: SignCheckEntry[];
  /** The newest of what was done to it. */
  readonly care: QuickEntry[];
  readonly unreadable: UnreadableEntry[];
}

/** What happened to a plant by its kinds, each newest first. until: YYYY-MM-DD; what came after is left out. */
export async function lifeOf(
  em: EntityManager,
  scope: Scope,
  plantId: string,
  until: string | null = null,
): Promise<Life> {
  const upTo = until === null ? {} : { happenedOn: { $lte: until } };
  const ofPlant = { collection: scope.collectionId, plant: plantId, hiddenAt: null, ...upTo };
  const orderBy = { happenedOn: 'desc', recordedAt: 'desc' } as const;
  const rows = await em.find(PlantEvent, { ...ofPlant, kind: { $nin: quickKinds } }, { orderBy, limit: MOST_ENTRIES });
  const quickRows = await em.find(
    PlantEvent,
    { ...ofPlant, kind: { $in: quickKinds } },
    { orderBy, limit: MOST_QUICK },
  );
  const read = [...rows, ...quickRows].map(readEvent);
  return {
    plans: read.flatMap((event) => (event.status === 'planned' ? [event.entry] : [])),
    pottings: read.flatMap((event) => (event.status === 'potted' ? [event.entry] : [])),
    inspections: read.flatMap((event) => (event.status === 'inspected' ? [event.entry] : [])),
    looks: read.flatMap((event) => (event.status === 'looked' ? [event.entry] : [])),
    care: read.flatMap((event) => (event.status === 'care' ? [event.entry] : [])),
    unreadable: read.flatMap((event) => (event.status === 'unreadable' ? [event.entry] : [])),
  };
}

/** What a potting keeps: its recipe is worked out from its setup, never sent. */
export const pottedData = ({ planCase, spec, note }: Pick<PottingInput, 'planCase' | 'spec' | 'note'>) => ({
  planCase,
  spec: { ...spec, id: specId(spec) },
  recipe: makeRecipe(planCase, spec),
  note,
});

/**
 * Keeps a potting with its plant, plan, recipe and date. title: what a list shows of it.
 */
export async function recordPotting(
  em: EntityManager,
  scope: Scope,
  input: PottingInput,
  title: string,
): Promise<Recorded> {
  const { pottedOn } = input;
  return appendOnce(
    em,
    scope,
    input.idempotencyKey,
    async (inside) => (input.plantId === null ? newPlant(inside, scope, input) : changedPlant(inside, scope, input)),
    {
      kind: 'potted',
      happenedOn: pottedOn,
      title,
      data: pottedData(input),
      dataVersion: eventShapes.potted.versions.newest,
    },
    input,
    async (inside, event) =>
      takeForPotting(inside, scope, event, { takes: input.takes ?? [], gives: input.gives ?? [] }),
  );
}

/** Keeps a setup that is meant for a plant. It changes nothing of a plant on file. */
export async function recordPlan(em: EntityManager, scope: Scope, input: PlanInput, title: string): Promise<Recorded> {
  const { planCase, spec, note, forOn, plannedOn } = input;
  return appendOnce(
    em,
    scope,
    input.idempotencyKey,
    onFile(scope, input),
    {
      kind: 'planned',
      happenedOn: plannedOn,
      title,
      data: { planCase, spec: { ...spec, id: specId(spec) }, forOn, note },
      dataVersion: eventShapes.planned.versions.newest,
    },
    input,
  );
}

const INSPECTED_TITLE = 'Looked over';

/** Keeps what was seen of a plant. It changes nothing of a plant on file, so that two who look at once are both kept. */
export async function recordInspection(em: EntityManager, scope: Scope, input: InspectionInput): Promise<Recorded> {
  return appendOnce(
    em,
    scope,
    input.idempotencyKey,
    onFile(scope, input),
    {
      kind: 'inspected',
      happenedOn: input.inspectedOn,
      title: INSPECTED_TITLE,
      data: input.inspection,
      dataVersion: inspectionVersions.newest,
    },
    input,
  );
}

/** Keeps a look at a plant that waits for a sign. */
export async function recordSignCheck(em: EntityManager, scope: Scope, input: SignCheckInput): Promise<Recorded> {
  const { sign, risk, answer, lookOn, lookedOn } = input;
  return appendOnce(
    em,
    scope,
    input.idempotencyKey,
    onFile(scope, input),
    {
      kind: 'looked',
      happenedOn: lookedOn,
      title: answer,
      data: { sign, risk, answer, lookOn },
      dataVersion: eventShapes.looked.versions.newest,
    },
    input,
  );
}

/** A plant on file as it stands there, or a new one: what is only seen of it changes nothing else. */
const onFile =
  (scope: Scope, input: Pick<InspectionInput, 'plantId' | 'plantName' | 'planCase'>): PlantFor =>
  async (em) =>
    input.plantId === null ? newPlant(em, scope, input) : knownPlant(em, scope, input.plantId);

async function knownPlant(
  em: EntityManager,
  scope: Scope,
  plantId: string,
): Promise<{ readonly plant: PlantRow } | Recorded> {
  const plant = await em.findOne(Plant, { id: plantId, collection: scope.collectionId, deletedAt: null });
  return plant ? { plant } : { status: 'no such plant' };
}

export function newPlant(
  em: EntityManager,
  scope: Scope,
  input: Pick<PottingInput, 'plantName' | 'planCase'>,
): { readonly plant: PlantRow } {
  const plant = em.create(Plant, {
    id: randomUUID(),
    collection: em.getReference(GrowersCollection, scope.collectionId),
    name: input.plantName,
    genusId: genusIdOf(input.planCase),
    lastCase: input.planCase,
    caseVersion: questionVersions.newest,
    tagNumber: null,
    parentage: null,
    source: null,
    acquiredOn: null,
    spot: null,
    flag: null,
    dividedFromId: null,
    dividedOn: null,
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
  // Planned while the place was corrected, it stands in the corrected air all the same.
  plant.lastCase = { ...input.planCase, place: await placeAsKept(em, scope, input.planCase.place) };
  plant.caseVersion = questionVersions.newest;
  plant.version = version + 1;
  return { plant };
}
