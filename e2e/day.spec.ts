/** A potting day: prepared, run at the bench with all that goes wrong there, and printed. */
import type { Page } from '@playwright/test';
import { expect, test } from './server';

interface Due {
  readonly plants: readonly {
    readonly plantId: string;
    readonly name: string;
    readonly need: { readonly kind: string };
  }[];
}

/** A day of so many plants of the demo, prepared; its address. */
async function prepared(page: Page, address: string, plants: number): Promise<string> {
  const today = new Date().toISOString().slice(0, 10);
  const due = (await (await page.request.get(`${address}/api/due?today=${today}`)).json()) as Due;
  const listed = (await (await page.request.get(`${address}/api/plants?limit=60`)).json()) as {
    readonly plants: readonly { readonly id: string }[];
  };
  const ids = [...new Set([...due.plants.map(({ plantId }) => plantId), ...listed.plants.map(({ id }) => id)])];
  await page.goto(`${address}/days?ids=${ids.slice(0, plants).join(',')}`);
  await page.getByRole('button', { name: `Prepare ${plants} plants` }).click();
  await page.waitForURL(/days\/[0-9a-f-]{36}$/, { timeout: 240_000 });
  await page.locator('[data-whole]').waitFor({ timeout: 120_000 });
  return page.url();
}

const big = (page: Page) => page.locator('[data-part="big"]');
const press = { touch: (page: Page) => big(page).tap(), key: (page: Page) => page.keyboard.press('Space') };

/** All steps of the plant in hand, and its potting. */
async function potOne(page: Page, how: keyof typeof press): Promise<void> {
  const before = await page.locator('h1').first().innerText();
  for (let step = 0; step < 12; step += 1) {
    await expect(big(page)).toHaveText(/^(Done: |Potted it)/);
    const isLast = (await big(page).innerText()) === 'Potted it';
    const text = await big(page).innerText();
    await press[how](page);
    if (isLast) break;
    await expect(big(page)).not.toHaveText(text);
  }
  await expect(page.getByText(`${before} is potted and in its log.`)).toBeVisible();
  await expect(page.locator('h1').first()).not.toHaveText(before);
}

