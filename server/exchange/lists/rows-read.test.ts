/**
 * A first list reads each event a few times, not once for every plant: counted by PostgreSQL itself, in tables whose contents it
 * has not yet looked at, where it chooses between two indexes without knowing which of them is the better.
 */
import { randomUUID } from 'node:crypto';
import { ensureCollection } from '../../records/collections/repository';
import { withFreshDatabase } from '../../testing/fresh-database';
import { takeInList } from './take-in';
import { listInputSchema } from './schemas';

const PLANTS = 600;
/** Its medium and its last watering. */
const EVENTS = 2 * PLANTS;
/** By each of the things that are told of a plant. */
const READS_PER_EVENT = 20;

test('a first list of hundreds reads as many events as it has, a few times over', async () => {
  await withFreshDatabase(async (orm) => {
    await orm.getMigrator().up();
    const scope = { collectionId: randomUUID() };
    await ensureCollection(orm.em.fork(), scope);
    const list = listInputSchema.parse({
      name: 'mine.csv',
      takenInOn: '2026-11-27',
      places: ['heated-flat'],
      plants: Array.from({ length: PLANTS }, (_, n) => ({
        facts: { name: `Plant ${n}` },
        genusId: 'vanda',
        place: 0,
        mediumId: 'bark-6-12',
        inMediumSince: '2024-11-27',
        wateredOn: '2026-11-01',
      })),
    });
    await orm.em.fork().transactional(async (em) => {
      expect(await takeInList(em, scope, list)).toMatchObject({ plants: PLANTS });
      const [kept] = await em.execute<[{ events: number }]>('select count(*)::int as events from event');
      expect(kept.events).toBe(EVENTS);
      const [read] = await em.execute<[{ rows: number }]>(
        `select (coalesce(seq_tup_read, 0) + coalesce(idx_tup_fetch, 0))::int as rows
         from pg_stat_xact_user_tables where relname = 'event'`,
      );
      expect(read.rows).toBeGreaterThan(EVENTS);
      expect(read.rows).toBeLessThan(READS_PER_EVENT * EVENTS);
    });
  });
});
