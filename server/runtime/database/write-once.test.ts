/** Written once, whoever sends it how often; over a real database. */
import { randomUUID } from 'node:crypto';
import type { EntityManager } from '@mikro-orm/postgresql';
import { testDatabase } from '../../testing/database';
import { KeyTakenError, writeOnce } from './write-once';

const database = testDatabase();
const { em } = database;
beforeAll(async () => {
  await em().execute(`create table if not exists once_note (
    id uuid primary key, idempotency_key text unique, other text unique, said text)`);
});

const find = (key: string) => async (reading: EntityManager) => {
  const [row] = await reading.execute<{ said: string }[]>('select said from once_note where idempotency_key = ?', [
    key,
  ]);
  return row ? row.said : null;
};
const write =
  (key: string, said: string, other: string = randomUUID()) =>
  async (inside: EntityManager) => {
    await inside.execute('insert into once_note values (?, ?, ?, ?)', [randomUUID(), key, other, said]);
    return said;
  };

test('sent again, it is what was kept the first time', async () => {
  const key = randomUUID();
  expect(await writeOnce(em(), find(key), write(key, 'first'), null)).toBe('first');
  expect(await writeOnce(em(), find(key), write(key, 'second'), null)).toBe('first');
});

test('of many at the same moment one writes, and all are answered with that', async () => {
  const key = randomUUID();
  const answers = await Promise.all(
    Array.from({ length: 5 }, (_, n) => writeOnce(em(), find(key), write(key, `said ${n}`), null)),
  );
  expect(new Set(answers).size).toBe(1);
  expect(await em().execute('select 1 from once_note where idempotency_key = ?', [key])).toHaveLength(1);
});

test('a key that lies with something else is told; another thing that is twice is passed on', async () => {
  const [key, other] = [randomUUID(), randomUUID()];
  await writeOnce(em(), find(key), write(key, 'kept', other), null);
  const blind = () => Promise.resolve(null);
  await expect(writeOnce(em(), blind, write(key, 'again'), null)).rejects.toBeInstanceOf(KeyTakenError);
  const twice = writeOnce(em(), blind, write(randomUUID(), 'again', other), null);
  await expect(twice).rejects.toThrow(/once_note_other_key/);
  await expect(twice).rejects.not.toBeInstanceOf(KeyTakenError);
});

test('what fails half-way leaves nothing', async () => {
  const key = randomUUID();
  const half = writeOnce(
    em(),
    find(key),
    async (inside) => {
      await write(key, 'half')(inside);
      throw new Error('half-way');
    },
    null,
  );
  await expect(half).rejects.toThrow('half-way');
  expect(await find(key)(em())).toBeNull();
});

test('a key stands for what was first sent with it; what was refused leaves it free', async () => {
  const scope = await database.freshScope();
  const key = randomUUID();
  const sent = (kind: string, said: unknown) => ({ collectionId: scope.collectionId, key, kind, said });
  const refused = () => Promise.resolve('refused');
  expect(await writeOnce<string>(em(), find(key), refused, sent('note', { a: 1 }))).toBe('refused');
  expect(await writeOnce(em(), find(key), write(key, 'kept'), sent('note', { a: 2 }))).toBe('kept');
  expect(await writeOnce(em(), find(key), write(key, 'again'), sent('note', { a: 2 }))).toBe('kept');
  for (const other of [sent('note', { a: 3 }), sent('letter', { a: 2 })]) {
    await expect(writeOnce(em(), find(key), write(key, 'other'), other)).rejects.toBeInstanceOf(KeyTakenError);
  }
});
