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
  await visitor.goto(`${app.address}/plants`);
  const tag = visitor.getByRole('link', { name: /Slipper no. 4/ });
  await expect(tag).toBeVisible();
  await visitor.getByRole('button', { name: 'Put away Slipper no. 4' }).click();
  await expect(tag).toHaveCount(0);
  await visitor.getByRole('button', { name: 'Undo' }).click();
  await expect(tag).toBeVisible();
});

test('an entry of a log can be put away and brought back', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/plants`);
  await visitor.getByRole('link', { name: /Terrace Vanda/ }).click();
  await expect(visitor.getByText('Kept the long roots out in the air.')).toBeVisible();
  await visitor.getByRole('button', { name: 'Put away' }).click();
  await expect(visitor.getByText('Nothing in its log.')).toBeVisible();
  await visitor.getByRole('button', { name: 'Undo' }).click();
  await expect(visitor.getByText('Kept the long roots out in the air.')).toBeVisible();
});

test('when the server is gone, nothing is lost and the dialog says so', async ({ bench, app }) => {
  await bench.getByRole('button', { name: 'Potted it' }).click();
  await bench.getByLabel('Name on the tag').fill('Kept draft');
  await app.stop();
  await bench.getByRole('button', { name: 'Keep it' }).click();
  await expect(bench.getByText(/cannot be reached/)).toBeVisible();
  await app.start();
  await bench.getByRole('button', { name: 'Keep it' }).click();
  await expect(bench.getByText('Kept in the log of')).toBeVisible();
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
