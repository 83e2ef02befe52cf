/** Followed for three months by the clock moved on: what is due is done by a touch, late moves the later, and the calendar follows. */
import { readFile } from 'node:fs/promises';
import { randomUUID } from 'node:crypto';
import type { Page } from '@playwright/test';
import { expect, test } from './server';

const planCase = { genus: 'cattleya-unifoliate', place: 'heated-flat', month: 4, routine: { kind: 'every', days: 6 } };
const spec = {
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 12 },
  layers: [{ role: 'main', mix: [{ mediumId: 'bark-6-12', parts: 1 }], heightCm: 8 }],
};
const dayOn = (days: number): Date => new Date(Date.UTC(2029, 3, 1 + days, 10));
const isoOn = (days: number): string => dayOn(days).toISOString().slice(0, 10);

async function potted(page: Page, address: string, plantName: string): Promise<void> {
  const data = { plantName, planCase, spec, pottedOn: isoOn(0), idempotencyKey: randomUUID() };
  const answer = await page.request.post(`${address}/api/pottings`, { data, headers: { origin: address } });
  expect(answer.status()).toBe(201);
}

test('three months after a potting, by touches alone', async ({ visitor, app }) => {
  const name = 'Followed Lantern';
  await potted(visitor, app.address, name);
  const at = async (days: number) => {
    await visitor.clock.setFixedTime(dayOn(days));
    await visitor.goto(`${app.address}/aftercare`);
  };
  const step = (what: string) => visitor.getByRole('group', { name: `${name}: ${what}` });
  const done = async (what: string, button = 'Done') => {
    await step(what).getByRole('button', { name: button }).click();
    await expect(step(what)).toHaveCount(0);
  };
  // Worked out behind the scenes; then it stands there by itself.
  await at(0);
  await expect(step('flush')).toHaveCount(1, { timeout: 120_000 });
  await done('flush');
  await at(5);
  await done('first water');
  await at(9);
  await done('look at it', 'Skip');
  await expect(visitor.getByRole('region', { name: 'Done lately' })).toContainText(`${name}: look at it, skipped`);

  // Ten days late out of the shade: its final light comes ten days later.
  const lightDay = async () => {
    const section = visitor.locator('section').filter({ has: step('to its light') });
    return section.getByRole('heading', { level: 2 }).innerText();
  };
  const before = await lightDay();
  await at(24);
  await expect(visitor.getByRole('listitem').filter({ has: step('out of the shade') })).toContainText('late');
  await done('out of the shade');
  expect(await lightDay()).not.toBe(before);
  await done('first feed');
  await at(40);
  // Judged by three touches.
  await step('tug it gently').getByRole('button', { name: 'Done…' }).click();
  const dialog = visitor.getByRole('dialog', { name: `${name}: how it went` });
  await expect(dialog.getByRole('button', { name: 'Keep it' })).toBeDisabled();
  await dialog.getByText('It gives a little').click();
  await dialog.getByRole('radiogroup', { name: 'New root tips' }).getByText('just showing').click();
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(step('tug it gently')).toHaveCount(0);
  await at(55);
  await done('to its light');
  await at(90);
  // What is left lies ahead: the judgement of half a year, and the rest of its kind.
  await expect(step('how did it go')).toBeVisible();
  await expect(step('its rest begins')).toBeVisible();
  await expect(visitor.getByRole('group', { name: new RegExp(`^${name}:`) })).toHaveCount(2);
  await expect(visitor.getByRole('listitem').filter({ has: step('how did it go') })).toContainText('28 September');

  // One file, each step an event of its own.
  const asFile = visitor.getByRole('link', { name: 'As a calendar file (.ics)' });
  await expect(asFile).toHaveAttribute('href', new RegExp(isoOn(90)));
  const [file] = await Promise.all([visitor.waitForEvent('download'), asFile.click()]);
  const text = await readFile(await file.path(), 'utf8');
  expect(text).toContain('BEGIN:VCALENDAR');
  expect(text.replaceAll('\r\n\t', '')).toContain(`SUMMARY:${name}: tug it gently`);

  // Its own page tells the same, and its life remembers. By links: a page made anew would come from a server that lives in another year.
  await visitor.getByRole('navigation', { name: 'Pages' }).getByRole('link', { name: 'Plants', exact: true }).click();
  await visitor.getByLabel('Find a plant').fill(name);
  await visitor
    .getByRole('link', { name: new RegExp(name) })
    .first()
    .click();
  const went = visitor.getByRole('region', { name: 'How it went' });
  await expect(went).toContainText('It took.');
  await expect(went).toContainText('Hold it firmer');
});

test('what was mixed today goes with “Fed”', async ({ visitor, app }) => {
  await potted(visitor, app.address, 'Fed Lantern');
  await visitor.goto(`${app.address}/solutions`);
  const feed = visitor.getByRole('region', { name: 'Feed from its label' });
  await feed.getByRole('textbox', { name: 'Wanted, ppm nitrogen' }).fill('100');
  await feed.getByRole('textbox', { name: 'Wanted, ppm nitrogen' }).blur();
  await expect(feed.locator('output')).toContainText('0.5 g a litre');
  await feed.getByRole('button', { name: /This is today’s feed/ }).click();
  await visitor.goto(`${app.address}/plants?search=Fed+Lantern`);
  await visitor
    .getByRole('link', { name: /Fed Lantern/ })
    .first()
    .click();
  await visitor.getByRole('button', { name: /^Fed/ }).click();
  await expect(visitor.getByText('100 ppm nitrogen: 0.5 g a litre of a 20 % feed').first()).toBeVisible();
});
