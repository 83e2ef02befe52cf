import { readFileSync } from 'node:fs';
import { usualPool } from '../server/runtime/worker-pool/pool';
import { expect, test } from './server';

/** Changes say what they are, with a body or without. */
const asJson = { headers: { 'content-type': 'application/json' } };

test('POST /api/plan answers with ranked setups', async ({ app, request }) => {
  const answer = await request.post(`${app.address}/api/plan`, {
    data: { genus: 'paphiopedilum', place: 'cool-shade' },
  });
  expect(answer.status()).toBe(200);
  const plan = (await answer.json()) as { setups: unknown[]; ruledOut: unknown[] };
  expect(plan.setups.length).toBeGreaterThanOrEqual(6);
  expect(plan.ruledOut.length).toBeGreaterThan(0);
});

test('bad input gets problem+json with path and range', async ({ app, request }) => {
  const answer = await request.post(`${app.address}/api/plan`, {
    data: { genus: 'paphiopedilum', place: 'cool-shade', rootDiameterMm: 0 },
  });
  expect(answer.status()).toBe(422);
  expect(answer.headers()['content-type']).toContain('application/problem+json');
  expect(await answer.json()).toMatchObject({
    status: 422,
    faults: [{ path: 'rootDiameterMm', message: 'root thickness must be between 0.2 and 12 mm' }],
  });
});

test('what is not JSON, and ids that are none, are refused', async ({ app, request }) => {
  const broken = await request.post(`${app.address}/api/plan`, {
    headers: { 'content-type': 'application/json' },
    data: Buffer.from('{genus'),
  });
  expect(broken.status()).toBe(400);
  expect((await request.get(`${app.address}/api/plants/not-an-id`)).status()).toBe(404);
  expect(
    (await request.delete(`${app.address}/api/plants/00000000-0000-4000-8000-000000000000`, asJson)).status(),
  ).toBe(404);
});

test('a refused potting changes nothing', async ({ app, request }) => {
  const list = async () =>
    ((await (await request.get(`${app.address}/api/plants`)).json()) as { plants: unknown[] }).plants.length;
  const before = await list();
  const answer = await request.post(`${app.address}/api/pottings`, {
    data: { plantName: 'X', pottedOn: '2026-02-31' },
  });
  expect(answer.status()).toBe(422);
  expect(await list()).toBe(before);
});

test('the same potting sent twice is kept once', async ({ app, request }) => {
  const plan = (await (
    await request.post(`${app.address}/api/plan`, { data: { genus: 'oncidium', place: 'bathroom' } })
  ).json()) as { version: number; setups: { spec: unknown }[] };
  expect(plan.version).toBe(2);
  const data = {
    plantName: 'Twice tapped',
    pottedOn: '2026-05-02',
    idempotencyKey: `twice-${Date.now()}`,
    // As a client of the first version says it.
    planCase: { genus: 'oncidium', place: 'bathroom', state: 'in bud or bloom' },
    spec: plan.setups[0]!.spec,
  };
  const first = await request.post(`${app.address}/api/pottings`, { data });
  const second = await request.post(`${app.address}/api/pottings`, { data });
  expect([first.status(), second.status()]).toEqual([201, 200]);
  const log = (await second.json()) as { id: string; pottings: { planCase: object }[] };
  expect(log.pottings.map(({ planCase }) => planCase)).toMatchObject([{ signs: { inBloom: true } }]);
  await request.delete(`${app.address}/api/plants/${log.id}`, asJson);
});

test('a late change of a place is told what is kept now', async ({ app, request }) => {
  const { place } = JSON.parse(readFileSync('examples/oncidium-own-place.json', 'utf8')) as { place: object };
  const kept = (await (await request.post(`${app.address}/api/places`, { data: place })).json()) as { id: string };
  const put = (name: string) =>
    request.put(`${app.address}/api/places/${kept.id}`, {
      data: { ...place, name },
      headers: { 'if-match': '"1"' },
    });
  const [first, late] = [await put('First'), await put('Late')];
  expect([first.status(), first.headers().etag, late.status()]).toEqual([200, '"2"', 409]);
  expect(await late.json()).toMatchObject({
    current: { place: { name: 'First' }, version: 2 },
    sent: { place: { name: 'Late' } },
  });
  await request.delete(`${app.address}/api/places/${kept.id}`, asJson);
});

test('plans of a client who has left are not worked out: there is room for the next one', async ({ app }) => {
  const ask = (signal?: AbortSignal) =>
    fetch(`${app.address}/api/plan`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ genus: 'phalaenopsis', place: 'heated-flat' }),
      ...(signal ? { signal } : {}),
    });
  const leaving = new AbortController();
  const { threads, mostWaiting } = usualPool;
  const left = Array.from({ length: threads + mostWaiting + 4 }, () => ask(leaving.signal).catch(() => null));
  // Beyond the queue the answer comes at once, with when to try again.
  await expect.poll(async () => (await ask()).status).toBe(503);
  const refused = await ask();
  expect(refused.status === 503 ? refused.headers.get('retry-after') : '5').toBe('5');
  leaving.abort();
  await Promise.all(left);
  // Two browsers and their servers share the processors with it.
  await expect.poll(async () => (await ask()).status, { timeout: 90_000 }).toBe(200);
});
