/** @jest-environment node */
import { demoPlaces } from '@core';
import { client, ConflictError, UnreachableError } from './client';

const json = (status: number, body: unknown) => new Response(status === 204 ? null : JSON.stringify(body), { status });

interface Call {
  readonly what: string;
  readonly headers: Headers;
}

function serverAnswers(respond: () => Response | Promise<never>): Call[] {
  const calls: Call[] = [];
  globalThis.fetch = (async (path: string, init: RequestInit) => {
    calls.push({ what: `${init.method} ${path}`, headers: new Headers(init.headers) });
    return respond();
  }) as typeof fetch;
  return calls;
}

test('putting away and bringing back call their addresses', async () => {
  const calls = serverAnswers(() => json(204, null));
  await client.remove('plants', 'a');
  await client.restore('events', 'b');
  expect(calls.map(({ what }) => what)).toEqual(['DELETE /api/plants/a', 'POST /api/events/b/restore']);
});

test('faults of a problem become the message', async () => {
  serverAnswers(() =>
    json(422, { title: 'Some values cannot be used.', faults: [{ path: 'name', message: 'name must not be empty' }] }),
  );
  await expect(client.savePlace(demoPlaces[0]!)).rejects.toThrow('name must not be empty');
});

test('a change carries the version seen; a conflict carries what is kept now', async () => {
  const calls = serverAnswers(() => json(409, { title: 'Changed meanwhile.', current: { version: 4 } }));
  const error = await client.changePlace(demoPlaces[0]!, 3).catch((caught: unknown) => caught);
  expect(calls[0]!.headers.get('if-match')).toBe('"3"');
  expect(error).toBeInstanceOf(ConflictError);
  expect((error as ConflictError).current).toEqual({ version: 4 });
});

test('an answer that is no problem still says that nothing was changed', async () => {
  serverAnswers(() => json(418, 'oops'));
  await expect(client.remove('plants', 'a')).rejects.toThrow(/answered 418. Nothing was changed/);
});

test('an answer that is not what the route promises is not taken for one', async () => {
  serverAnswers(() => json(200, { plants: [{ id: 1 }] }));
  await expect(client.plants({}, null)).rejects.toThrow(/does not understand/);
});

test('a server that is gone, or has no database, is said to be unreachable', async () => {
  serverAnswers(() => Promise.reject(new TypeError('fetch failed')));
  await expect(client.plants({}, null)).rejects.toBeInstanceOf(UnreachableError);
  serverAnswers(() => json(503, { title: 'The database cannot be reached.' }));
  await expect(client.plants({}, null)).rejects.toThrow(new UnreachableError('The database cannot be reached.'));
});

test('an answer cut off on its way is none, whatever its head said', async () => {
  const cut = () => {
    const response = json(422, { title: 'Some values cannot be used.' });
    response.text = () => Promise.reject(new TypeError('network error'));
    return response;
  };
  serverAnswers(cut);
  await expect(client.plants({}, null)).rejects.toBeInstanceOf(UnreachableError);
});

test('what is created carries a key of its own each time', async () => {
  const place = demoPlaces[0]!;
  const calls = serverAnswers(() => json(201, place));
  await client.savePlace(place);
  await client.savePlace(place);
  const keys = calls.map(({ headers }) => headers.get('idempotency-key'));
  expect(keys[0]).toMatch(/^[0-9a-f-]{36}$/);
  expect(new Set(keys).size).toBe(2);
});

test('the next page is asked for after the last one seen', async () => {
  const calls = serverAnswers(() => json(200, { plants: [], next: null, total: 0 }));
  await client.plants({ place: 'cool shade' }, 'a b/c');
  expect(calls[0]!.what).toBe('GET /api/plants?place=cool+shade&after=a+b%2Fc');
});
