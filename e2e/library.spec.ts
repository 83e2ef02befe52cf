import { accessibilityFaults } from './accessibility';
import { done, expect, openMore, pick, setGenus, test, waitForPlan } from './server';

test('the mixing tub says what to take, and survives a reload', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/media`);
  await expect(visitor.getByRole('heading', { name: /Take for 3 L/ })).toBeVisible();
  await visitor.getByRole('button', { name: 'Another medium' }).click();
  const depth = visitor.getByRole('slider', { name: 'Depth of the mix' });
  await depth.focus();
  await visitor.keyboard.press('PageUp');
  await expect(visitor.getByRole('heading', { name: /It holds, 13 cm deep/ })).toBeVisible();
  await visitor.reload();
  await expect(visitor.getByRole('heading', { name: /It holds, 13 cm deep/ })).toBeVisible();
  await expect(visitor.getByLabel('Parts of medium 3')).toBeVisible();
  const found = await accessibilityFaults(visitor);
  expect(found).toEqual([]);
});

test('a medium measured at home in two runs joins the tub and the plans', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/media`);
  await visitor.getByLabel('Volume of the pot').fill('1000');
  await visitor.getByLabel('Water added').fill('1200');
  await visitor.getByLabel('Water drained').fill('400');
  await expect(visitor.getByText(/Run 1: water added must be more than 0 and less than/)).toBeVisible();
  await visitor.getByLabel('Water added').fill('700');
  await expect(visitor.getByTestId('porosity')).toContainText('Air 40 %');
  await visitor.getByRole('button', { name: /Another run/ }).click();
  await visitor.getByLabel('Water added').nth(1).fill('720');
  await visitor.getByLabel('Water drained').nth(1).fill('380');
  await expect(visitor.getByTestId('porosity')).toContainText('Air 39 % ± 1');
  await visitor.getByLabel('Name of your medium').fill('Market bark');
  await visitor.getByRole('button', { name: 'Keep it, as measured' }).click();
  await expect(visitor.getByText('Market bark', { exact: true })).toBeVisible();
  await pick(visitor, 'Medium 1', 'Market bark');
  await expect(visitor.getByRole('listitem').filter({ hasText: 'Market bark' }).first()).toBeVisible();
  // Changed by hand: what was measured holds, and what it was before stays readable.
  await visitor.getByRole('button', { name: 'Change Market bark' }).click();
  await visitor.getByLabel('Name of your medium').fill('Market bark, sieved');
  await visitor.getByLabel('Smallest pieces').fill('8');
  await visitor.getByRole('button', { name: 'Keep the change' }).click();
  await visitor.getByRole('button', { name: 'Market bark, sieved before' }).click();
  await expect(visitor.getByText(/^Until .*Market bark, like .* air 39 %/)).toBeVisible();
  await visitor.getByRole('button', { name: 'Delete Market bark' }).click();
  await expect(visitor.getByText('None yet.')).toBeVisible();
  await visitor.getByRole('button', { name: 'Undo' }).click();
  await expect(visitor.getByRole('button', { name: 'Delete Market bark' })).toBeVisible();
});

test('a genus page is read, and puts the plant on the bench', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/genera/masdevallia`);
  await expect(visitor.getByRole('heading', { name: 'Masdevallia', level: 1 })).toBeVisible();
  await expect(visitor.getByText(/Roots of .* mm/).first()).toBeVisible();
  await expect(visitor.getByText('common practice').first()).toBeVisible();
  const found = await accessibilityFaults(visitor);
  expect(found).toEqual([]);
  await visitor.getByRole('button', { name: 'Put one on the bench' }).click();
  await waitForPlan(visitor);
  await expect(visitor.locator('[data-phrase="genus"]')).toHaveText(/Masdevallia/);
});

test('a genus of one’s own is kept and chosen on the bench', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/genera/mine`);
  await visitor.getByLabel('Its name').fill('Balcony hybrid');
  await visitor.getByLabel('thinnest roots').fill('99');
  await visitor.getByRole('button', { name: 'Keep this genus' }).click();
  await expect(visitor.getByText(/root thickness must be between/).first()).toBeVisible();
  await visitor.getByLabel('thinnest roots').fill('2');
  await visitor.getByRole('button', { name: 'Keep this genus' }).click();
  await expect(visitor.getByText(/Balcony hybrid is kept/)).toBeVisible();
  await visitor.goto(app.address);
  await waitForPlan(visitor);
  await setGenus(visitor, 'balcony', 'Balcony hybrid');
  await waitForPlan(visitor);
  await expect(visitor.getByText(/Look first|Better wait|Do it/).first()).toBeVisible();
});

test('a place is changed by hand; an impossible value is named with its month', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/places`);
  await visitor.getByRole('button', { name: /Kiln Lane flat/ }).click();
  await visitor.getByRole('button', { name: 'Copy and change' }).click();
  await visitor.getByLabel('Name', { exact: true }).fill('My own flat');
  await visitor.getByLabel('January day %').fill('140');
  await visitor.getByRole('button', { name: 'Keep it as mine' }).click();
  await expect(visitor.getByText(/January: relative humidity must be between 1 and 100 %/)).toBeVisible();
  await visitor.getByLabel('January day %').fill('28');
  await visitor.getByRole('button', { name: 'Keep it as mine' }).click();
  await expect(visitor.getByRole('button', { name: /My own flat/ })).toBeVisible();
});

test('a heated room is made out of an outdoor climate', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/places`);
  await visitor
    .getByRole('button', { name: /Slate Yard|slate/i })
    .first()
    .click();
  await visitor.getByRole('button', { name: 'A heated room in it' }).click();
  await expect(visitor.getByLabel('January day °C')).toHaveValue('21');
  await visitor.getByRole('button', { name: 'Leave it as it was' }).click();
  await expect(visitor.getByRole('button', { name: 'A heated room in it' })).toBeVisible();
});

test('pots on my shelf: kept, deleted, brought back, and the only ones proposed', async ({ bench }) => {
  await openMore(bench, 'pots you have');
  await bench.getByRole('button', { name: 'Put it on my shelf' }).click();
  await expect(bench.getByText('rim diameter must be between 3 and 60 cm')).toBeVisible();
  await bench.getByLabel('Rim, inside', { exact: true }).fill('13');
  await bench.getByRole('button', { name: 'Put it on my shelf' }).click();
  const putAway = bench.getByRole('button', { name: 'Delete Round plastic pot 13 cm' });
  await putAway.click();
  await expect(putAway).toHaveCount(0);
  await bench.getByRole('button', { name: 'Undo' }).click();
  await openMore(bench, 'pots you have');
  await expect(putAway).toBeVisible();
  await bench.getByRole('switch', { name: 'Propose only these pots' }).click();
  await done(bench);
  await waitForPlan(bench);
  // Of the widths in stock; nobody has one of 14 or 17 cm.
  await expect(bench.getByRole('heading', { level: 1 })).toContainText(/\b(9|10|12|13|15)\scm /);
  await expect(bench.getByTestId('setup').filter({ hasText: /Over water|Foot in water/ })).toHaveCount(0);
});
