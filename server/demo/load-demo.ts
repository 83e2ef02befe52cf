/** Loads the example's plants into a collection of their own, once. Run before the server. */
import { type EntityManager, MikroORM } from '@mikro-orm/postgresql';
import { randomUUID } from 'node:crypto';
import dayjs from 'dayjs';
import sharp from 'sharp';
import { makePlan, stockItemSchema, type Trial } from '@core';
import { metricWords, titleOf } from '@core/words';
import { recordQuick } from '../records/journal/record-quick';
import { quickInputSchema } from '../records/journal/quick-schemas';
import { ensureCollection } from '../records/collections/repository';
import { type DemoEvent, type DemoLife, livesUpTo } from './lives';
import type { Recorded } from '../records/journal/append';
import { serverDay } from '../runtime/http/day';
import { changeFacts } from '../records/plants/facts';
import { plantFactsSchema } from '../records/plants/facts-schemas';
import { findPlant } from '../projections/plants/plant-log';
import { recordInspection, recordSignCheck, recordPlan, recordPotting } from '../records/journal/record';
import {
  inspectionInputSchema,
  signCheckInputSchema,
  planInputSchema,
  pottingInputSchema,
} from '../records/journal/schemas';
import { demoMeant } from './meant';
import { demoSetups } from './setups';
import { Plant } from '../records/plants/entity';
import { pictureOf } from './pictures';
import { demoPlants } from './plants';
import { demoTrial } from './trial';
import { demoViews } from './views';
import { saveLibraryItem } from '../records/library/repository';
import { librarySchemas } from '../records/library/schemas';
import { readPicture } from '../records/photos/picture';
import { digestOfSent, keepPhoto } from '../records/photos/repository';
import { DEMO_COUNTED_DAYS_AGO, demoStock } from './stock';
import { addToStock, recordStock } from '../records/stock/repository';
import { exampleScope as scope } from '../records/collections/scope';
import { databaseUrl, ormConfig } from '../runtime/database/config';
import '../projections/follow-records';
import { entities } from '../records/entities';

/** A refusal of what the demo says is a fault of the demo. */
function plantIdOf(name: string, kept: Recorded): string {
  if (!('plantId' in kept)) throw new Error(`the demo plant ${name} was not kept: ${kept.status}`);
  return kept.plantId;
}

/** The first plants, planned as the bench would. */
async function loadPlanned(em: EntityManager): Promise<void> {
  for (const plant of demoPlants) {
    // As it is ranked: half the work, and the grower of the demo waits for nothing finer.
    const setup = makePlan(plant.planCase, { isRough: true }).setups[plant.rank];
    if (!setup) throw new Error(`no setup of rank ${plant.rank} for the demo plant ${plant.name}`);
    const { name: plantName, pottedOn, note, planCase } = plant;
    const potted = await recordPotting(
      em,
      scope,
      pottingInputSchema.parse({ plantName, pottedOn, note, planCase, spec: setup.spec }),
      titleOf(setup.spec, metricWords),
    );
    const plantId = plantIdOf(plantName, potted);
    for (const { inspectedOn, inspection } of plant.inspections ?? []) {
      const input = inspectionInputSchema.parse({ plantId, plantName, planCase, inspectedOn, inspection });
      await recordInspection(em, scope, input);
    }
    for (const look of plant.looks ?? []) {
      await recordSignCheck(em, scope, signCheckInputSchema.parse({ plantId, plantName, planCase, ...look }));
    }
  }
}

type Great = Exclude<DemoEvent, { kind: 'care' }>;
type Small = Extract<DemoEvent, { kind: 'care' }>;

/** The newest look at each plant was photographed, and the first, so that two years can be laid side by side. */
async function photographed(
  em: EntityManager,
  { line, planCase, acquiredOn, events }: DemoLife,
  on: string,
): Promise<string[]> {
  const looks = events.filter(({ kind }) => kind === 'inspected').map((event) => event.on);
  if (on !== looks[0] && on !== looks.at(-1)) return [];
  const inBloom = events.some(
    ({ kind, on: day, ...event }) =>
      kind === 'care' &&
      (event as Partial<Small>).care?.kind === 'bloomed' &&
      Math.abs(dayjs(day).diff(on, 'day')) < BLOOM_DAYS,
  );
  const years = dayjs(on).diff(acquiredOn, 'year', true);
  const drawn = pictureOf({ genusId: line.genus, place: String(planCase.place), name: line.name, on, years, inBloom });
  const bytes = await sharp(Buffer.from(drawn)).jpeg().toBuffer();
  const read = await readPicture(bytes);
  if (read.status === 'refused') throw new Error(`a demo photograph was refused: ${read.why}`);
  const id = randomUUID();
  await keepPhoto(em, scope, id, digestOfSent(bytes), read.picture);
  return [id];
}

const BLOOM_DAYS = 40;

async function keepGreat(em: EntityManager, life: DemoLife, plantId: string | null, event: Great): Promise<string> {
  const { planCase } = life;
  const plantName = life.line.name;
  if (event.kind === 'inspected') {
    const { on: inspectedOn, inspection } = event;
    const photoIds = await photographed(em, life, event.on);
    const seen = { ...inspection, ...(photoIds.length > 0 ? { photoIds } : {}) };
    const input = inspectionInputSchema.parse({ plantId, plantName, planCase, inspectedOn, inspection: seen });
    return plantIdOf(plantName, await recordInspection(em, scope, input));
  }
  const known = plantId === null ? null : await findPlant(em, scope, plantId);
  const seen = known ? { plantId, plantVersion: known.version } : {};
  const input = { ...seen, plantName, planCase, pottedOn: event.on, note: event.note, spec: event.spec };
  const title = titleOf(event.spec, metricWords);
  return plantIdOf(plantName, await recordPotting(em, scope, pottingInputSchema.parse(input), title));
}

