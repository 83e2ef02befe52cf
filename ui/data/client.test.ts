import { remove, restore, savePlace } from './client';
import { demoPlaces } from '@core';

const answer = (status: number, body: unknown) =>
  new Response(status === 204 ? null : JSON.stringify(body), { status });

function serverAnswers(respond: () => Response | Promise<never>): string[] {
  const calls: string[] = [];
  globalThis.fetch = (async (path: string, init: RequestInit) => {
    calls.push(`${init.method} ${path}`);
    return respond();
  }) as typeof fetch;
  return calls;
}

test('putting away and bringing back call their addresses', async () => {
  const calls = serverAnswers(() => answer(204, null));
  await remove('plants', 'a');
  await restore('pottings', 'b');
  expect(calls).toEqual(['DELETE /api/plants/a', 'POST /api/pottings/b/restore']);
});

test('faults of a problem become the message', async () => {
  serverAnswers(() =>
    answer(422, {
      title: 'Some values cannot be used.',
      faults: [{ path: 'name', message: 'name must not be empty' }],
    }),
  );
  await expect(savePlace(demoPlaces[0]!)).rejects.toThrow('name must not be empty');
});

test('an answer that is no problem still says that nothing was changed', async () => {
  serverAnswers(() => answer(500, 'oops'));
  await expect(remove('plants', 'a')).rejects.toThrow(/answered 500. Nothing was changed/);
});

test('a server that is gone is said to be gone', async () => {
  serverAnswers(() => Promise.reject(new TypeError('fetch failed')));
  await expect(remove('plants', 'a')).rejects.toThrow(/cannot be reached/);
});
