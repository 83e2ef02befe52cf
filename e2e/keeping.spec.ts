import { expect, test, waitForPlan } from './server';

test('"potted it" is in the log after reload and after a restart of the server, and opens again', async ({
  bench,
  app,
}) => {
  await bench.getByRole('button', { name: 'Potted it' }).click();
  await bench.getByLabel('Name on the tag').fill('Restart Phalaenopsis');
  await bench.getByLabel('Note').fill('tag side north');
  await bench.getByRole('button', { name: 'Keep it' }).click();
  await bench.getByRole('link', { name: 'Restart Phalaenopsis' }).click();
  await expect(bench.getByRole('heading', { level: 1, name: 'Restart Phalaenopsis' })).toBeVisible();
  await bench.reload();
  await expect(bench.getByText('tag side north')).toBeVisible();
  const recipe = await bench.getByRole('table', { name: 'What went in' }).innerText();
  expect(recipe).toMatch(/mm/);

  const address = bench.url();
  await app.stop();
  await app.start();
  await bench.goto(address);
  await expect(bench.getByText('tag side north')).toBeVisible();
  expect(await bench.getByRole('table', { name: 'What went in' }).innerText()).toBe(recipe);

  await bench.getByRole('button', { name: 'Open on the bench' }).click();
  await waitForPlan(bench);
  await bench.getByRole('button', { name: 'Potted it' }).click();
  await expect(bench.getByLabel('Name on the tag')).toHaveValue('Restart Phalaenopsis');
  await bench.getByRole('button', { name: 'Add to its log' }).click();
  await bench.goto(address);
  await expect(bench.getByRole('table', { name: 'What went in' })).toHaveCount(2);
});

test('putting a plant away can be undone', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/plants?search=slipper`);
  const tag = visitor.getByRole('link', { name: /Slipper no. 4/ });
  await tag.click();
  await visitor.getByRole('button', { name: 'Delete this plant' }).click();
  await visitor.waitForURL(/\/plants$/);
  await visitor.getByRole('searchbox', { name: 'Find a plant' }).fill('slipper');
  await expect(visitor.getByRole('link', { name: /Slipper no. 7/ })).toBeVisible();
  await expect(tag).toHaveCount(0);
  await visitor.getByRole('button', { name: 'Undo' }).click();
  await expect(tag).toBeVisible();
});

test('an entry of a log can be deleted and brought back', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/plants?search=terrace+vanda`);
  await visitor.getByRole('link', { name: /Terrace Vanda/ }).click();
  await expect(visitor.getByText('Kept the long roots out in the air.')).toBeVisible();
  await visitor.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(visitor.getByText('Nothing in its log.')).toBeVisible();
  await visitor.getByRole('button', { name: 'Undo' }).click();
  await expect(visitor.getByText('Kept the long roots out in the air.')).toBeVisible();
});

test('when the server is gone nothing is lost: it waits, is shown, and is kept once when the server is back', async ({
  bench,
  app,
}) => {
  const pot = async (name: string) => {
    await bench.getByRole('button', { name: 'Potted it' }).click();
    await bench.getByLabel('Name on the tag').fill(name);
    await bench.getByRole('button', { name: 'Keep it' }).click();
  };
  const [one, two] = [`Waits one ${Date.now()}`, `Waits two ${Date.now()}`];
  // What opens later has been fetched by now.
  await expect(bench.locator('[data-whole]')).toBeAttached();
  await app.stop();
  await pot(one);
  await expect(bench.getByText(/waits in this browser/)).toBeVisible();
  await pot(two);
  const pill = bench.getByRole('status').filter({ hasText: '2 not yet kept' });
  await expect(pill).toBeVisible();
  await pill.click();
  await expect(bench.getByText(`${one} potted`)).toBeVisible();
  await expect(bench.getByText(`${two} potted`)).toBeVisible();
  await app.start();
  // A reload, while something waits.
  await bench.reload();
  await waitForPlan(bench);
  await expect(pill).toHaveCount(0);
  for (const name of [one, two]) {
    await bench.goto(`${app.address}/plants?${new URLSearchParams({ search: name })}`);
    await expect(bench.getByRole('link', { name: new RegExp(name) })).toHaveCount(1);
  }
});

test('a change refused after the fact stays, with its reason, until the grower decides', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/library`);
  await visitor.evaluate(() =>
    localStorage.setItem(
      'tender-cairn.outbox',
      JSON.stringify([
        {
          key: 'a-key-of-an-earlier-day',
          writtenAt: '2026-11-20T10:00:00Z',
          title: 'Own medium of nowhere',
          method: 'POST',
          path: '/api/library/medium',
          body: { name: 'Bark', likeId: 'nowhere' },
          seenVersion: null,
          refusal: null,
          currentVersion: null,
        },
      ]),
    ),
  );
  await visitor.reload();
  await visitor.getByRole('status').filter({ hasText: '1 not yet kept' }).click();
  await expect(visitor.getByText(/refused: likeId/)).toBeVisible();
  await visitor.getByRole('button', { name: 'Throw away' }).click();
  await visitor.getByRole('button', { name: 'Throw away for good' }).click();
  await expect(visitor.getByText('1 not yet kept')).toHaveCount(0);
});

test('the catalogue shows where a value comes from on demand', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/library`);
  await expect(visitor.getByText('common practice').first()).toHaveCount(0);
  await visitor.getByRole('switch').click();
  await expect(visitor.getByText('memory').first()).toBeVisible();
  await visitor.locator('main').getByText('Media', { exact: true }).click();
  await visitor.getByLabel('Find').fill('pumice 8');
  await visitor.getByRole('button', { name: 'Pumice 8–16 mm' }).click();
  await expect(visitor.getByRole('heading', { name: 'Pumice 8–16 mm' })).toBeVisible();
});

test('a plant is found as one types, slips of the finger forgiven', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/plants`);
  const find = visitor.getByRole('searchbox', { name: 'Find a plant' });
  await find.fill('stairwel');
  await expect(visitor.getByText('1 found')).toBeVisible();
  await expect(visitor.getByRole('link', { name: /Big white from the stairwell/ })).toBeVisible();
  await expect(visitor.getByRole('link', { name: /Slipper no. 4/ })).toHaveCount(0);
  await find.fill('paphiopedlum');
  await expect(visitor.getByRole('link', { name: /Slipper no. 4/ })).toBeVisible();
  await find.fill('zebra');
  await expect(visitor.getByText('Nothing like that.', { exact: false })).toBeVisible();
  await find.fill('');
  await expect(visitor.getByText(/^\d+ plants$/)).toBeVisible();
});