test.describe('by touch, on a tablet', () => {
  test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true });

  test('a day of twelve: interrupted, reloaded, cut off, one worse than thought, one pot broken, finished', async ({
    visitor,
    app,
  }) => {
    const address = await prepared(visitor, app.address, 12);
    await expect(visitor.getByRole('region', { name: 'Order of work' }).getByRole('listitem').first()).toBeVisible();
    await expect(visitor.getByRole('region', { name: 'Mixes' })).toContainText(/Take .* L /);
    // One thing changed and the rest follows; a reload forgets nothing.
    const time = visitor.getByRole('region', { name: 'Time' });
    const before = await time.innerText();
    await visitor.getByRole('button', { name: 'Helpers: more' }).tap();
    await expect(time).not.toHaveText(before);
    await expect(visitor.getByText('Kept.')).toBeVisible();
    await visitor.reload();
    await expect(visitor.getByRole('textbox', { name: 'Helpers' })).toHaveValue('1');

    await visitor.locator('[data-whole]').waitFor();
    await visitor.getByRole('button', { name: 'To the bench' }).tap();
    await big(visitor).tap();
    await expect(big(visitor)).toHaveText(/^Take /);
    await big(visitor).tap();
    await potOne(visitor, 'touch');

    // A timer runs on under another plant, and over a reload.
    const second = await visitor.locator('h1').first().innerText();
    const timer = visitor.getByRole('button', { name: /^Timer, / }).first();
    await timer.tap();
    await visitor.getByRole('button', { name: /^Next: / }).tap();
    await expect(visitor.locator('h1').first()).not.toHaveText(second);
    await visitor.reload();
    await expect(visitor.getByRole('list', { name: 'Timers' })).toContainText(second);
    await visitor.getByRole('list', { name: 'Timers' }).getByRole('button').tap();
    await expect(visitor.locator('h1').first()).toHaveText(second);

    // Worse than thought: it gets its answer anew, and what may spread goes to the end.
    await visitor.getByRole('button', { name: 'Worse, or better…' }).tap();
    const found = visitor.getByRole('dialog', { name: 'As it was found' });
    await found.getByText('10 %', { exact: true }).tap();
    await found.getByText('Yes', { exact: true }).tap();
    await found.getByRole('button', { name: 'Its answer anew' }).tap();
    await expect(visitor.getByText(`${second} has a new answer; the rest of the day follows.`)).toBeVisible();
    await expect(visitor.getByRole('list', { name: 'Steps' })).toContainText('Let it fizz');

    // The line is cut: what is done waits here, and is sent when it is back.
    await visitor.context().setOffline(true);
    const step = await big(visitor).innerText();
    await big(visitor).tap();
    await expect(big(visitor)).not.toHaveText(step);
    await expect(visitor.getByText(/1 waiting to be sent/)).toBeVisible();
    await visitor.context().setOffline(false);
    await expect(visitor.getByText(/waiting to be sent/)).toHaveCount(0, { timeout: 30_000 });
    await potOne(visitor, 'touch');

    // The pot breaks: it is gone from the shelf, and another is found.
    for (let n = 0; n < 9; n += 1) {
      await visitor.getByRole('button', { name: 'It went otherwise…' }).tap();
      const otherwise = visitor.getByRole('dialog', { name: 'It went otherwise' });
      const broke = otherwise.getByRole('button', { name: /: it broke$/ });
      const isThere = (await broke.count()) > 0;
      if (isThere) {
        const name = (await broke.innerText()).replace(/: it broke$/, '');
        await broke.tap();
        await expect
          .poll(async () => {
            const { items } = (await (await visitor.request.get(`${app.address}/api/stock`)).json()) as {
              readonly items: readonly { readonly id: string }[];
            };
            const entries = await Promise.all(
              items.map(async ({ id }) => (await visitor.request.get(`${app.address}/api/stock/${id}/entries`)).text()),
            );
            return entries.some((text) => text.includes('broken'));
          }, name)
          .toBe(true);
      }
      await otherwise.getByText('Less', { exact: true }).tap();
      await otherwise.getByLabel('A word, if you like').fill('a little less than reckoned');
      await otherwise.getByRole('button', { name: 'So it was' }).tap();
      if (isThere) break;
      await potOne(visitor, 'touch');
    }
    for (let left = 12; left > 0 && !(await visitor.getByText(/^The day is done/).isVisible()); left -= 1) {
      await potOne(visitor, 'touch');
    }
    await expect(visitor.getByRole('heading', { name: 'The day is done: 12 potted.' })).toBeVisible();

    // Nothing left stock twice, and every plant has its potting.
    const id = /days\/([0-9a-f-]{36})/.exec(address)![1]!;
    const { entries } = (await (await visitor.request.get(`${app.address}/api/days/${id}`)).json()) as {
      readonly entries: readonly { readonly kind: string; readonly data: { readonly plantId: string } }[];
    };
    const potted = entries.filter(({ kind }) => kind === 'potted').map(({ data }) => data.plantId);
    expect([potted.length, new Set(potted).size]).toEqual([12, 12]);
  });
});

