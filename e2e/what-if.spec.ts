import { accessibilityFaults } from './accessibility';
import { done, expect, openMore, openPhrase, test, waitForPlan } from './server';

test('what if: old and new stand side by side, the change is taken over and can be undone', async ({ bench }) => {
  const title = bench.getByRole('heading', { level: 1 });
  await bench
    .getByTestId('setup')
    .filter({ hasText: /Organic, in a pot/ })
    .first()
    .click();
  const before = await title.innerText();
  await bench.getByRole('button', { name: 'What if…' }).click();
  await expect(bench.getByText('As it is', { exact: true })).toBeVisible();
  const moss = bench.getByRole('slider', { name: 'Moss in the mix' });
  await moss.focus();
  await bench.keyboard.press('End');
  const table = bench.getByRole('table', { name: 'What the change does' });
  await expect(table.getByText('asks for water after')).toBeVisible();
  await bench.reload();
  await waitForPlan(bench);
  await expect(table.getByText('asks for water after')).toBeVisible();
  await bench.getByRole('button', { name: 'Take the changed one' }).click();
  await expect(title).not.toHaveText(before);
  await bench.getByRole('button', { name: 'As proposed' }).click();
  await expect(title).toHaveText(before);
});

test('tune to my routine offers changes that put the day on the grower’s day', async ({ bench }) => {
  await bench
    .getByTestId('setup')
    .filter({ hasText: /Organic, in a pot/ })
    .first()
    .click();
  await bench.keyboard.press('w');
  await bench.getByRole('button', { name: 'Tune to my routine' }).click();
  await expect(bench.getByText(/It asks after .* in a middling month/)).toBeVisible({ timeout: 30_000 });
  await bench.keyboard.press('w');
  await expect(bench.getByRole('button', { name: 'Tune to my routine' })).toHaveCount(0);
});

test('how sure: what matters most and what would change the order; it can be stopped', async ({ bench }) => {
  await bench.getByText('Why', { exact: true }).click();
  await bench.getByRole('button', { name: 'How sure is this?' }).click();
  await expect(bench.getByRole('table', { name: 'What matters most' })).toBeVisible({ timeout: 240_000 });
  await expect(bench.getByText('What would change the order')).toBeVisible();
});

test('up to four setups are compared on one sheet', async ({ bench }) => {
  for (const k of [0, 1, 2, 3])
    await bench
      .getByRole('button', { name: /beside others/ })
      .nth(k)
      .click();
  await bench.getByRole('button', { name: 'Compare 4' }).click();
  await expect(bench.getByRole('columnheader')).toHaveCount(5);
  await expect(bench.getByText('next repotting in')).toBeVisible();
  const printed = await bench.pdf({ preferCSSPageSize: true, printBackground: true });
  expect(printed.toString('latin1').match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
  await bench.getByRole('button', { name: 'Leave out' }).first().click();
  await expect(bench.getByRole('columnheader')).toHaveCount(4);
  const found = await accessibilityFaults(bench);
  expect(found).toEqual([]);
});

test('schools: a side is taken, and each side is worked out with its costs', async ({ bench }) => {
  await openMore(bench, 'schools');
  await bench.getByRole('radio', { name: /Inorganic only/ }).check();
  await bench.getByRole('button', { name: 'What would each do here?' }).first().click();
  await expect(bench.getByRole('table', { name: 'What each side would do here' })).toBeVisible({ timeout: 90_000 });
  await done(bench);
  await waitForPlan(bench);
  await expect(bench.getByTestId('setup').filter({ hasText: /Organic, in a pot/ })).toHaveCount(0);
  await expect(bench.locator('[data-phrase="opinions"]')).toHaveText('1 opinion of yours');
});

test('the plant in hand: few live roots and no tips bring the recovery pot', async ({ bench }) => {
  await openMore(bench, 'dead');
  await bench.getByLabel('Live roots', { exact: true }).fill('10');
  await done(bench);
  await openPhrase(bench, 'shows');
  await bench.getByRole('button', { name: 'no new root tips' }).click();
  await bench.keyboard.press('Escape');
  await waitForPlan(bench);
  await expect(bench.getByTestId('setup').first()).toContainText(/Recovery in moss|Moss pot/);
  await bench.getByText('After', { exact: true }).click();
  await expect(bench.getByText(/Wait for: two or three new root tips/)).toBeVisible();
});
