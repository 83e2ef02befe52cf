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

test('putting a plant away can be undone', async ({ bench, app }) => {
  await bench.goto(`${app.address}/plants`);
  const tag = bench.getByRole('link', { name: /Slipper no. 4/ });
  await expect(tag).toBeVisible();
  await bench.getByRole('button', { name: 'Put away Slipper no. 4' }).click();
  await expect(tag).toHaveCount(0);
  await bench.getByRole('button', { name: 'Undo' }).click();
  await expect(tag).toBeVisible();
});

test('an entry of a log can be put away and brought back', async ({ bench, app }) => {
  await bench.goto(`${app.address}/plants`);
  await bench.getByRole('link', { name: /Terrace Vanda/ }).click();
  await expect(bench.getByText('Kept the long roots out in the air.')).toBeVisible();
  await bench.getByRole('button', { name: 'Put away' }).click();
  await expect(bench.getByText('Nothing in its log.')).toBeVisible();
  await bench.getByRole('button', { name: 'Undo' }).click();
  await expect(bench.getByText('Kept the long roots out in the air.')).toBeVisible();
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

test('the catalogue shows where a value comes from on demand', async ({ bench, app }) => {
  await bench.goto(`${app.address}/library`);
  await expect(bench.getByText('common practice').first()).toHaveCount(0);
  await bench.getByRole('switch').click();
  await expect(bench.getByText('memory').first()).toBeVisible();
  await bench.locator('main').getByText('Media', { exact: true }).click();
  await bench.getByLabel('Find').fill('pumice 8');
  await bench.getByRole('button', { name: 'Pumice 8–16 mm' }).click();
  await expect(bench.getByRole('heading', { name: 'Pumice 8–16 mm' })).toBeVisible();
});
