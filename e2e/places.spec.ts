import { expect, pick, test, waitForPlan } from './server';

test('a logger file becomes a place on the bench, and can be put away and brought back', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/places`);
  await visitor.locator('input[type=file]').setInputFiles('examples/places/logger-stairwell.csv');
  await expect(visitor.getByText(/no readings for 32 h after 2026-01-09 04:00/)).toBeVisible();
  await visitor.getByLabel('Its name').fill('My stairwell');
  await visitor.getByRole('button', { name: 'Keep this place' }).click();
  await expect(visitor.getByRole('button', { name: /My stairwell/ })).toBeVisible();
  await visitor.goto(app.address);
  await waitForPlan(visitor);
  await pick(visitor, 'Where it stands', 'My stairwell');
  await waitForPlan(visitor);
  await expect(visitor.getByText(/From a logger/)).toBeVisible();
  await visitor.goto(`${app.address}/places`);
  await visitor.getByRole('button', { name: /My stairwell/ }).click();
  await visitor.getByRole('button', { name: 'Put away' }).click();
  await expect(visitor.getByRole('button', { name: /My stairwell/ })).toHaveCount(0);
  await visitor.getByRole('button', { name: 'Undo' }).click();
  await expect(visitor.getByRole('button', { name: /My stairwell/ })).toBeVisible();
});

test('a bad file is refused with line and reason, and nothing is kept', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/places`);
  const kept = async () => (await visitor.request.get(`${app.address}/api/places`)).json() as Promise<unknown>;
  const before = await kept();
  await visitor.locator('input[type=file]').setInputFiles({
    name: 'broken.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(['time,temp,hum', '2026-07-01 10:00,20,50', '2026-07-01 11:00,20,140'].join('\n')),
  });
  await expect(visitor.getByText('line 3: relative humidity 140 is outside 1 to 100 %')).toBeVisible();
  await expect(visitor.getByRole('button', { name: 'Keep this place' })).toHaveCount(0);
  expect(await kept()).toEqual(before);
});
