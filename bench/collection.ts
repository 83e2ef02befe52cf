/**
 * Speed of a large collection at the server: npm run bench:collection (a table) or -- --json (one object). 5,000 plants with
 * 100,000 events and 2,000 photographs are made in a database of their own; medians and 95 % of each question, and how it
 * grows from 500 plants to 5,000 (1 = in proportion).
 */
import { randomUUID } from 'node:crypto';
import { type EntityManager, MikroORM } from '@mikro-orm/postgresql';
import { demoPlaces, genusIds, makePlan, makeRecipe, outlookOf, type PlanCase, questionVersions } from '@core';
import { recordQuick } from '@server/records/journal/record-quick';
import { ensureCollection } from '@server/records/collections/repository';
import { databaseUrl, ormConfig } from '@server/runtime/database/config';
import { entities } from '@server/records/entities';
import { dueList } from '@server/projections/due/repository';
import { insightsOf } from '@server/projections/insights/repository';
import { listFacets, listPlants } from '@server/projections/plants/list';
import { plantLog } from '@server/projections/plants/plant-log';
import { everyPlant, wordsOf } from '@server/projections/plants/list-query';
import type { Scope } from '@server/records/collections/scope';
import { fillPlantState } from '@server/projections/plant-state/refresh';
import { listSignWatch } from '@server/projections/sign-watch/repository';

const SIZES = [500, 5_000] as const;
const EVENTS_A_PLANT = 20;
const PHOTO_BYTES = { whole: 60_000, small: 8_000 };
const PHOTOS_PER_PLANT = 0.4;
const TIMES = 40;
const WARM_UPS = 4;
const TODAY = '2026-11-27';
const NEXT_DAY = '2026-11-28';

const kinds = ['phalaenopsis', 'oncidium', 'paphiopedilum', 'cattleya-unifoliate', 'masdevallia'] as const;
const places = demoPlaces.slice(0, 6).map(({ id }) => id);

/** A few setups, each with what is to come of it: the plants share them. */
const samples = kinds.map((genus, n) => {
  const planCase: PlanCase = { genus, place: places[n % places.length]! };
  const { spec, id } = makePlan(planCase, { isRough: true }).setups[0]!;
  const potted = { planCase, spec: { ...spec, id }, recipe: makeRecipe(planCase, spec), note: '' };
  return { planCase, potted, outlook: outlookOf(planCase, spec) };
});

const madeOf = `
  with sample as (select row_number() over () - 1 as n, value from jsonb_array_elements(?::jsonb)),
  made as (
    select gen_random_uuid() as id, plant_n, sample.value from generate_series(0, ?::int - 1) plant_n
    join sample on sample.n = plant_n % ${samples.length}
  ),
  plants as (
    insert into plant (id, collection_id, name, genus_id, tag_number, parentage, last_case, case_version, version, created_at)
    select id, ?, 'Bench plant ' || plant_n || ' ' || (array['amber', 'violet', 'marsh', 'copper', 'winter'])[1 + plant_n % 5],
      (?::text[])[1 + plant_n % ${genusIds.length}], 'T ' || plant_n, 'Alba ' || plant_n % 70 || ' × Rosea',
      value->'planCase', ${questionVersions.newest}, 1, now()
    from made returning id
  )
  insert into event (id, collection_id, plant_id, kind, happened_on, recorded_at, idempotency_key, title, data, data_version,
    version)
  select gen_random_uuid(), ?, made.id, part.kind, part.on_day, now(), 'bench-' || made.id || '-' || part.n, part.kind,
    case part.kind when 'potted' then value->'potted' when 'inspected' then
      jsonb_build_object('reasons', '["routine"]'::jsonb, 'condition', 'sound', 'liveRootsPct', 80) else '{}'::jsonb end,
    case part.kind when 'potted' then ${questionVersions.newest} else 1 end, 1
  from made, lateral (
    select n, case when n < 2 then 'potted' when n < 4 then 'inspected' when n % 5 = 0 then 'flushed' else 'watered' end as kind,
      date '${TODAY}' - (n * 37 + plant_n % 300) as on_day
    from generate_series(0, ${EVENTS_A_PLANT - 1}) n
  ) part`;

const outlooks = `update plant_state set outlook_of = outlook_key, outlook = (sample.value->'outlook')::json
  from plant, jsonb_array_elements(?::jsonb) sample
  where plant.id = plant_state.plant_id and plant.collection_id = ? and plant.last_case = sample.value->'planCase'`;

