import { expect, pick, test, waitForPlan } from './server';

test('the way of watering is said beside its days, and survives a reload', async ({ bench }) => {
  await pick(bench, 'How the water is given', 'soak');
  const minutes = bench.locator('#routine-soak');
  await expect(minutes).toHaveValue('15');
  await minutes.fill('500');
  await expect(bench.getByText(/minutes of a soak must be between 1 and 240 min/).first()).toBeVisible();
  await minutes.fill('30');
  await waitForPlan(bench);
  await bench.reload();
  await expect(minutes).toHaveValue('30');
  await expect(bench.getByLabel('You water')).toHaveValue('7');
  // Another rhythm keeps the way; a mist has none.
  await pick(bench, 'Watering rhythm', 'when it is dry');
  await expect(minutes).toHaveValue('30');
  await pick(bench, 'Watering rhythm', 'by misting');
  await expect(minutes).toHaveCount(0);
});

test('salts of the water and feed are asked, counted, and answered with a flush', async ({ bench }) => {
  await bench.getByRole('button', { name: 'More to say…' }).click();
  await bench.getByRole('tab', { name: 'Water' }).click();
  await bench.getByLabel('Its salts, if measured').fill('9');
  await expect(bench.getByText('salts of the water must be between 0 and 3 mS/cm')).toBeVisible();
  await bench.getByLabel('Its salts, if measured').fill('1.2');
  await bench.getByLabel('Feed every').fill('7');
  await bench.getByRole('button', { name: 'Close', exact: true }).click();
  await waitForPlan(bench);
  await expect(bench.getByRole('button', { name: 'More to say (2)' })).toBeVisible();
  await bench.getByTestId('setup').filter({ hasText: 'Organic, in a pot' }).first().click();
  await bench.getByText('Why', { exact: true }).click();
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
  await bench.getByLabel('You water').fill('30');
  await waitForPlan(bench);
  await bench.getByTestId('setup').filter({ hasText: 'Organic, in a pot' }).first().click();
  await expect(
    bench.getByRole('button', { name: /July/ }).or(bench.locator('button[title^="July"]')).first(),
  ).toHaveAttribute('title', /drought/);
});
