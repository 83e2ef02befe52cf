import { expect, test } from './server';

const pages = ['/plants', '/media', '/places', '/library', '/compare', '/genera/phalaenopsis'];

test('every page runs under a policy that allows no script but ours', async ({ app, visitor }) => {
  for (const path of pages) {
    const answer = await visitor.goto(app.address + path);
    const policy = answer!.headers()['content-security-policy']!;
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).not.toMatch(/script-src[^;]*unsafe/);
    // Alive: the units can be switched, so the scripts ran.
    await visitor.getByText('in', { exact: true }).first().click();
    await expect(visitor.getByRole('radio', { name: 'in', exact: true })).toBeChecked();
    await visitor.getByText('cm', { exact: true }).first().click();
  }
});

test('a script written into a page does not run', async ({ app, page }) => {
  await page.goto(`${app.address}/media`);
  const ran = await page.evaluate(() => {
    const script = document.createElement('script');
    script.textContent = 'window.intruder = true';
    document.body.append(script);
    return 'intruder' in window;
  });
  expect(ran).toBe(false);
});

test('a page of another origin can neither read nor change anything', async ({ app, page, request }) => {
  await page.route('http://elsewhere.example/**', (route) =>
    route.fulfill({ contentType: 'text/html', body: '<h1>Elsewhere</h1>' }),
  );
  await page.goto('http://elsewhere.example/');
  const places = async () => (await (await request.get(`${app.address}/api/places`)).text()).length;
  const before = await places();
  const outcomes = await page.evaluate(async (address) => {
    const tries: [string, RequestInit][] = [
      [`${address}/api/plants`, {}],
      [`${address}/api/plants`, { mode: 'no-cors' }],
      [`${address}/api/places`, { method: 'POST', mode: 'no-cors', body: '{}' }],
      [`${address}/api/places`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: '{}' }],
    ];
    return Promise.all(
      tries.map(([url, init]) =>
        fetch(url, init).then(
          (answer) => `read ${answer.type}`,
          () => 'refused',
        ),
      ),
    );
  }, app.address);
  expect(outcomes).toEqual(['refused', 'refused', 'refused', 'refused']);
  expect(await places()).toBe(before);
});

test('another name that points here is turned away', async ({ app, request }) => {
  const rebound = await request.get(`${app.address}/api/plants`, { headers: { host: 'rebound.example' } });
  expect(rebound.status()).toBe(421);
  const change = await request.delete(`${app.address}/api/plants/00000000-0000-4000-8000-000000000000`, {
    headers: { host: 'rebound.example', 'content-type': 'application/json' },
  });
  expect(change.status()).toBe(421);
});

test('unknown addresses, wrong methods and unreadable paths are answered as problem+json', async ({ app, request }) => {
  const statusOf = async (method: string, path: string) => {
    const answer = await request.fetch(app.address + path, {
      method,
      headers: { 'content-type': 'application/json' },
    });
    expect(answer.headers()['content-type']).toBe('application/problem+json');
    return answer.status();
  };
  expect(await statusOf('GET', '/api/nope')).toBe(404);
  expect(await statusOf('PATCH', '/api/plants')).toBe(405);
  expect(await statusOf('GET', '/api/plants/%ff')).toBe(400);
  expect(await statusOf('GET', '/api/plants?after=%00')).toBe(400);
});
