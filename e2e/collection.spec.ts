/** The collection as a grower uses it: found, filtered, written down about, put right, put off, and two at one plant. */
import { readFile } from 'node:fs/promises';
import { accessibilityFaults } from './accessibility';
import type { Page } from '@playwright/test';
import { expect, test } from './server';

/** Opens the page of a demo plant. */
async function openPlant(page: Page, address: string, name: string): Promise<void> {
  await page.goto(`${address}/plants?${new URLSearchParams({ search: name, which: 'all' })}`);
  await page
    .getByRole('link', { name: new RegExp(name) })
    .first()
    .click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(name);
}

test.describe('the list', () => {
  test('is narrowed and ordered, and stays so over a reload', async ({ visitor, app }) => {
    await visitor.goto(`${app.address}/plants`);
    const count = visitor.locator('output').filter({ hasText: /plants?$/ });
    const all = Number((await count.innerText()).split(' ')[0]);
    await visitor.getByLabel('Place').selectOption({ label: 'Tiller Street lamp shelf (14)' });
    await expect(count).toHaveText('14 plants');
    await visitor.getByLabel('Order').selectOption('tag');
    await expect(visitor.getByRole('listitem').first()).toContainText('Cup and saucer');
    await visitor.reload();
    await expect(count).toHaveText('14 plants');
    await expect(visitor.getByLabel('Order')).toHaveValue('tag');
    await visitor.getByRole('button', { name: 'Show all plants' }).click();
    await expect(count).toHaveText(`${all} plants`);
  });

  test('is a wall of pictures too, and stays so; a view is kept under a name', async ({ visitor, app }) => {
    await visitor.goto(`${app.address}/plants`);
    await visitor.getByRole('radio', { name: 'Pictures' }).check({ force: true });
    const tile = visitor.getByRole('listitem').filter({ hasText: 'Jewel, daughter' });
    await visitor.getByLabel('Find a plant').fill('jewel');
    await expect(visitor).toHaveURL(/search=jewel/);
    await expect(tile.locator('img')).toBeVisible();
    await visitor.reload();
    await expect(tile.locator('img')).toBeVisible();
    await visitor.getByRole('button', { name: 'Keep this view…' }).click();
    await visitor.getByLabel('Name of the view').fill('My jewels');
    await visitor.getByRole('button', { name: 'Keep it' }).click();
    await visitor.getByRole('button', { name: 'Show all plants' }).click();
    await visitor.getByRole('radio', { name: 'List' }).check({ force: true });
    await visitor.reload();
    const view = visitor.getByRole('button', { name: 'My jewels', exact: true });
    await view.click();
    await expect(visitor.getByLabel('Find a plant')).toHaveValue('jewel');
    await visitor.getByRole('button', { name: 'Delete the view My jewels' }).click();
    await expect(view).toHaveCount(0);
    await visitor.getByRole('button', { name: 'Undo' }).click();
    await expect(view).toBeVisible();
  });

  test('what it shows is saved as a table', async ({ visitor, app }) => {
    await visitor.goto(`${app.address}/plants?place=lamp-shelf&sort=tag`);
    const [file] = await Promise.all([
      visitor.waitForEvent('download'),
      visitor.getByRole('button', { name: 'Save as a table (CSV)' }).click(),
    ]);
    const lines = (await readFile(await file.path(), 'utf8')).trim().split('\r\n');
    expect(lines).toHaveLength(15);
    expect(lines[0]).toMatch(/^tag,name,kind/);
    expect(lines[1]).toMatch(/^K 22,Cup and saucer,/);
  });

  test('labels of chosen plants: number, potting, and a square that leads to the page', async ({ visitor, app }) => {
    await visitor.goto(`${app.address}/plants?search=slipper`);
    await visitor.getByRole('checkbox', { name: 'Choose Slipper no. 7' }).check();
    await visitor.getByRole('region', { name: 'Chosen plants' }).getByRole('link', { name: 'Labels to print' }).click();
    await expect(visitor.getByRole('heading', { name: '1 label' })).toBeVisible();
    const label = visitor.getByRole('listitem').filter({ hasText: 'Slipper no. 7' });
    await expect(label).toContainText(/K \d+/);
    await expect(label).toContainText(/[A-Z][a-z]{2} 20\d\d: /);
    await expect(label.locator('svg')).toBeVisible();
    await visitor.emulateMedia({ media: 'print' });
    await expect(visitor.getByRole('button', { name: 'Print' })).toBeHidden();
    await expect(label).toBeVisible();
  });

  test('those that left are kept, with how and why, and found', async ({ visitor, app }) => {
    await visitor.goto(`${app.address}/plants`);
    await visitor.getByLabel('Which').selectOption('left');
    const gone = visitor.getByRole('link', { name: /Old Christmas moth/ });
    await expect(gone).toContainText('Died');
    await gone.click();
    await expect(visitor.getByText('Roots gone.', { exact: false })).toBeVisible();
  });

  test('only rows in sight are in the page, down to the last', async ({ visitor, app }) => {
    await visitor.goto(`${app.address}/plants`);
    const rows = visitor.getByRole('checkbox');
    await expect(rows.first()).toBeVisible();
    expect(await rows.count()).toBeLessThan(40);
    await visitor.keyboard.press('End');
    await expect(visitor.getByRole('link', { name: /Wire stem|White comet|Winter bells/ }).last()).toBeVisible();
  });

  test('many at once: watered in two touches, undone in one', async ({ visitor, app }) => {
    await visitor.goto(`${app.address}/plants?search=slipper`);
    await visitor.getByRole('checkbox', { name: 'Choose Slipper no. 7' }).check();
    await visitor.getByRole('checkbox', { name: 'Choose Slipper no. 12' }).check();
    await visitor.getByRole('button', { name: 'Watered' }).click();
    await expect(visitor.getByText('2 plants: watered.')).toBeVisible();
    await expect(visitor.getByRole('link', { name: /Slipper no. 7.*watered/ })).toBeVisible();
    await visitor.getByRole('button', { name: 'Undo' }).click();
    await expect(visitor.getByRole('link', { name: /Slipper no. 7.*watered/ })).toHaveCount(0);
  });

  test('many at once: deleted in one touch, brought back in one', async ({ visitor, app }) => {
    await visitor.goto(`${app.address}/plants?search=slipper`);
    const chosen = ['Slipper no. 7', 'Slipper no. 12'];
    for (const name of chosen) await visitor.getByRole('checkbox', { name: `Choose ${name}` }).check();
    await visitor.getByRole('region', { name: 'Chosen plants' }).getByRole('button', { name: 'Delete' }).click();
    await expect(visitor.getByText('2 plants deleted.')).toBeVisible();
    for (const name of chosen) await expect(visitor.getByRole('checkbox', { name: `Choose ${name}` })).toHaveCount(0);
    await visitor.getByRole('button', { name: 'Undo' }).click();
    for (const name of chosen) await expect(visitor.getByRole('checkbox', { name: `Choose ${name}` })).toBeVisible();
  });

  test('many at once: moved for the summer, and each life tells where from', async ({ visitor, app }) => {
    await visitor.goto(`${app.address}/plants?search=cool+lace`);
    await visitor.getByRole('checkbox', { name: 'Choose Cool lace' }).check();
    await visitor.getByRole('button', { name: 'Moved…' }).click();
    const dialog = visitor.getByRole('dialog');
    await dialog.getByLabel('Place').selectOption('slate-yard');
    await dialog.getByLabel('Where there').fill('by the door');
    await dialog.getByRole('button', { name: 'Keep it' }).click();
    await expect(dialog).toHaveCount(0);
    await visitor.getByRole('link', { name: /Cool lace.*Slate Yard/ }).click();
    await expect(visitor.getByText('Moved from Larch Cellar room to Slate Yard cold house, by the door')).toBeVisible();
  });
});

