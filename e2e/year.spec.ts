/** A year with the collection, the clock moved on from month to month: everything a grower does, and that the record holds it all. */
import { readFile } from 'node:fs/promises';
import dayjs, { type Dayjs } from 'dayjs';
import type { Page } from '@playwright/test';
import { expect, test, waitForPlan } from './server';

test.use({ actionTimeout: 30_000 });

const start = dayjs();

/** The day on which a month is begun. */
async function turnTo(page: Page, month: number): Promise<Dayjs> {
  const day = start.add(month, 'month').hour(9);
  await page.clock.setFixedTime(day.toDate());
  return day;
}

/** From page to page as a grower goes, by links: a page loaded anew would be made by a server that lives in another month. */
async function goTo(page: Page, name: string): Promise<void> {
  await page.getByRole('navigation', { name: 'Pages' }).getByRole('link', { name, exact: true }).click();
  await expect(page.getByRole('navigation').getByRole('link', { name, exact: true })).toHaveAttribute(
    'aria-current',
    'page',
  );
}

async function openPlant(page: Page, name: string): Promise<void> {
  await goTo(page, 'Plants');
  await page.getByLabel('Find a plant').fill(name);
  await expect(page.getByText(/^\d+ found/)).toBeVisible();
  await page
    .getByRole('link', { name: new RegExp(name) })
    .first()
    .click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(name);
}

async function eventsIn(page: Page): Promise<readonly { readonly kind: string }[]> {
  await goTo(page, 'Plants');
  await page.getByRole('link', { name: 'Lists and files…' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Archive (JSON)' }).click(),
  ]);
  return (JSON.parse(await readFile(await file.path(), 'utf8')) as { events: { kind: string }[] }).events;
}

const countOf = (events: readonly { readonly kind: string }[], kind: string): number =>
  events.filter((event) => event.kind === kind).length;

/** Waters what is thirsty; answers how many that were. */
async function waterAll(page: Page, day: Dayjs): Promise<number> {
  await goTo(page, 'Today');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(day.format('dddd, D MMMM'));
  await expect(page.getByText(/Working out ahead/)).toHaveCount(0, { timeout: 120_000 });
  const water = page.getByRole('region', { name: 'Water today' });
  if ((await water.count()) === 0) return 0;
  const all = water.getByRole('button', { name: /^All \d+ watered$/ });
  if ((await all.count()) === 0) {
    await water.getByRole('button', { name: 'Watered', exact: true }).click();
    await expect(water).toHaveCount(0);
    return 1;
  }
  const count = Number(/\d+/.exec(await all.innerText())![0]);
  await all.click();
  await expect(water).toHaveCount(0);
  return count;
}

