/** Two changes that wait for each other: both are made in the end; over a real database. */
import { randomUUID } from 'node:crypto';
import type { EntityManager } from '@mikro-orm/postgresql';
import { testDatabase } from '../../testing/database';
import { inTransaction } from './in-transaction';

const { em } = testDatabase();
beforeAll(async () => {
  await em().execute('create table if not exists ring (id text primary key, n integer)');
});

test('rows taken in a ring: the database gives one up, and it is run again', async () => {
  const [a, b] = [randomUUID(), randomUUID()];
  await em().execute('insert into ring values (?, 0), (?, 0)', [a, b]);
  let runs = 0;
  let come = 0;
  let goOn: () => void = () => undefined;
  const bothHaveOne = new Promise<void>((resolve) => (goOn = resolve));
  const both = (first: string, second: string) =>
    inTransaction(em(), async (inside: EntityManager) => {
      runs += 1;
      await inside.execute('update ring set n = n + 1 where id = ?', [first]);
      come += 1;
      if (come === 2) goOn();
      await bothHaveOne;
      await inside.execute('update ring set n = n + 1 where id = ?', [second]);
    });
  await Promise.all([both(a, b), both(b, a)]);
  expect(runs).toBeGreaterThan(2);
  expect(await em().execute('select n from ring where id in (?, ?)', [a, b])).toEqual([{ n: 2 }, { n: 2 }]);
});

test('any other fault is not run again', async () => {
  let runs = 0;
  const broken = inTransaction(em(), () => {
    runs += 1;
    throw new TypeError('of the program');
  });
  await expect(broken).rejects.toThrow('of the program');
  expect(runs).toBe(1);
});

test('a part of a larger one is not run again by itself, beside it: all goes back together, and the whole is run again', async () => {
  const id = randomUUID();
  const ran: string[] = [];
  await inTransaction(em(), async (whole) => {
    ran.push('whole');
    await whole.execute('insert into ring values (?, 1)', [id]);
    await inTransaction(whole, async (part) => {
      ran.push('part');
      await part.execute('update ring set n = n + 1 where id = ?', [id]);
      if (ran.length === 2) throw Object.assign(new Error('given up for another'), { code: '40P01' });
    });
  });
  expect(ran).toEqual(['whole', 'part', 'whole', 'part']);
  expect(await em().execute('select n from ring where id = ?', [id])).toEqual([{ n: 2 }]);
});
