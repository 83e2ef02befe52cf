/** Taking in a whole list: all of it or nothing, once, and undone as one. */
import { randomUUID } from 'node:crypto';
import type { EntityManager } from '@mikro-orm/postgresql';
import { DAYS_PER_YEAR, dayNumber, type PlanCase, ranges, speciesThatDiffers } from '@core';
import type { QuickKind } from '../../records/journal/quick-entry-schemas';
import { newQuick } from '../../records/journal/new-entry';
import { GrowersCollection } from '../../records/collections/entity';
import { newPlant } from '../../records/journal/record';
import type { PlantRow } from '../../records/plants/entity';
import type { Scope } from '../../records/collections/scope';
import { livesChanged } from '../../records/changes/lives';
import { writeOnce } from '../../runtime/database/write-once';
import { Intake } from '../../records/intakes/entity';
import type { ListInput, TakenIn } from './schemas';

/** So many plants are written at a time. */
const PLANTS_AT_ONCE = 500;

export type ListTaken = { readonly status: 'taken in' | 'known already' } & TakenIn;

async function takenUnder(em: EntityManager, scope: Scope, idempotencyKey: string): Promise<ListTaken | null> {
  const known = await em.findOne(Intake, { collection: scope.collectionId, idempotencyKey });
  return known && { status: 'known already', id: known.id, plants: known.plantIds.length };
}

export async function takeInList(em: EntityManager, scope: Scope, input: ListInput): Promise<ListTaken> {
  const key = input.idempotencyKey ?? randomUUID();
  return writeOnce(
    em,
    (reading) => takenUnder(reading, scope, key),
    (inside) => takeIn(inside, scope, key, input),
    { collectionId: scope.collectionId, key, kind: 'list', said: input },
  );
}

type Listed = ListInput['plants'][number];

/** Years from a day to today, within what a case may say. */
function yearsSince(day: string, today: string): number {
  const { min, max } = ranges.yearsInMedium;
  const years = (dayNumber(today) - dayNumber(day)) / DAYS_PER_YEAR;
  return Math.round(Math.min(max, Math.max(min, years)) * 1000) / 1000;
}

function caseOf(
  { facts, kindText, genusId, place, mediumId, mix, rimDiameterCm, inMediumSince }: Listed,
  input: ListInput,
): PlanCase {
  const current = {
    ...(mediumId === undefined ? {} : { mediumId }),
    ...(mix === undefined ? {} : { mix }),
    ...(rimDiameterCm === undefined ? {} : { rimDiameterCm }),
    ...(inMediumSince === undefined ? {} : { yearsInMedium: yearsSince(inMediumSince, input.takenInOn) }),
  };
  const now = Object.keys(current).length > 0 ? { current } : {};
  const species = speciesThatDiffers(kindText ?? facts.name) ?? speciesThatDiffers(facts.name);
  const differs = species?.genusId === genusId ? { genusOverrides: species.differs } : {};
  return { genus: genusId, ...differs, place: input.places[place], ...now } as PlanCase;
}

async function takeIn(em: EntityManager, scope: Scope, key: string, input: ListInput): Promise<ListTaken> {
  const id = randomUUID();
  const plantIds: string[] = [];
  let written = 0;
  const write = (plant: PlantRow, kind: QuickKind, happenedOn: string, data: object) => {
    newQuick(em, scope, { plant, kind, happenedOn, data, idempotencyKey: `${key}:${written}`, batchId: id });
    written += 1;
  };
  for (let from = 0; from < input.plants.length; from += PLANTS_AT_ONCE) {
    const some = input.plants.slice(from, from + PLANTS_AT_ONCE);
    for (const listed of some) {
      const { plant } = newPlant(em, scope, { plantName: listed.facts.name, planCase: caseOf(listed, input) });
      Object.assign(plant, listed.facts);
      plantIds.push(plant.id);
      write(plant, 'noted', input.takenInOn, { note: listed.note || `From the list “${input.name}”.` });
      if (listed.wateredOn !== undefined) write(plant, 'watered', listed.wateredOn, {});
      if (listed.left !== undefined) write(plant, 'left', listed.left.on, { how: listed.left.how });
    }
    await em.flush();
    await livesChanged(em, plantIds.slice(from));
    // What is written need not be held.
    em.clear();
  }
  em.create(Intake, {
    id,
    collection: em.getReference(GrowersCollection, scope.collectionId),
    kind: 'list',
    name: input.name,
    takenInAt: new Date(),
    brought: {},
    plantIds,
    idempotencyKey: key,
    undoneAt: null,
  });
  await em.flush();
  return { status: 'taken in', id, plants: plantIds.length };
}
