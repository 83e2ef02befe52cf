/** From the first migration, with data in it, to the last and back: nothing kept is lost on either way. */
import { randomUUID } from 'node:crypto';
import { makePlan } from '@core/testing';
import { plantLog } from '../projections/plants/plant-log';
import { fillPlantState } from '../projections/plant-state/refresh';
import { listIntakes, setIntakeUndone } from '../records/intakes/repository';
import { withFreshDatabase } from '../testing/fresh-database';

const planCase = { genus: 'oncidium', place: 'bathroom' };
const { spec, id: specId } = makePlan(planCase).setups[0]!;

test('data of the first tables survives to the last ones and back', async () => {
  await withFreshDatabase(async (orm) => {
    const migrator = orm.getMigrator();
    const run = (sql: string, values: readonly unknown[] = []) => orm.em.fork().execute(sql, [...values]);
    await migrator.up({ to: 'Migration20261126000000' });
    const [collection, plant, potting, hidden] = [randomUUID(), randomUUID(), randomUUID(), randomUUID()];
    await run(`insert into collection values (?, 'Old bench', now(), null)`, [collection]);
    await run(`insert into plant values (?, ?, 'Old plant', 'oncidium', ?, now(), null)`, [
      plant,
      collection,
      JSON.stringify(planCase),
    ]);
    const recipe = [
      { layer: 'main', mediumId: 'bark-3-6', name: 'Bark', smallMm: 3, largeMm: 6, parts: 1, takeL: 0.4 },
    ];
    for (const [id, day, deletedAt] of [
      [potting, '2024-02-29', null],
      [hidden, '2025-01-01', new Date()],
    ] as const) {
      await run(`insert into potting values (?, ?, ?, ?, 'Bark', ?, ?, ?, 'a note', now(), ?)`, [
        id,
        collection,
        plant,
        day,
        JSON.stringify(planCase),
        JSON.stringify({ ...spec, id: specId }),
        JSON.stringify(recipe),
        deletedAt,
      ]);
    }
    const old = await run('select * from potting order by id');

    await migrator.up();
    await fillPlantState(orm.em.fork());
    const log = await plantLog(orm.em.fork(), { collectionId: collection }, plant);
    expect(log).toMatchObject({ name: 'Old plant', version: 1, unreadable: [] });
    expect(log!.pottings).toEqual([
      expect.objectContaining({ id: potting, pottedOn: '2024-02-29', note: 'a note', planCase, recipe }),
    ]);
    expect(await run('select count(*)::int as kept from event')).toEqual([{ kept: 2 }]);

    await migrator.down({ to: 'Migration20261127000000' });
    expect(await run('select * from potting order by id')).toEqual(old);
    await migrator.down({ to: 0 });
    const left = await run(`select table_name from information_schema.tables
      where table_schema = 'public' and table_name not like 'mikro%'`);
    expect(left).toEqual([]);
  });
});

test('example plants among the grower’s own become an intake: taken out as one, and brought back', async () => {
  await withFreshDatabase(async (orm) => {
    const migrator = orm.getMigrator();
    const run = <T>(sql: string, values: readonly unknown[] = []) => orm.em.fork().execute<T[]>(sql, [...values]);
    await migrator.up({ to: 'Migration20261208000000' });
    const [collection, invented, mine] = [randomUUID(), randomUUID(), randomUUID()];
    await run(`insert into collection (id, name, created_at, demo_loaded_at) values (?, 'Old', now(), now())`, [
      collection,
    ]);
    for (const [id, when] of [
      [invented, `now() - interval '1 minute'`],
      [mine, `now() + interval '1 minute'`],
    ] as const) {
      await run(
        `insert into plant (id, collection_id, name, genus_id, last_case, case_version, version, created_at)
          values (?, ?, 'A plant', 'oncidium', ?, 1, 1, ${when})`,
        [id, collection, JSON.stringify(planCase)],
      );
    }
    await migrator.up();
    const scope = { collectionId: collection };
    const { intakes } = await listIntakes(orm.em.fork(), scope);
    expect(intakes).toEqual([expect.objectContaining({ name: 'Example plants', plants: 1, undoneAt: null })]);
    const there = () => run<{ id: string }>('select id from plant where deleted_at is null order by created_at');
    expect(await setIntakeUndone(orm.em.fork(), scope, intakes[0]!.id, new Date())).toBe(true);
    expect(await there()).toEqual([{ id: mine }]);
    expect(await setIntakeUndone(orm.em.fork(), scope, intakes[0]!.id, null)).toBe(true);
    expect(await there()).toEqual([{ id: invented }, { id: mine }]);
  });
});

test('running again changes nothing', async () => {
  await withFreshDatabase(async (orm) => {
    expect((await orm.getMigrator().up()).length).toBeGreaterThanOrEqual(4);
    expect(await orm.getMigrator().up()).toEqual([]);
  });
});
