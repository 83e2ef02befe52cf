import { expect, test } from './server';

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
  expect((await request.delete(`${app.address}/api/plants/00000000-0000-4000-8000-000000000000`)).status()).toBe(404);
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