const photos = `insert into photo (id, collection_id, sent_sha256, whole, small, width_px, height_px, created_at)
  select gen_random_uuid(), ?, repeat('0', 64), decode(repeat('ab', ${PHOTO_BYTES.whole}), 'hex'),
    decode(repeat('cd', ${PHOTO_BYTES.small}), 'hex'), 2400, 1800, now() from generate_series(1, ?::int)`;

async function fill(em: EntityManager, plants: number): Promise<Scope> {
  const scope = { collectionId: randomUUID() };
  await ensureCollection(em.fork(), scope);
  const told = JSON.stringify(samples);
  const { collectionId } = scope;
  await em.execute(madeOf, [told, plants, collectionId, `{${genusIds.join(',')}}`, collectionId]);
  await fillPlantState(em);
  await em.execute(outlooks, [told, collectionId]);
  await em.execute(photos, [collectionId, Math.round(PHOTOS_PER_PLANT * plants)]);
  await em.execute('analyze');
  return scope;
}

interface Taken {
  readonly medianMs: number;
  readonly p95Ms: number;
}

/** before: what happens between two questions, untimed. */
async function measure(
  ask: (n: number) => Promise<unknown>,
  before: (n: number) => Promise<unknown> = () => Promise.resolve(),
): Promise<Taken> {
  const taken: number[] = [];
  for (let n = 0; n < WARM_UPS + TIMES; n += 1) {
    await before(n);
    const start = performance.now();
    // As it leaves for the browser.
    JSON.stringify(await ask(n));
    if (n >= WARM_UPS) taken.push(performance.now() - start);
  }
  taken.sort((a, b) => a - b);
  return { medianMs: taken[Math.floor(TIMES / 2)]!, p95Ms: taken[Math.floor(0.95 * TIMES)]! };
}

const words = ['amber', 'oncidum', 'violet marsh', 'T 44', 'rosea 12', 'kiln', 'wintr', 'paphiopedilum'];

async function questions(orm: MikroORM, scope: Scope): Promise<Readonly<Record<string, Taken>>> {
  const em = () => orm.em.fork();
  const rows = await em().execute<{ id: string }[]>('select id from plant where collection_id = ? limit 100', [
    scope.collectionId,
  ]);
  // As it is used: between two looks at the list ten plants were watered.
  const watered = (n: number) =>
    recordQuick(em(), scope, {
      kind: 'watered',
      plantIds: Array.from({ length: 10 }, (_, m) => rows[(n * 10 + m) % rows.length]!.id),
      happenedOn: TODAY,
      details: {},
    });
  return {
    search: await measure((n) => listPlants(em(), scope, { ...everyPlant, words: wordsOf(words[n % words.length]!) })),
    list: await measure((n) => listPlants(em(), scope, { ...everyPlant, sort: n % 2 ? 'potted' : 'tag' })),
    due: await measure(() => dueList(em(), scope, TODAY), watered),
    // Once a day, and after a start: all are judged.
    dueFirst: await measure((n) => dueList(em(), scope, n % 2 ? TODAY : NEXT_DAY)),
    learned: await measure(() => insightsOf(em(), scope, TODAY)),
    plantPage: await measure((n) => plantLog(em(), scope, rows[n % rows.length]!.id, TODAY)),
    overview: await measure(
      async () => [await dueList(em(), scope, TODAY), await listSignWatch(em(), scope), await listFacets(em(), scope)],
      watered,
    ),
  };
}

async function main(): Promise<void> {
  const orm = await MikroORM.init({ ...ormConfig(databaseUrl(), entities), logger: () => undefined });
  try {
    const [small, large] = SIZES;
    const few = await questions(orm, await fill(orm.em.fork(), small));
    const before = process.memoryUsage().rss;
    const many = await questions(orm, await fill(orm.em.fork(), large));
    const ratios = Object.keys(many).map((key) => many[key]!.medianMs / few[key]!.medianMs / (large / small));
    const round = (value: number) => Math.round(10 * value) / 10;
    const figures = {
      ...Object.fromEntries(Object.entries(many).map(([key, { medianMs }]) => [`${key}Ms`, round(medianMs)])),
      ...Object.fromEntries(Object.entries(many).map(([key, { p95Ms }]) => [`${key}P95Ms`, round(p95Ms)])),
      growthRatio: Math.round(100 * Math.max(...ratios)) / 100,
      memoryGrownMb: Math.round((process.memoryUsage().rss - before) / 1e6),
    };
    if (process.argv.includes('--json')) process.stdout.write(`${JSON.stringify(figures)}\n`);
    else for (const [key, value] of Object.entries(figures)) process.stdout.write(`${key.padEnd(16)}${value}\n`);
  } finally {
    await orm.close();
  }
}

main().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? (error.stack ?? error.message) : String(error)}\n`);
  process.exitCode = 1;
});
