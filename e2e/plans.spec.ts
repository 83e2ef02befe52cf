/** A plan in a plant's life, and what it was potted in put right. */
import { expect, test, waitForPlan } from './server';

test('planned, potted as planned, and put right: each stands in the life, and nothing said is lost', async ({
  bench,
  app,
}) => {
  await bench.getByRole('button', { name: 'Plan it' }).click();
  const dialog = bench.getByRole('dialog', { name: 'Keep it as a plan' });
  await dialog.getByLabel('Name on the tag').fill('Plan Phalaenopsis');
  await dialog.getByLabel('Note').fill('with the new bag');
  await dialog.getByRole('button', { name: 'Keep the plan' }).click();
  await bench.getByRole('link', { name: 'Plan Phalaenopsis' }).click();
  await expect(bench.getByRole('heading', { name: /^Planned / })).toBeVisible();
  await expect(bench.getByText('Not potted yet.')).toBeVisible();
  await expect(bench.getByText('with the new bag')).toBeVisible();
  const address = bench.url();

  await bench.goto(`${app.address}/today`);
  await expect(bench.getByRole('region', { name: 'Planned' }).getByText('Plan Phalaenopsis')).toBeVisible();

  // Opened from the plan, it is what was planned.
  await bench.goto(address);
  await bench.getByRole('button', { name: 'Open on the bench' }).click();
  await waitForPlan(bench);
  await bench.keyboard.press('p');
  await bench.getByRole('button', { name: 'Add to its log' }).click();
  await expect(bench.getByText('Kept in the log of Plan Phalaenopsis')).toBeVisible();
  await bench.goto(address);
  await expect(bench.getByRole('heading', { name: /^A plan of / })).toBeVisible();
  await expect(bench.getByText('Not potted yet.')).toHaveCount(0);
  const potted = bench.getByRole('listitem').filter({ has: bench.getByRole('table', { name: 'What went in' }) });
  const recipe = await potted.getByRole('table').innerText();

  // It went into another one of the shelf after all; a reload forgets nothing of that.
  await potted.getByRole('button', { name: 'It was another pot or mix…' }).click();
  await waitForPlan(bench);
  await bench.keyboard.press('6');
  await bench.reload();
  await waitForPlan(bench);
  await bench.getByRole('button', { name: 'Put it right' }).click();
  const right = bench.getByRole('dialog', { name: 'Put right what it was potted in' });
  await right.getByLabel('Note').fill('it was this one');
  await right.getByRole('button', { name: 'Put it right' }).click();
  await expect(right).toHaveCount(0);
  await bench.goto(address);
  await expect(potted).toHaveCount(1);
  await expect(potted.getByText('it was this one')).toBeVisible();
  expect(await potted.getByRole('table').innerText()).not.toBe(recipe);
  await potted.getByRole('button', { name: 'What it said before' }).click();
  await expect(potted.getByRole('list', { name: 'What it said before' }).getByRole('listitem')).toHaveCount(1);
});

test('planned for a date: the date is offered as a day, and later plans for it join that day by themselves', async ({
  bench,
  app,
}) => {
  const planFor = async (name: string) => {
    // Another plant: nothing of the one before is left on the bench.
    await bench.evaluate(() => localStorage.clear());
    await bench.goto(app.address);
    await waitForPlan(bench);
    await bench.getByRole('button', { name: 'Plan it' }).click();
    const dialog = bench.getByRole('dialog', { name: 'Keep it as a plan' });
    await dialog.getByLabel('Name on the tag').fill(name);
    await dialog.getByLabel('For the day').fill('2031-03-08');
    await bench.keyboard.press('Enter');
    await dialog.getByRole('button', { name: 'Keep the plan' }).click();
    await expect(dialog).toHaveCount(0);
  };
  await planFor('Early Oncidium');
  await bench.goto(`${app.address}/days`);
  await bench.getByRole('button', { name: 'Saturday, 8 March: 1 planned' }).click();
  await expect(bench.getByRole('checkbox', { name: /Early Oncidium/ })).toBeChecked();
  await bench.getByRole('button', { name: 'Prepare one plant' }).click();
  await expect(bench.getByText('Early Oncidium').first()).toBeVisible();
  const day = bench.url();
  await planFor('Late Oncidium');
  await bench.goto(day);
  await expect(bench.getByText('Late Oncidium').first()).toBeVisible();
  await expect(bench.getByText('Early Oncidium').first()).toBeVisible();
});
