/** What is computed from records follows them in their transaction, or the writing fails. */
import type { EntityManager } from '@mikro-orm/postgresql';

const em = {} as EntityManager;
const fresh = async () => {
  jest.resetModules();
  return import('./lives');
};

test('who follows is called with the transaction and the plants, one after the other', async () => {
  const { followLives, livesChanged } = await fresh();
  const calls: unknown[] = [];
  followLives(async (inside, plantIds) => {
    await Promise.resolve();
    calls.push(['first', inside === em, plantIds]);
  });
  followLives(async () => void calls.push('second'));
  await livesChanged(em, ['a', 'b']);
  expect(calls).toEqual([['first', true, ['a', 'b']], 'second']);
  await livesChanged(em, []);
  expect(calls).toHaveLength(2);
});

test('what a follower throws stops the transaction', async () => {
  const { followLives, livesChanged } = await fresh();
  followLives(() => Promise.reject(new Error('no such plant')));
  await expect(livesChanged(em, ['a'])).rejects.toThrow('no such plant');
});

test('an announcement that nobody follows is an error, even of no plant', async () => {
  const { livesChanged } = await fresh();
  await expect(livesChanged(em, [])).rejects.toThrow(/nobody follows/);
});