test.describe('a plant', () => {
  test('written down, put right, and what it said before', async ({ visitor, app }) => {
    await openPlant(visitor, app.address, 'Golden cup');
    await visitor.getByRole('button', { name: 'Note…' }).click();
    const dialog = visitor.getByRole('dialog');
    await dialog.getByLabel('Note').fill('smells of cinnamon');
    await dialog.getByRole('button', { name: 'Keep it' }).click();
    await expect(dialog).toHaveCount(0);
    await visitor.locator('summary').filter({ hasText: 'smells of cinnamon' }).click();
    const entry = visitor.locator('details[open]');
    await entry.getByRole('button', { name: 'Put right…' }).click();
    await dialog.getByLabel('Note').fill('smells of cloves');
    await dialog.getByRole('button', { name: 'Keep it' }).click();
    await expect(dialog).toHaveCount(0);
    await expect(visitor.getByText('smells of cloves')).toBeVisible();
    await visitor.getByRole('button', { name: 'What it said before' }).click();
    await expect(visitor.getByRole('list', { name: 'What it said before' })).toContainText('smells of cinnamon');
  });

  test('what was seen, and what went in, is put right line by line', async ({ visitor, app }) => {
    await openPlant(visitor, app.address, 'Velvet lip');
    const dialog = visitor.getByRole('dialog');
    const seen = visitor.getByRole('listitem').filter({ hasText: 'Looked over' }).first();
    await seen.getByRole('button', { name: 'Put right…' }).click();
    await dialog.getByLabel('Smell').selectOption({ label: 'mouldy' });
    await dialog.getByLabel('Live roots, %').fill('140');
    await dialog.getByRole('button', { name: 'Keep it' }).click();
    await expect(dialog.getByRole('alert')).toHaveText('Live roots must be between 0 and 100 %.');
    await dialog.getByLabel('Live roots, %').fill('');
    await dialog.getByRole('button', { name: 'Keep it' }).click();
    await expect(dialog).toHaveCount(0);
    await expect(seen.getByRole('row', { name: /Smell/ })).toContainText('mouldy');
    await expect(seen.getByRole('row', { name: /Live roots/ })).toHaveCount(0);
    const potted = visitor.getByRole('listitem').filter({ hasText: 'What went in' }).first();
    await potted.getByRole('button', { name: 'Put right…' }).click();
    await dialog
      .getByLabel(/\(main\), L$/)
      .first()
      .fill('0,77');
    await dialog.getByRole('button', { name: 'Keep it' }).click();
    await expect(potted.getByRole('row', { name: /main/ }).first()).toContainText('0.77 L');
  });

  test('two at one plant: the second is shown what the first wrote, and chooses', async ({ visitor, app, browser }) => {
    await openPlant(visitor, app.address, 'Coconut pie');
    const other = await (await browser.newContext()).newPage();
    await other.goto(visitor.url());
    for (const page of [visitor, other]) await page.getByRole('button', { name: 'Tag and papers…' }).click();
    await visitor.getByLabel('Where in its place').fill('first shelf');
    await visitor.getByRole('button', { name: 'Keep it' }).click();
    await expect(visitor.getByRole('dialog')).toHaveCount(0);
    await other.getByLabel('Parentage or hybrid').fill('Tenuifolia');
    await other.getByRole('button', { name: 'Keep it' }).click();
    await expect(other.getByRole('dialog').getByRole('alert')).toContainText(
      'meanwhile: where in its place is now “first shelf”.',
    );
    await expect(other.getByLabel('Parentage or hybrid')).toHaveValue('Tenuifolia');
    await expect(other.getByLabel('Where in its place')).toHaveValue('first shelf');
    await other.getByRole('button', { name: 'Keep it' }).click();
    await expect(other.getByRole('dialog')).toHaveCount(0);
    await expect(other.getByText('first shelf')).toBeVisible();
    await expect(other.getByText('Tenuifolia')).toBeVisible();
    await other.getByRole('button', { name: 'What they said before' }).click();
    await expect(other.getByRole('list', { name: /said before/ }).getByRole('listitem')).toHaveCount(3);
    await other.context().close();
  });

  test('divided: the new one has the life of the whole up to then', async ({ visitor, app }) => {
    await openPlant(visitor, app.address, 'Winter bells');
    await visitor.getByRole('button', { name: 'Divide…' }).click();
    const dialog = visitor.getByRole('dialog');
    await dialog.getByLabel('Name').fill('Back bulbs of the bells');
    await dialog.getByRole('button', { name: 'Keep it' }).click();
    await expect(visitor.getByRole('heading', { level: 1 })).toHaveText('Back bulbs of the bells');
    const before = visitor.getByRole('region', { name: 'As part of Winter bells' });
    await expect(before.getByRole('table', { name: 'What went in' }).first()).toBeVisible();
    await before.getByRole('link', { name: 'Winter bells' }).click();
    await expect(visitor.getByText('Divided: Back bulbs of the bells taken off')).toBeVisible();
  });

  test('a plant one has is put on record, and asks for what its medium wants', async ({ visitor, app }) => {
    await visitor.goto(`${app.address}/plants`);
    await visitor.getByRole('button', { name: 'Add a plant…' }).click();
    const dialog = visitor.getByRole('dialog');
    await expect(dialog.getByRole('button', { name: 'Keep it', exact: true })).toBeInViewport({ ratio: 1 });
    await dialog.getByLabel('Name').fill('Inherited moth');
    await dialog.getByRole('button', { name: 'Keep it', exact: true }).click();
    await expect(dialog.getByRole('alert')).toHaveText('Say what kind it is: the group it is most like will do.');
    await dialog.getByLabel('Name').fill('Phalaenopsis, inherited');
    await expect(dialog.getByLabel('Kind')).toHaveValue('phalaenopsis');
    await dialog.getByRole('button', { name: 'What it stands in…' }).click();
    await dialog.getByLabel('Years in it').fill('six');
    await dialog.getByRole('button', { name: 'Keep it', exact: true }).click();
    await expect(dialog.getByRole('alert')).toHaveText('Years in the medium must be between 0 and 30.');
    await dialog.getByLabel('Years in it').fill('6');
    // Half said, it waits in this browser.
    await visitor.reload();
    await visitor.getByRole('button', { name: 'Add a plant…' }).click();
    await expect(dialog.getByLabel('Years in it')).toHaveValue('6');
    await dialog.getByRole('button', { name: 'Keep it', exact: true }).click();
    await expect(visitor.getByRole('heading', { level: 1 })).toHaveText('Phalaenopsis, inherited');
    await expect(visitor.getByText('Its medium has done its time here.')).toBeVisible();
  });

  test('ten plants are put on record one after the other, by name, in one place', async ({ visitor, app }) => {
    await visitor.goto(`${app.address}/plants`);
    await visitor.getByRole('button', { name: 'Add a plant…' }).click();
    const dialog = visitor.getByRole('dialog');
    const names = [
      ['Masdevalia veitchana', 'masdevallia'],
      ['Den. nobile', 'dendrobium-softcane'],
      ['Paphiopedilum', 'paphiopedilum'],
      ['moth orchid', 'phalaenopsis'],
      ['Vanda', 'vanda'],
      ['Oncidium', 'oncidium'],
      ['Miltoniopsis', 'miltoniopsis'],
      ['Coelogyne cristata', 'coelogyne-cool'],
      ['Lycaste', 'lycaste'],
      ['Cymbidium', 'cymbidium'],
    ] as const;
    for (const [name, group] of names) {
      await dialog.getByLabel('Name').fill(`${name}`);
      await expect(dialog.getByLabel('Kind')).toHaveValue(group);
      await dialog.getByRole('button', { name: 'Keep it, and add the next' }).click();
      await expect(dialog.getByRole('status')).toContainText(name);
      await expect(dialog.getByLabel('Name')).toBeFocused();
    }
    await dialog.getByRole('button', { name: 'Not now' }).click();
    await visitor.getByRole('searchbox').first().fill('Masdevalia veitchana');
    await expect(visitor.getByRole('link', { name: /Masdevalia veitchana/ })).toBeVisible();
  });

  test('it was potted in something else: said, drawn, and on record, for a day long past', async ({ visitor, app }) => {
    await openPlant(visitor, app.address, 'Golden cup');
    await visitor.getByRole('button', { name: 'Potted it…' }).click();
    const dialog = visitor.getByRole('dialog');
    await dialog.getByRole('combobox', { name: 'Pot', exact: true }).selectOption('plastic-slotted');
    await dialog.getByLabel('Rim, inside').fill('2');
    await dialog.getByRole('button', { name: 'Add to its log' }).click();
    await expect(dialog.getByRole('alert')).toContainText('between 3 and 60');
    await dialog.getByLabel('Rim, inside').fill('13');
    await dialog.getByLabel('Under it').selectOption('brick-8-16');
    await dialog.getByRole('textbox', { name: 'Note' }).fill('As I do it.');
    await dialog.getByRole('button', { name: 'Add to its log' }).click();
    await expect(dialog).toHaveCount(0);
    await expect(visitor.getByText('As I do it.')).toBeVisible();
    await expect(visitor.getByRole('table', { name: 'What went in' }).first()).toContainText('Brick pieces');
  });

  test('its dialogs at every width are large enough and can be read', async ({ visitor, app }) => {
    // A dialog that is still fading in has no contrast yet.
    await visitor.emulateMedia({ reducedMotion: 'reduce' });
    await openPlant(visitor, app.address, 'Golden cup');
    for (const size of [
      { width: 1280, height: 800 },
      { width: 390, height: 844 },
    ]) {
      await visitor.setViewportSize(size);
      for (const name of ['Tag and papers…', 'Bloom…', 'Treated…', 'Moved…', 'Left…', 'Divide…']) {
        await visitor.getByRole('button', { name, exact: true }).click();
        await expect(visitor.getByRole('dialog')).toBeVisible();
        const found = await accessibilityFaults(visitor, { within: '.ant-modal' });
        expect.soft(found, `${name} at ${size.width}`).toEqual([]);
        await visitor.keyboard.press('Escape');
        await expect(visitor.getByRole('dialog')).toHaveCount(0);
      }
    }
  });
});