test('from one winter to the next', async ({ visitor, app }) => {
  await visitor.goto(`${app.address}/places`);
  const before = await eventsIn(visitor);
  let watered = 0;

  for (let month = 0; month < 12; month += 1) {
    const day = await turnTo(visitor, month);
    watered += await waterAll(visitor, day);

    switch (month) {
      case 1: {
        // What presses most is put off, and out of the list; its reason stands in the plant's life.
        const first = visitor.getByRole('region', { name: 'What needs you' }).getByRole('listitem').first();
        const name = await first.getByRole('link').first().innerText();
        await first.getByRole('button', { name: /^Not now/ }).click();
        await visitor.getByRole('dialog').getByRole('button', { name: 'Put it off' }).click();
        await expect(visitor.getByRole('dialog')).toHaveCount(0);
        await expect(visitor.getByText(new RegExp(`${name}: `)).first()).toBeVisible();
        break;
      }
      case 3: {
        // By the keyboard alone: flushed, and a note.
        await openPlant(visitor, 'Orange kite');
        await visitor.keyboard.press('u');
        await expect(visitor.getByText('Orange kite: flushed.').first()).toBeVisible();
        await visitor.keyboard.press('n');
        await visitor.getByRole('dialog').getByRole('textbox').fill('Salt on the rim, rinsed.');
        await visitor.getByRole('dialog').getByRole('button', { name: 'Keep it' }).click();
        await expect(visitor.getByText('Salt on the rim, rinsed.').first()).toBeVisible();
        break;
      }
      case 5: {
        // Spring out: all of the lamp shelf at once.
        await goTo(visitor, 'Plants');
        await visitor.getByLabel('Place').selectOption('lamp-shelf');
        await visitor.getByRole('button', { name: /^Choose these \d+$/ }).click();
        await visitor
          .getByRole('region', { name: 'Chosen plants' })
          .getByRole('button', { name: /^Moved/ })
          .click();
        await visitor.getByRole('dialog').getByLabel('Place').selectOption({ label: 'Salt Stair terrace' });
        await visitor.getByRole('dialog').getByRole('button', { name: 'Keep it' }).click();
        await expect(visitor.getByText(/plants: moved/).first()).toBeVisible();
        break;
      }
      case 6: {
        // Repotted at the bench, as it is today, out of what lies in stock.
        await openPlant(visitor, 'Hallway stripes');
        await visitor.getByRole('button', { name: 'On the bench, as it is today' }).click();
        await waitForPlan(visitor);
        await visitor.getByRole('button', { name: 'Potted it' }).click();
        await visitor.getByRole('dialog').getByRole('button', { name: 'Add to its log' }).click();
        await expect(visitor.getByRole('dialog')).toHaveCount(0);
        await openPlant(visitor, 'Hallway stripes');
        await expect(visitor.getByRole('heading', { level: 2, name: day.format('D MMMM YYYY') })).toBeVisible();
        // Its medium was sour: it is new now.
        await expect(visitor.getByText('Its medium had gone sour')).toHaveCount(0);
        break;
      }
      case 8: {
        // One is lost, and stays to be found.
        await openPlant(visitor, 'Dwarf cane');
        await visitor.getByRole('button', { name: /^Left…/ }).click();
        await visitor.getByRole('dialog').getByText('Died', { exact: true }).click();
        await visitor.getByRole('dialog').getByRole('textbox').fill('Forgotten in the sun.');
        await visitor.getByRole('dialog').getByRole('button', { name: 'Keep it' }).click();
        await expect(visitor.getByText(/Dwarf cane: left/).first()).toBeVisible();
        break;
      }
      case 9: {
        // Autumn in again.
        await goTo(visitor, 'Plants');
        await visitor.getByLabel('Place').selectOption('salt-stair');
        await visitor.getByRole('button', { name: /^Choose these \d+$/ }).click();
        await visitor
          .getByRole('region', { name: 'Chosen plants' })
          .getByRole('button', { name: /^Moved/ })
          .click();
        await visitor.getByRole('dialog').getByLabel('Place').selectOption({ label: 'Tiller Street lamp shelf' });
        await visitor.getByRole('dialog').getByRole('button', { name: 'Keep it' }).click();
        await expect(visitor.getByText(/plants: moved/).first()).toBeVisible();
        break;
      }
      default:
    }
  }

  // The record says what was done, to the last watering.
  const after = await eventsIn(visitor);
  expect(countOf(after, 'watered') - countOf(before, 'watered')).toBe(watered);
  expect(watered).toBeGreaterThan(100);
  for (const kind of ['put off', 'flushed', 'noted', 'potted', 'left']) {
    expect([kind, countOf(after, kind) - countOf(before, kind)]).toEqual([kind, 1]);
  }
  await turnTo(visitor, 12);
  await goTo(visitor, 'Today');
  await expect(visitor.getByRole('region', { name: 'What changed' })).toBeVisible();
  await expect(visitor.getByRole('table', { name: 'Where plants die' })).toContainText(/\d+ in \d+ plant-years/);
  await goTo(visitor, 'Plants');
  await visitor.getByLabel('Which').selectOption('left');
  await expect(visitor.getByRole('link', { name: /Dwarf cane/ })).toBeVisible();
});
