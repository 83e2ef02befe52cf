/** A program that is older than what is kept says so and touches nothing. */
import { withFreshDatabase } from '../testing/fresh-database';
import { bringUp, NewerDatabaseError } from './bring-up';

test('a step that this program does not know: refused with its name, and nothing is written', async () => {
  await withFreshDatabase(async (orm, url) => {
    await bringUp(url);
    const run = (sql: string) => orm.em.fork().execute<unknown[]>(sql);
    await run(`insert into mikro_orm_migrations (name) values ('Migration20991231000000')`);
    const before = await run('select * from mikro_orm_migrations order by id');
    await expect(bringUp(url)).rejects.toThrow(/newer version .*Migration20991231000000/);
    await expect(bringUp(url)).rejects.toBeInstanceOf(NewerDatabaseError);
    expect(await run('select * from mikro_orm_migrations order by id')).toEqual(before);
  });
});