test('by keyboard: a day of twelve, one of them left with its reason, stopped before the last two', async ({
  visitor,
  app,
}) => {
  await prepared(visitor, app.address, 12);
  await visitor.getByRole('button', { name: 'To the bench' }).press('Enter');
  await expect(big(visitor)).toHaveText('Begin');
  await visitor.keyboard.press('Space');
  await expect(big(visitor)).toHaveText(/^Take /);
  await visitor.keyboard.press('Space');
  // A step too far is taken back.
  const first = await big(visitor).innerText();
  await visitor.keyboard.press('Space');
  await expect(big(visitor)).not.toHaveText(first);
  await visitor.keyboard.press('Backspace');
  await expect(big(visitor)).toHaveText(first);
  await potOne(visitor, 'key');

  const left = await visitor.locator('h1').first().innerText();
  await visitor.keyboard.press('l');
  const dialog = visitor.getByRole('dialog', { name: `Leave ${left} for another day` });
  await dialog.getByLabel('It is not ready').check();
  await dialog.getByRole('button', { name: 'Leave', exact: true }).press('Enter');
  await expect(dialog).toHaveCount(0);
  await expect(big(visitor)).toHaveText(/^Take /);
  await visitor.keyboard.press('Space');
  for (let n = 0; n < 7; n += 1) await potOne(visitor, 'key');
  // The arrow lays this one by and takes the next; it goes on waiting.
  const laidBy = await visitor.locator('h1').first().innerText();
  await visitor.keyboard.press('ArrowRight');
  await expect(visitor.locator('h1').first()).not.toHaveText(laidBy);
  await potOne(visitor, 'key');
  await visitor.keyboard.press('l');
  await visitor.getByRole('dialog').getByRole('button', { name: 'Leave', exact: true }).press('Enter');

  // Stopped: the rest goes back to what is planned, each with its reason.
  await visitor.getByRole('button', { name: 'Stop for today…' }).click();
  await visitor.getByRole('dialog').getByRole('button', { name: 'Leave', exact: true }).click();
  await visitor.goto(`${app.address}/today`);
  await expect(visitor.getByRole('region', { name: 'Planned' })).toContainText(left);
  await visitor.goto(`${app.address}/plants?search=${encodeURIComponent(left)}`);
  await visitor
    .getByRole('link', { name: new RegExp(left) })
    .first()
    .click();
  await expect(visitor.getByText(/Left on the potting day of .*: it was not ready\./)).toBeVisible();
});

test('two devices in one day: what one does the other goes on with', async ({ visitor, app, browser }) => {
  const address = await prepared(visitor, app.address, 3);
  await visitor.goto(`${address}/run`);
  await big(visitor).click();
  await big(visitor).click();
  await big(visitor).click();
  const name = await visitor.locator('h1').first().innerText();
  const step = await big(visitor).innerText();
  // The battery is flat: the other device has it all.
  const other = await (await browser.newContext()).newPage();
  await other.goto(`${address}/run`);
  await expect(other.locator('h1').first()).toHaveText(name);
  await expect(big(other)).toHaveText(step);
  await other.context().close();
});

/** Points of a page's box in a PDF. */
const boxesOf = (pdf: Buffer): readonly string[] =>
  [...pdf.toString('latin1').matchAll(/\/MediaBox\s*\[([^\]]+)\]/g)].map(([, box]) =>
    box!.trim().split(/\s+/).map(Number).map(Math.round).join(' '),
  );

test('printed on A4 and Letter: sheets of that size, tags of theirs, nothing cut off', async ({ visitor, app }) => {
  const address = await prepared(visitor, app.address, 8);
  await visitor.goto(`${address}/print`);
  await visitor.locator('[data-whole]').waitFor();
  for (const [paper, box] of [
    ['A4', '0 0 595 842'],
    ['Letter', '0 0 612 792'],
  ] as const) {
    await visitor.getByText(paper, { exact: true }).click();
    const pdf = await visitor.pdf({ preferCSSPageSize: true });
    const boxes = boxesOf(pdf);
    expect(boxes.length).toBeGreaterThanOrEqual(3);
    expect([...new Set(boxes)]).toEqual([box]);
  }
  await visitor.emulateMedia({ media: 'print' });
  const PX_PER_MM = 96 / 25.4;
  const tags = visitor.locator('[data-part="tag"]');
  expect(await tags.count()).toBe(8);
  for (const tag of await tags.all()) {
    const { width, height } = (await tag.boundingBox())!;
    expect([Math.round(width / PX_PER_MM), Math.round(height / PX_PER_MM)]).toEqual([60, 38]);
    expect(await tag.locator('svg').count()).toBe(1);
  }
  // What stands on the sheets is within them.
  const overflow = await visitor.evaluate(
    () =>
      [...document.querySelectorAll('section *')].filter(
        (one) =>
          one.scrollWidth > one.clientWidth + 1 && one.clientWidth > 0 && getComputedStyle(one).display !== 'inline',
      ).length,
  );
  expect(overflow).toBe(0);
});