/** What was done on one day in one way, of all plants together, as it would be at the bench. */
async function keepSmall(em: EntityManager, done: readonly (Small & { readonly plantId: string })[]): Promise<void> {
  const batches = new Map<string, { readonly event: Small; readonly plantIds: string[] }>();
  for (const { plantId, ...event } of [...done].sort((a, b) => a.on.localeCompare(b.on))) {
    const key = JSON.stringify(event);
    const batch = batches.get(key) ?? { event, plantIds: [] };
    batch.plantIds.push(plantId);
    batches.set(key, batch);
  }
  for (const { event, plantIds } of batches.values()) {
    const input = quickInputSchema.parse({ ...event.care, happenedOn: event.on, plantIds });
    const kept = await recordQuick(em, scope, input);
    if (!('batchId' in kept)) throw new Error(`a demo plant of ${event.on} is not there`);
    // What is kept need not be held.
    em.clear();
  }
}

/** The others, with their lives as the invented grower kept them. */
async function loadLives(em: EntityManager, today: string): Promise<number> {
  const lives = livesUpTo(today);
  const small: (Small & { readonly plantId: string })[] = [];
  for (const life of lives) {
    let plantId: string | null = null;
    for (const event of life.events) if (event.kind !== 'care') plantId = await keepGreat(em, life, plantId, event);
    const { name, parentage = null, source, spot, flag = null } = life.line;
    const { tagNumber, acquiredOn } = life;
    const facts = plantFactsSchema.parse({ name, tagNumber, parentage, source, acquiredOn, spot, flag });
    const { version } = (await findPlant(em, scope, plantId!))!;
    await changeFacts(em, scope, plantId!, facts, version);
    for (const event of life.events) if (event.kind === 'care') small.push({ ...event, plantId: plantId! });
    em.clear();
  }
  await keepSmall(em, small);
  return lives.length;
}

/** What is meant to be done. */
async function loadMeant(em: EntityManager, today: string): Promise<void> {
  const { collectionId } = scope;
  for (const { name: plantName, setup, plannedDaysAgo, forInDays, note } of demoMeant) {
    const { id: plantId, lastCase: planCase } = await em.findOneOrFail(Plant, {
      name: plantName,
      collection: collectionId,
    });
    const spec = demoSetups[setup[0]](setup[1]);
    const plannedOn = dayjs(today).subtract(plannedDaysAgo, 'day').format('YYYY-MM-DD');
    const forOn = forInDays === null ? null : dayjs(today).add(forInDays, 'day').format('YYYY-MM-DD');
    const input = planInputSchema.parse({ plantId, plantName, planCase, spec, plannedOn, forOn, note });
    plantIdOf(plantName, await recordPlan(em, scope, input, titleOf(spec, metricWords)));
  }
}

/** Plants by name, in the order in which they are named. */
async function idsOf(em: EntityManager, names: readonly string[]): Promise<string[]> {
  const plants = await em.find(Plant, { name: { $in: [...names] }, collection: scope.collectionId });
  const byName = new Map(plants.map(({ name, id }) => [name, id]));
  return names.map((name) => {
    const id = byName.get(name);
    if (id === undefined) throw new Error(`no plant of the demo is called ${name}`);
    return id;
  });
}

async function loadTrial(em: EntityManager, today: string): Promise<void> {
  const { trial, begunYearsAgo, sides } = demoTrial;
  const begunOn = dayjs(today).subtract(begunYearsAgo, 'year').format('YYYY-MM-DD');
  const dealt: Trial['sides'] = [];
  for (const { name, plants } of sides) dealt.push({ name, plantIds: await idsOf(em, plants) });
  await saveLibraryItem(em, scope, 'trial', librarySchemas.trial.parse({ ...trial, begunOn, sides: dealt }));
}

async function loadStock(em: EntityManager, today: string): Promise<void> {
  const daysAgo = (count: number) => dayjs(today).subtract(count, 'day').format('YYYY-MM-DD');
  for (const { item, counted, since = [] } of demoStock) {
    const form = { item: stockItemSchema.parse(item), amount: counted, happenedOn: daysAgo(DEMO_COUNTED_DAYS_AGO) };
    const added = await addToStock(em, scope, form);
    if (!('batchId' in added)) throw new Error(`a thing of the demo's stock was not kept: ${added.status}`);
    for (const { kind, amount, note = '', daysAgo: ago } of since) {
      await recordStock(em, scope, { itemId: added.itemId, kind, amount, note, happenedOn: daysAgo(ago) });
    }
  }
}

async function main(): Promise<void> {
  // What is drawn here is our own: this process opens SVG, the server never does.
  sharp.unblock({ operation: ['VipsForeignLoadSvg'] });
  const orm = await MikroORM.init(ormConfig(databaseUrl(), entities));
  try {
    const loaded = await orm.em.fork().transactional(async (em) => {
      const { demoLoadedAt } = await ensureCollection(em, scope);
      if (demoLoadedAt) return 0;
      await loadPlanned(em);
      const others = await loadLives(em, serverDay());
      await loadMeant(em, serverDay());
      await loadTrial(em, serverDay());
      await loadStock(em, serverDay());
      for (const view of demoViews) await saveLibraryItem(em, scope, 'view', librarySchemas.view.parse(view));
      (await ensureCollection(em, scope)).demoLoadedAt = new Date();
      await em.flush();
      return demoPlants.length + others;
    });
    process.stdout.write(`example plants loaded: ${loaded}\n`);
  } finally {
    await orm.close();
  }
}

main().catch((error: unknown) => {
  process.stderr.write(`loading the example failed: ${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