test.describe('today', () => {
  test('what needs one most comes first; put off it goes, and comes back when that is taken back', async ({
    visitor,
    app,
  }) => {
    await visitor.goto(`${app.address}/today`);
    const needs = visitor.getByRole('region', { name: 'What needs you' });
    const line = needs.getByRole('listitem').filter({ hasText: 'Hallway stripes' });
    await expect(line).toContainText('Its medium had gone sour');
    await line.getByRole('button', { name: /Not now/ }).click();
    const dialog = visitor.getByRole('dialog');
    await dialog.getByLabel('Why').fill('In bud: after that.');
    await dialog.getByRole('button', { name: 'Put it off' }).click();
    await expect(dialog).toHaveCount(0);
    await expect(line.getByText('Its medium had gone sour')).toHaveCount(0);
    await visitor.getByRole('button', { name: 'Undo' }).click();
    await expect(line).toContainText('Its medium had gone sour');
  });

  test('the year ahead comes when it is worked out', async ({ visitor, app }) => {
    await visitor.goto(`${app.address}/today`);
    await expect(visitor.getByText(/Working out ahead/)).toHaveCount(0, { timeout: 240_000 });
    const year = visitor.getByRole('region', { name: 'Month by month' }).getByRole('table');
    await expect(year.getByRole('columnheader')).toHaveCount(13);
    await expect(year.getByRole('rowheader', { name: 'Fern Gate glasshouse' })).toBeVisible();
  });

  test('a thirsty pot: still wet, it asks later; watered, it is done', async ({ visitor, app }) => {
    await visitor.goto(`${app.address}/today`);
    await expect(visitor.getByText(/Working out ahead/)).toHaveCount(0, { timeout: 240_000 });
    const water = visitor.getByRole('region', { name: 'Water today' });
    const lines = water.getByRole('listitem');
    const before = await lines.count();
    const name = await lines.first().getByRole('link').innerText();
    await lines.first().getByRole('button', { name: 'Watered' }).click();
    await expect(water.getByRole('link', { name, exact: true })).toHaveCount(0);
    await visitor.getByRole('button', { name: 'Undo' }).click();
    await expect(lines).toHaveCount(before);
    await lines.first().getByRole('button', { name: 'Still wet' }).click();
    await expect(visitor.getByText(`${name}: still wet.`)).toBeVisible();
  });
});
