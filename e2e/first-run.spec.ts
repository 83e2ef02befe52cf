/** From the empty start: a place of one's own, a first answer in it, a potting on record; and the example beside it, untouched. */
import { execFileSync } from 'node:child_process';
import type { Page } from '@playwright/test';
import { databaseUrls } from './databases';
import { type Situation, situations } from './first-run/situations';
import { AppServer, expect, listenTo, test, waitForPlan } from './server';

let app: AppServer;

test.beforeAll(async ({}, { parallelIndex }) => {
  const port = execFileSync('node', ['scripts/free-port.mjs'], { encoding: 'utf8' });
  const env = { CAIRN_OPENS: 'unchosen' };
  app = new AppServer(port, databaseUrls[parallelIndex]!, { nodeOptions: [], env });
  await app.start();
});
test.afterAll(() => app.stop());

/** What a person does, counted: taps of a finger and fields that are typed into. */
class Hand {
  taps = 0;
  typed = 0;
  constructor(readonly page: Page) {}

  async tap(target: ReturnType<Page['getByRole']>): Promise<void> {
    this.taps += 1;
    await target.click();
  }

  async type(target: ReturnType<Page['getByRole']>, text: string): Promise<void> {
    this.typed += 1;
    await target.fill(text);
  }

  /** As long as a person takes for it: 1.2 s a tap, 4 s a field. */
  get seconds(): number {
    return 1.2 * this.taps + 4 * this.typed;
  }
}

async function addPlace(
  hand: Hand,
  { town, offered, kind, said, humidityNow }: Situation,
  name: string | null = null,
): Promise<void> {
  const { page } = hand;
  await hand.type(page.getByLabel('Town'), town);
  await hand.tap(page.getByRole('button', { name: offered }).first());
  await hand.tap(page.getByText(kind, { exact: true }));
  for (const [question, answer] of said) {
    await hand.tap(page.getByRole('radiogroup', { name: question }).getByText(answer, { exact: true }));
  }
  if (name !== null) await hand.type(page.getByLabel('Name', { exact: true }), name);
  if (humidityNow !== null) await hand.type(page.getByLabel('Humidity now'), String(humidityNow));
  await expect(page.getByRole('region', { name: 'The year there' })).toContainText(' % humidity');
  await hand.tap(page.getByRole('button', { name: 'Save and use it' }));
}

async function sayGenus(hand: Hand, [typed, chosen]: Situation['genus']): Promise<void> {
  const { page } = hand;
  await hand.tap(page.locator('[data-phrase="genus"]'));
  await hand.type(page.getByRole('combobox', { name: 'Which orchid' }), typed);
  await hand.tap(page.getByRole('option', { name: chosen }).first());
  await expect(page.locator('[data-phrase="genus"]')).toContainText(chosen);
}

const sizes = [
  { name: 'phone', width: 390, height: 844 },
  { name: 'tablet', width: 820, height: 1180 },
  { name: 'desk', width: 1280, height: 800 },
] as const;

for (const [i, situation] of situations.entries()) {
  const { name, ...viewport } = sizes[i % sizes.length]!;
  test(`${situation.town}, ${situation.kind.toLowerCase()}, ${situation.genus[1]}, on a ${name}`, async ({
    browser,
  }) => {
    const window = await browser.newContext({ viewport });
    const page = await window.newPage();
    const errors = listenTo(page);
    const hand = new Hand(page);
    await page.goto(app.address);
    await hand.tap(page.getByRole('button', { name: 'Start with my own plants' }));
    await addPlace(hand, situation);
    await sayGenus(hand, situation.genus);
    await waitForPlan(page);
    const sentence = page.getByRole('region', { name: 'Your plant, place and time' });
    await expect(sentence).toContainText(`my ${situation.kind.toLowerCase()}`);
    const { taps, typed, seconds } = hand;
    process.stdout.write(`first answer: ${taps} taps, ${typed} fields, ${seconds.toFixed(0)} s of a person's time\n`);
    expect(taps).toBeLessThanOrEqual(20);
    expect(seconds).toBeLessThanOrEqual(60);

    const tag = `First of ${situation.town}`;
    await hand.tap(page.getByRole('button', { name: 'Potted it' }));
    await hand.type(page.getByLabel('Name on the tag'), tag);
    await hand.tap(page.getByRole('button', { name: 'Keep it' }));
    const next = page.getByRole('region', { name: 'What comes next' });
    await expect(next).toContainText(`${tag} is potted.`);
    await hand.tap(next.getByRole('link', { name: 'Aftercare' }));
    await expect(page.getByRole('heading', { level: 1, name: tag })).toBeVisible();
    await expect(page.getByRole('table', { name: 'What went in' })).toBeVisible();
    expect(errors).toEqual([]);
    await window.close();
  });
}

