/** What lies in stock as a grower uses it: put in, bought, counted, proposed from, and taken out by a potting. */
import type { Page } from '@playwright/test';
import { done, expect, openMore, test, waitForPlan } from './server';

const tileOf = (page: Page, name: string) => page.getByRole('listitem').filter({ hasText: name });

test('a bag goes into stock, another is bought and taken back, and a count puts it right', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/stock`);
  await visitor.getByRole('button', { name: 'Something new' }).click();
  const dialog = visitor.getByRole('dialog');
  await dialog.getByLabel('Which').selectOption({ label: 'Cork pieces 8–16 mm' });
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog.getByRole('alert')).toHaveText('Say how much there is: 0 or more.');
  await dialog.getByLabel('How much there is, litres').fill('4');
  await dialog.getByLabel('Little is, litres').fill('2,5');
  await dialog.getByLabel('A bag holds, litres').fill('10');
  await dialog.getByLabel('Price of a bag').fill('12');
  await dialog.getByLabel('Currency').fill('E1');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog.getByRole('alert')).toContainText('three letters');
  await dialog.getByLabel('Currency').fill('GBP');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog).toHaveCount(0);
  const cork = tileOf(visitor, 'Cork pieces 8–16 mm');
  await expect(cork).toContainText('4 L');
  await expect(visitor.getByText(/Worth .* and £4\.80/)).toBeVisible();

  await cork.getByRole('button', { name: '+ a bag' }).click();
  await expect(cork).toContainText('14 L');
  await visitor.getByRole('button', { name: 'Undo' }).click();
  await expect(cork).toContainText('4 L');

  await cork.getByRole('button', { name: 'Cork pieces 8–16 mm 4 L', exact: true }).click();
  await cork.getByLabel('How much, litres').fill('2,2');
  await cork.getByRole('button', { name: 'There is so much' }).click();
  await expect(cork).toContainText('2.2 L little left');
  await expect(cork).toContainText(/2\.2 L counted/);
  await visitor.reload();
  await expect(tileOf(visitor, 'Cork pieces 8–16 mm')).toContainText('2.2 L little left');

  // The same once more is not a second heap.
  await visitor.getByRole('button', { name: 'Something new' }).click();
  await dialog.getByLabel('Which').selectOption({ label: 'Cork pieces 8–16 mm' });
  await dialog.getByLabel('How much there is, litres').fill('1');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog.getByRole('alert')).toContainText('There is some of it in stock already');
});

test('dirty pots are washed, and undone they are dirty again', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/stock`);
  const dirty = tileOf(visitor, 'Clear plastic pot with air cone 12 cm, to be washed');
  await dirty.getByRole('button', { name: 'All washed' }).click();
  await expect(dirty).toContainText('0 pieces');
  await expect(tileOf(visitor, 'Clear plastic pot with air cone 12 cm, used, washed')).toContainText('7 pieces');
  await visitor.getByRole('button', { name: 'Undo' }).click();
  await expect(dirty).toContainText('7 pieces');
});

test('spent bark is no stock; used stones say how they serve', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/stock`);
  await visitor.getByRole('button', { name: 'Something new' }).click();
  const dialog = visitor.getByRole('dialog');
  await dialog.getByLabel('Which').selectOption({ label: 'Conifer bark 6–12 mm' });
  await expect(dialog.getByLabel('New or used')).toHaveCount(0);
  await dialog.getByLabel('Which').selectOption({ label: 'Pumice 8–16 mm' });
  await dialog.getByLabel('New or used').selectOption({ label: 'used, for the same plant' });
  await dialog.getByLabel('How much there is, litres').fill('1');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog.getByRole('alert')).toContainText('the plant it came from must not be empty');
});

test('the bench proposes from stock; potted, stock has less; undone, it has it again', async ({ bench, app }) => {
  await openMore(bench, 'from your stock');
  await bench.getByRole('switch', { name: /From my stock first/ }).click();
  await done(bench);
  await waitForPlan(bench);
  await bench.getByRole('radio', { name: 'Mix' }).check({ force: true });
  await expect(bench.getByRole('row', { name: /at the prices of my stock/ })).toContainText('€');
  await bench.getByRole('button', { name: 'Potted it' }).click();
  const dialog = bench.getByRole('dialog');
  await dialog.getByLabel('Name on the tag').fill('Potted from stock');
  const lines = dialog.getByRole('group', { name: 'Stock' }).getByRole('textbox');
  expect(await lines.count()).toBeGreaterThan(0);
  const potLine = dialog.getByRole('textbox', { name: /pieces$/ }).first();
  const pot = (await potLine.getAttribute('aria-label'))!.replace(/, pieces$/, '');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog).toHaveCount(0);

  await bench.goto(`${app.address}/stock`);
  const tile = bench.getByRole('listitem').filter({ has: bench.getByText(pot, { exact: true }) });
  await tile.getByRole('button', { name: new RegExp(`^${pot}`) }).click();
  await expect(tile.getByText(/1 taken for Potted from stock/)).toBeVisible();
  const after = Number(/(\d+) pieces/.exec(await tile.innerText())![1]);
  await tile.getByRole('link', { name: 'Potted from stock' }).first().click();
  await bench.getByRole('button', { name: 'Delete', exact: true }).first().click();
  await expect(bench.getByRole('heading', { level: 1 })).toBeVisible();
  await bench.goto(`${app.address}/stock`);
  await expect(tile).toContainText(`${after + 1} pieces`);
});
