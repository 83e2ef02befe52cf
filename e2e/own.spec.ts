import AxeBuilder from '@axe-core/playwright';
import { expect, pick, test, waitForPlan } from './server';

test('the mixing tub says what to take, and survives a reload', async ({ bench, app }) => {
  await bench.goto(`${app.address}/media`);
  await expect(bench.getByRole('heading', { name: /Take for 3 L/ })).toBeVisible();
  await bench.getByRole('button', { name: 'Another medium' }).click();
  const depth = bench.getByRole('slider', { name: 'Depth of the mix' });
  await depth.focus();
  await bench.keyboard.press('PageUp');
  await expect(bench.getByRole('heading', { name: /It holds, 13 cm deep/ })).toBeVisible();
  await bench.reload();
  await expect(bench.getByRole('heading', { name: /It holds, 13 cm deep/ })).toBeVisible();
  await expect(bench.getByLabel('Parts of medium 3')).toBeVisible();
  const found = await new AxeBuilder({ page: bench }).withTags(['wcag2a', 'wcag2aa']).analyze();
  expect(found.violations.map((violation) => violation.id)).toEqual([]);
});

test('a medium measured at home in two runs joins the tub and the plans', async ({ bench, app }) => {
  await bench.goto(`${app.address}/media`);
  await bench.getByLabel('Volume of the pot').fill('1000');
  await bench.getByLabel('Water added').fill('1200');
  await bench.getByLabel('Water drained').fill('400');
  await expect(bench.getByText(/Run 1: water added must be more than 0 and less than/)).toBeVisible();
  await bench.getByLabel('Water added').fill('700');
  await expect(bench.getByTestId('porosity')).toContainText('Air 40 %');
  await bench.getByRole('button', { name: /Another run/ }).click();
  await bench.getByLabel('Water added').nth(1).fill('720');
  await bench.getByLabel('Water drained').nth(1).fill('380');
  await expect(bench.getByTestId('porosity')).toContainText('Air 39 % ± 1');
  await bench.getByLabel('Name of your medium').fill('Market bark');
  await bench.getByRole('button', { name: 'Keep it, as measured' }).click();
  await expect(bench.getByText('Market bark', { exact: true })).toBeVisible();
  await pick(bench, 'Medium 1', 'Market bark');
  await expect(bench.getByRole('listitem').filter({ hasText: 'Market bark' }).first()).toBeVisible();
  await bench.getByRole('button', { name: 'Put away Market bark' }).click();
  await expect(bench.getByText('None yet.')).toBeVisible();
  await bench.getByRole('button', { name: 'Undo' }).click();
  await expect(bench.getByRole('button', { name: 'Put away Market bark' })).toBeVisible();
});

test('a genus page is read, and puts the plant on the bench', async ({ bench, app }) => {
  await bench.goto(`${app.address}/genera/masdevallia`);
  await expect(bench.getByRole('heading', { name: 'Masdevallia', level: 1 })).toBeVisible();
  await expect(bench.getByText(/Roots of .* mm/).first()).toBeVisible();
  await expect(bench.getByText('common practice').first()).toBeVisible();
  const found = await new AxeBuilder({ page: bench }).withTags(['wcag2a', 'wcag2aa']).analyze();
  expect(found.violations.map((violation) => violation.id)).toEqual([]);
  await bench.getByRole('button', { name: 'Put one on the bench' }).click();
  await waitForPlan(bench);
  await expect(
    bench
      .locator('form')
      .getByText(/Masdevallia/)
      .first(),
  ).toBeVisible();
});

test('a genus of one’s own is kept and chosen on the bench', async ({ bench, app }) => {
  await bench.goto(`${app.address}/genera/own`);
  await bench.getByLabel('Its name').fill('Balcony hybrid');
  await bench.getByLabel('thinnest roots').fill('99');
  await bench.getByRole('button', { name: 'Keep this genus' }).click();
  await expect(bench.getByText(/root thickness must be between/).first()).toBeVisible();
  await bench.getByLabel('thinnest roots').fill('2');
  await bench.getByRole('button', { name: 'Keep this genus' }).click();
  await expect(bench.getByText(/Balcony hybrid is kept/)).toBeVisible();
  await bench.goto(app.address);
  await waitForPlan(bench);
  await bench.getByLabel('Genus', { exact: true }).fill('balcony');
  await bench.locator('.ant-select-dropdown:visible').getByText('Balcony hybrid').click();
  await waitForPlan(bench);
  await expect(bench.getByText(/Do it now|Wait|Do it/).first()).toBeVisible();
});

test('a place is changed by hand; an impossible value is named with its month', async ({ bench, app }) => {
  await bench.goto(`${app.address}/places`);
  await bench.getByRole('button', { name: /Kiln Lane flat/ }).click();
  await bench.getByRole('button', { name: 'Copy and change' }).click();
  await bench.getByLabel('Name', { exact: true }).fill('My own flat');
  await bench.getByLabel('January day %').fill('140');
  await bench.getByRole('button', { name: 'Keep it as mine' }).click();
  await expect(bench.getByText(/January: relative humidity must be between 1 and 100 %/)).toBeVisible();
  await bench.getByLabel('January day %').fill('28');
  await bench.getByRole('button', { name: 'Keep it as mine' }).click();
  await expect(bench.getByRole('button', { name: /My own flat/ })).toBeVisible();
});

test('a heated room is made out of an outdoor climate', async ({ bench, app }) => {
  await bench.goto(`${app.address}/places`);
  await bench
    .getByRole('button', { name: /Slate Yard|slate/i })
    .first()
    .click();
  await bench.getByRole('button', { name: 'A heated room in it' }).click();
  await expect(bench.getByLabel('January day °C')).toHaveValue('21');
  await bench.getByRole('button', { name: 'Leave it as it was' }).click();
  await expect(bench.getByRole('button', { name: 'A heated room in it' })).toBeVisible();
});

test('pots on my shelf: kept, put away, brought back, and the only ones proposed', async ({ bench }) => {
  await bench.getByRole('button', { name: 'More to say…' }).click();
  await bench.getByRole('tab', { name: 'Pots' }).click();
  await bench.getByRole('button', { name: 'Put it on my shelf' }).click();
  await expect(bench.getByText('rim diameter must be between 3 and 60 cm')).toBeVisible();
  await bench.getByLabel('Rim, inside').fill('13');
  await bench.getByRole('button', { name: 'Put it on my shelf' }).click();
  const putAway = bench.getByRole('button', { name: 'Put away Round plastic pot 13 cm' });
  await putAway.click();
  await expect(putAway).toHaveCount(0);
  await bench.getByRole('button', { name: 'Undo' }).click();
  await expect(putAway).toBeVisible();
  await bench.getByRole('switch').click();
  await bench.getByRole('button', { name: 'Close', exact: true }).click();
  await waitForPlan(bench);
  await expect(bench.getByText('Round plastic pot 13 cm').first()).toBeVisible();
  await expect(bench.getByTestId('setup').filter({ hasText: 'Over water' })).toHaveCount(0);
});
