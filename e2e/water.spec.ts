import { done, expect, openMore, openPhrase, test, waitForPlan } from './server';

test('on a phone every way of watering lies on the screen', async ({ bench }) => {
  await bench.setViewportSize({ width: 390, height: 844 });
  await bench.locator('[data-phrase="watering"]').click();
  const rhythms = bench.getByRole('radiogroup', { name: 'Watering rhythm' }).locator('label');
  await expect(rhythms).toHaveCount(5);
  for (const rhythm of await rhythms.all()) {
    const { x, width } = (await rhythm.boundingBox())!;
    expect(x).toBeGreaterThanOrEqual(0);
    expect(x + width).toBeLessThanOrEqual(390 - 16);
  }
});

test('the way of watering is said beside its days, and survives a reload', async ({ bench }) => {
  await openPhrase(bench, 'watering');
  await bench.getByText('soak', { exact: true }).click();
  const minutes = bench.locator('#routine-soak');
  await expect(minutes).toHaveValue('15');
  await minutes.fill('500');
  await expect(bench.getByText(/minutes of a soak must be between 1 and 240 min/).first()).toBeVisible();
  await minutes.fill('30');
  await waitForPlan(bench);
  await bench.reload();
  await expect(bench.locator('[data-phrase="watering"]')).toHaveText('every 7 days, soaked 30 min');
  await openPhrase(bench, 'watering');
  await expect(minutes).toHaveValue('30');
  await expect(bench.getByLabel('You water', { exact: true })).toHaveValue('7');
  // Another rhythm keeps the way; a mist has none.
  await bench.getByText('when dry', { exact: true }).click();
  await expect(minutes).toHaveValue('30');
  await bench.getByText('mist', { exact: true }).click();
  await expect(minutes).toHaveCount(0);
});

test('salts of the water and feed are asked, counted, and answered with a flush', async ({ bench }) => {
  await openMore(bench, 'EC');
  await bench.getByLabel('Its salts, if measured').fill('9');
  await expect(bench.getByText('salts of the water must be between 0 and 3 mS/cm').first()).toBeVisible();
  await bench.getByLabel('Its salts, if measured').fill('1.2');
  await bench.getByLabel('Feed every').fill('7');
  await done(bench);
  await waitForPlan(bench);
  await expect(bench.locator('[data-phrase="water"]')).toHaveText('1.2 mS/cm, fed every 7 days');
  await bench.getByTestId('setup').filter({ hasText: 'Organic, in a pot' }).first().click();
  await bench.getByText('Why', { exact: true }).click();
  await bench.getByRole('button', { name: /^All \d+ reasons/ }).click();
  await expect(bench.getByText(/flush it about every \d+ weeks with/)).toBeVisible();
  await expect(bench.getByText(/Purer water than your 1.2 mS\/cm/)).toBeVisible();
});

test('the year is told in days, by month too, with what they come from', async ({ bench }) => {
  await bench.getByText('Why', { exact: true }).click();
  const months = bench.getByRole('list', { name: 'Days by month' });
  await expect(months.getByRole('listitem')).toHaveCount(12);
  await expect(months.getByRole('listitem').first()).toHaveAttribute(
    'aria-label',
    /January: ● \d+ fine · ◐ \d+ to watch/,
  );
  await expect(bench.getByText(/Over the year its roots have \d+ fine days/)).toBeVisible();
  // Water it far too seldom: the months say so.
  await openPhrase(bench, 'watering');
  await bench.getByLabel('You water', { exact: true }).fill('30');
  await done(bench);
  await waitForPlan(bench);
  await bench.getByTestId('setup').filter({ hasText: 'Organic, in a pot' }).first().click();
  await expect(
    bench.getByRole('button', { name: /July/ }).or(bench.locator('button[title^="July"]')).first(),
  ).toHaveAttribute('title', /drought/);
});
