/** Plants and their log. Every write is one transaction; deleting only hides. */
import { randomUUID } from 'node:crypto';
import type { EntityManager } from '@mikro-orm/postgresql';
import { genusIdOf, makeRecipe, type RecipeLine, specId } from '@core';
import { metricWords, setupTitle, vesselText } from '@core/words';
import { Collection, Plant, Potting, type PlantRow, type PottingRow } from '../db/entities';
import { HOME_COLLECTION_ID } from './collections';
import type { PottingInput } from './potting-input';

export interface PottingEntry {
  readonly id: string;
  readonly pottedOn: string;
  readonly title: string;
  readonly note: string;
  readonly planCase: unknown;
  readonly spec: unknown;
  readonly recipe: readonly RecipeLine[];
}

export interface PlantSummary {
  readonly id: string;
  readonly name: string;
  readonly genusId: string;
  readonly lastPotting: { readonly pottedOn: string; readonly title: string } | null;
}

export interface PlantLog extends PlantSummary {
  readonly lastCase: unknown;
  readonly pottings: readonly PottingEntry[];
}

function entryOf(row: PottingRow): PottingEntry {
  return {
    id: row.id,
    pottedOn: row.pottedOn,
    title: row.title,
    note: row.note,
    planCase: row.planCase,
    spec: row.spec,
    recipe: row.recipe as readonly RecipeLine[],
  };
}

const alive = { deletedAt: null } as const;
const home = { collection: HOME_COLLECTION_ID } as const;

export async function listPlants(em: EntityManager): Promise<readonly PlantSummary[]> {
  const plants = await em.find(Plant, { ...home, ...alive }, { orderBy: { name: 'asc' } });
  const pottings = await em.find(Potting, { ...home, ...alive }, { orderBy: { pottedOn: 'desc', createdAt: 'desc' } });
  return plants.map((plant) =>
    summaryOf(
      plant,
      pottings.filter((potting) => potting.plant.id === plant.id),
    ),
  );
}

function summaryOf(plant: PlantRow, pottings: readonly PottingRow[]): PlantSummary {
  const [last] = pottings;
  return {
    id: plant.id,
    name: plant.name,
    genusId: plant.genusId,
    lastPotting: last ? { pottedOn: last.pottedOn, title: last.title } : null,
  };
}

/** A plant with its log, newest first; null when there is none of that id. */
export async function plantLog(em: EntityManager, plantId: string): Promise<PlantLog | null> {
  const plant = await em.findOne(Plant, { id: plantId, ...home, ...alive });
  if (!plant) return null;
  const pottings = await em.find(
    Potting,
    { plant: plantId, ...alive },
    { orderBy: { pottedOn: 'desc', createdAt: 'desc' } },
  );
  return { ...summaryOf(plant, pottings), lastCase: plant.lastCase, pottings: pottings.map(entryOf) };
}

/** Saves plant, plan, recipe and date together, or nothing. Null when the plant named does not exist. */
export async function savePotting(em: EntityManager, input: PottingInput): Promise<PlantLog | null> {
  return em.transactional(async (inside) => {
    const collection = inside.getReference(Collection, HOME_COLLECTION_ID);
    const now = new Date();
    let plant: PlantRow | null;
    if (input.plantId) {
      plant = await inside.findOne(Plant, { id: input.plantId, ...home, ...alive });
      if (!plant) return null;
      plant.name = input.plantName;
      plant.genusId = genusIdOf(input.planCase);
      plant.lastCase = input.planCase;
    } else {
      plant = inside.create(Plant, {
        id: randomUUID(),
        collection,
        name: input.plantName,
        genusId: genusIdOf(input.planCase),
        lastCase: input.planCase,
        createdAt: now,
        deletedAt: null,
      });
    }
    const spec = input.spec;
    inside.create(Potting, {
      id: randomUUID(),
      collection,
      plant,
      pottedOn: input.pottedOn,
      title: `${setupTitle(spec, metricWords)}, ${vesselText(spec, metricWords)}`.slice(0, 200),
      planCase: input.planCase,
      spec: { ...spec, id: specId(spec) },
      recipe: makeRecipe(input.planCase, spec),
      note: input.note,
      createdAt: now,
      deletedAt: null,
    });
    await inside.flush();
    return plantLog(inside, plant.id);
  });
}

/** Hides or brings back a plant; false when there is none of that id. */
export async function setPlantDeleted(em: EntityManager, plantId: string, deletedAt: Date | null): Promise<boolean> {
  const plant = await em.findOne(Plant, { id: plantId, ...home });
  if (!plant) return false;
  plant.deletedAt = deletedAt;
  await em.flush();
  return true;
}

/** Hides or brings back one entry of the log; false when there is none of that id. */
export async function setPottingDeleted(
  em: EntityManager,
  pottingId: string,
  deletedAt: Date | null,
): Promise<boolean> {
  const potting = await em.findOne(Potting, { id: pottingId, ...home });
  if (!potting) return false;
  potting.deletedAt = deletedAt;
  await em.flush();
  return true;
}
