import { expect, pick, test, waitForPlan } from './server';

test('a logger file becomes a place on the bench, and can be put away and brought back', async ({ bench, app }) => {
  await bench.goto(`${app.address}/places`);
  await bench.locator('input[type=file]').setInputFiles('examples/places/logger-stairwell.csv');
  await expect(bench.getByText(/no readings for 32 h after 2026-01-09 04:00/)).toBeVisible();
  await bench.getByLabel('Its name').fill('My stairwell');
  await bench.getByRole('button', { name: 'Keep this place' }).click();
  await expect(bench.getByRole('button', { name: /My stairwell/ })).toBeVisible();
  await bench.goto(app.address);
  await waitForPlan(bench);
  await pick(bench, 'Where it stands', 'My stairwell');
  await waitForPlan(bench);
  await expect(bench.getByText(/From a logger/)).toBeVisible();
  await bench.goto(`${app.address}/places`);
  await bench.getByRole('button', { name: /My stairwell/ }).click();
  await bench.getByRole('button', { name: 'Put away' }).click();
  await expect(bench.getByRole('button', { name: /My stairwell/ })).toHaveCount(0);
  await bench.getByRole('button', { name: 'Undo' }).click();
  await expect(bench.getByRole('button', { name: /My stairwell/ })).toBeVisible();
});

test('a bad file is refused with line and reason, and nothing is kept', async ({ bench, app }) => {
  await bench.goto(`${app.address}/places`);
  const before = await bench.getByRole('button', { pressed: false }).count();
  await bench.locator('input[type=file]').setInputFiles({
    name: 'broken.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(['time,temp,hum', '2026-07-01 10:00,20,50', '2026-07-01 11:00,20,140'].join('\n')),
  });
  await expect(bench.getByText('line 3: relative humidity 140 is outside 1 to 100 %')).toBeVisible();
  await expect(bench.getByRole('button', { name: 'Keep this place' })).toHaveCount(0);
  expect(await bench.getByRole('button', { pressed: false }).count()).toBe(before);
});
