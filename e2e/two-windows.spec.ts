/** Two windows of one browser write at the same time, with the platform's locks and without: nothing is lost, doubled or left unanswered. */
import { randomUUID } from 'node:crypto';
import type { BrowserContext, Page } from '@playwright/test';
import { expect, listenTo, test } from './server';

const SAVES = 8;

async function newPlant(page: Page, address: string): Promise<string> {
  const planCase = { genus: 'phalaenopsis', place: 'heated-flat' };
  const data = { facts: { name: 'Two windows' }, planCase, happenedOn: '2026-04-01', idempotencyKey: randomUUID() };
  const answer = await page.request.post(`${address}/api/plants`, { data, headers: { origin: address } });
  expect(answer.status(), await answer.text()).toBeLessThan(300);
  return ((await answer.json()) as { id: string }).id;
}

/** Each waits for its answer before the next, as a hand does; the server is slow, so that both are always at it. */
async function waterOften(page: Page): Promise<void> {
  await page.route('**/api/journal', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 120));
    await route.continue();
  });
  const button = page.getByRole('button', { name: /^Watered/ });
  for (let n = 0; n < SAVES; n += 1) {
    const answered = page.getByText(/: watered\./).last();
    await button.click();
    await expect(answered).toBeVisible();
    await expect(button).toBeEnabled();
  }
}

async function inTwoWindows(context: BrowserContext, address: string): Promise<void> {
  const pages = [await context.newPage(), await context.newPage()] as const;
  const errors = pages.map(listenTo);
  const id = await newPlant(pages[0], address);
  for (const page of pages) await page.goto(`${address}/plants/${id}`);
  await Promise.all(pages.map(waterOften));
  for (const page of pages) await expect(page.getByText('not yet kept')).toHaveCount(0);
  const log = (await (await pages[0].request.get(`${address}/api/plants/${id}?today=2026-04-02`)).json()) as {
    care: readonly { kind: string }[];
  };
  expect(log.care.filter(({ kind }) => kind === 'watered')).toHaveLength(2 * SAVES);
  expect(errors.flat()).toEqual([]);
}

test('two windows write at once', async ({ context, app }) => inTwoWindows(context, app.address));

test('the same on a page without TLS, where a browser has no locks and makes no ids', async ({ context, app }) => {
  await context.addInitScript(() => {
    Object.defineProperty(Navigator.prototype, 'locks', { get: () => undefined });
    Object.defineProperty(Crypto.prototype, 'randomUUID', { value: undefined });
  });
  await inTwoWindows(context, app.address);
});

test('a day that runs opens at its own address', async ({ visitor, app }) => {
  const id = randomUUID();
  const planCase = { genus: 'phalaenopsis', place: 'heated-flat' };
  const plants = [{ id: await newPlant(visitor, app.address), name: 'Two windows', case: planCase }];
  const put = await visitor.request.put(`${app.address}/api/days/${id}`, {
    data: { on: '2026-12-05', hours: 2, plants },
    headers: { origin: app.address },
  });
  expect(put.status(), await put.text()).toBeLessThan(300);
  const answer = await visitor.goto(`${app.address}/days/${id}/run`);
  expect(answer?.status()).toBe(200);
  await expect(visitor.locator('[data-part="big"]')).toBeVisible();
});