test('from the answer to the deed: one plant is potted step by step, and stays on the bench as it is', async ({
  visitor,
}) => {
  await visitor.goto(app.address);
  await visitor.getByRole('button', { name: 'Straight to the bench' }).click();
  await waitForPlan(visitor);
  await visitor.getByRole('button', { name: 'Do it now' }).click();
  await visitor.waitForURL(/\/days\/[0-9a-f-]+\/run/);
  await expect(visitor.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(visitor.getByRole('button', { name: /Potted it|Begin/ }).first()).toBeVisible();
});

test('what was begun of a place is there after a reload; a wrong figure is told with its range', async ({
  visitor,
}) => {
  await visitor.goto(app.address);
  await visitor.getByRole('button', { name: 'Start with my own plants' }).click();
  await visitor.getByLabel('Town').fill('Qqzzxxy');
  await expect(visitor.getByText('No town is found for “Qqzzxxy”', { exact: false })).toBeVisible();
  await visitor.getByRole('button', { name: 'By latitude instead' }).click();
  await visitor.getByLabel('Latitude').fill('-38');
  await visitor.getByText('Bathroom', { exact: true }).click();
  await visitor.getByLabel('Humidity now').fill('140');
  await expect(visitor.getByText(/Humidity must be between 1 and 100 %/)).toBeVisible();
  await visitor.reload();
  await expect(visitor.getByLabel('Latitude')).toHaveValue('-38');
  await expect(visitor.getByRole('radio', { name: /Bathroom/ })).toBeChecked();
  await expect(visitor.getByRole('region', { name: 'The year there' })).toContainText('January');
});

test('the example says on every page that it is one, is left and removed as one, and comes back; mine is untouched', async ({
  visitor,
}) => {
  await visitor.goto(app.address);
  await visitor.getByRole('button', { name: 'Look around with an example collection' }).click();
  for (const path of ['/today', '/plants', '/places', '/stock', '/media']) {
    await visitor.goto(`${app.address}${path}`);
    await expect(visitor.getByRole('link', { name: 'Example', exact: true })).toBeVisible();
  }
  await visitor.setViewportSize({ width: 390, height: 844 });
  await expect(visitor.getByRole('link', { name: 'Example', exact: true })).toBeInViewport({ ratio: 1 });
  await visitor.goto(`${app.address}/plants`);
  await expect(visitor.getByRole('link', { name: /First of/ })).toHaveCount(0);
  await visitor.getByRole('link', { name: 'Example', exact: true }).click();
  await visitor.getByRole('button', { name: 'Remove it' }).click();
  await expect(visitor.getByText('Removed, with all that was written in it.')).toBeVisible();
  await expect(visitor.getByRole('link', { name: 'Example', exact: true })).toHaveCount(0);
  await visitor.goto(`${app.address}/plants?search=Nairobi`);
  await expect(visitor.getByRole('link', { name: /First of Nairobi/ })).toBeVisible();
  await visitor.goto(`${app.address}/collections`);
  await visitor.getByRole('button', { name: 'Bring it back' }).click();
  await visitor.getByRole('button', { name: 'Look around' }).click();
  await expect(visitor.getByRole('link', { name: 'Example', exact: true })).toBeVisible();
});

test('a place is answered anew: it stays the one it was, and a reading can be forgotten', async ({ visitor }) => {
  await visitor.goto(app.address);
  await visitor.getByRole('button', { name: 'Straight to the bench' }).click();
  await waitForPlan(visitor);
  await visitor.goto(`${app.address}/places/new`);
  await addPlace(new Hand(visitor), situations[0]!, 'my sill of the north');
  await waitForPlan(visitor);
  await visitor.goto(`${app.address}/places`);
  const row = visitor.getByRole('button', { name: /^my sill of the north/ });
  await row.first().click();
  const count = await row.count();
  await visitor.getByRole('button', { name: 'Answer again' }).click();
  await expect(visitor.getByRole('heading', { name: 'my sill of the north, answered anew' })).toBeVisible();
  await expect(visitor.getByRole('radio', { name: 'East' })).toBeChecked();
  await expect(visitor.getByText(/^Read in /)).toHaveCount(1);
  await visitor.getByRole('button', { name: 'Forget' }).click();
  await visitor.getByRole('radiogroup', { name: 'Which way it looks' }).getByText('South').click();
  await visitor.getByRole('button', { name: 'Save and use it' }).click();
  await waitForPlan(visitor);
  await visitor.goto(`${app.address}/places`);
  await expect(row).toHaveCount(count);
  await row.first().click();
  await expect(visitor.getByText('Windowsill in Göteborg, Sweden, looks south.', { exact: false })).toBeVisible();
  await visitor.getByRole('button', { name: 'Answer again' }).click();
  await expect(visitor.getByRole('radio', { name: 'South' })).toBeChecked();
  await expect(visitor.getByText(/^Read in /)).toHaveCount(0);
});

test('my lists hold my places; the invented ones are shown where they are asked for', async ({ visitor }) => {
  await visitor.goto(app.address);
  await visitor.getByRole('button', { name: 'Straight to the bench' }).click();
  await waitForPlan(visitor);
  await visitor.locator('[data-phrase="place"]').click();
  const rows = visitor.getByRole('radiogroup', { name: 'Where it stands' }).getByRole('radio');
  const mine = rows.filter({ hasText: 'my ' });
  await expect.poll(() => mine.count()).toBeGreaterThanOrEqual(situations.length);
  const count = await mine.count();
  // The first case stands in one of the invented places until another is chosen.
  await expect(rows).toHaveCount(count + 1);
  await visitor.getByRole('button', { name: 'Show invented examples' }).click();
  await expect.poll(() => rows.count()).toBeGreaterThan(count + 5);
});
