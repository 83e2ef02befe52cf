/** Many photographs at the same moment: some are taken in, the rest is told to come back. */
import { randomUUID } from 'node:crypto';
import { putPhoto } from './photos';

test('of twenty at once few are read, the others are told when to come again; then it is free again', async () => {
  const send = () =>
    putPhoto(new Request('http://127.0.0.1/api/photos/x', { method: 'PUT', body: Buffer.alloc(100_000, 1) }), {
      params: Promise.resolve({ id: randomUUID() }),
    });
  const answers = await Promise.all(Array.from({ length: 20 }, send));
  const told = answers.filter(({ status }) => status === 503);
  // It is no picture: that is told to those whose turn came.
  expect(answers.filter(({ status }) => status === 422)).toHaveLength(20 - told.length);
  expect(told.length).toBeGreaterThanOrEqual(14);
  expect(told.every(({ headers }) => headers.get('retry-after') !== null)).toBe(true);
  expect((await send()).status).toBe(422);
});
