/** A plant looked over from the pot to the answer: by touch, by keys, broken off and gone on with, and what it waits for. */
import sharp from 'sharp';
import type { Page } from '@playwright/test';
import { expect, openPhrase, done, setGenus, test, waitForPlan } from './server';

const picture = () =>
  sharp({ create: { width: 900, height: 600, channels: 3, background: '#5a7' } })
    .jpeg()
    .toBuffer();
const title = (page: Page) => page.getByRole('dialog').getByRole('heading', { level: 2 });
const next = (page: Page) => page.getByRole('button', { name: /^(Next|Skip)$/ });

test.describe('on a phone, by touch', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('from the squeeze to the answer, with a reload in the middle and a photograph', async ({ bench, app }) => {
    await setGenus(bench, 'zygopetalum', 'Zygopetalum');
    await waitForPlan(bench);
    await bench.getByRole('button', { name: 'Look it over' }).first().tap();
    await expect(title(bench)).toHaveText('Why are you looking at it?');
    await bench.getByRole('button', { name: 'a shoot at the rim' }).tap();
    await next(bench).tap();
    // One answer to one question: it goes on by itself.
    await bench.getByRole('button', { name: 'hard as a rock' }).tap();
    await expect(title(bench)).toHaveText(/look at the medium/);
    await bench.getByRole('button', { name: 'crumbling' }).tap();
    await bench.getByLabel('Photographs', { exact: true }).setInputFiles({
      name: 'plant.jpg',
      mimeType: 'image/jpeg',
      buffer: await picture(),
    });
    await expect(bench.getByRole('img', { name: 'Photograph 1' })).toBeVisible();

    await bench.reload();
    await expect(title(bench)).toHaveText(/look at the medium/);
    await expect(bench.getByRole('button', { name: 'crumbling' })).toHaveAttribute('aria-pressed', 'true');
    await expect(bench.getByRole('img', { name: 'Photograph 1' })).toBeVisible();

    await bench.getByRole('button', { name: 'sour or rotten' }).tap();
    await bench.getByRole('group', { name: 'Live roots' }).getByRole('button', { name: 'half' }).tap();
    await bench.getByRole('button', { name: /cotton-bud stick/ }).tap();
    await next(bench).tap();
    await bench.getByRole('button', { name: 'just showing' }).tap();
    await expect(title(bench)).toHaveText('What is it doing?');
    await bench.getByRole('button', { name: 'To the end' }).tap();

    await expect(bench.getByRole('region', { name: 'What was seen' })).toContainText('crumbling · sour or rotten');
    await expect(bench.getByRole('region', { name: 'While it is out' })).toContainText('hollow or mushy');
    await bench.getByLabel('Note', { exact: true }).fill('One root circles the pot.');
    await bench.getByLabel('Name on the tag').fill('Looked-over zygo');
    await bench.getByRole('button', { name: 'Keep it, and see the answer' }).tap();
    await expect(bench.getByRole('dialog')).toHaveCount(0);
    await waitForPlan(bench);
    await expect(bench.locator('[data-phrase="roots"]')).toHaveText('roots 2.5 mm');
    await expect(bench.locator('[data-phrase="shows"]')).toContainText('tips');

    await bench.getByRole('link', { name: 'Looked-over zygo' }).tap();
    await expect(bench.getByRole('heading', { level: 1 })).toHaveText('Looked-over zygo');
    const seen = bench.getByRole('table', { name: 'What was seen' });
    await expect(seen).toContainText('half');
    await expect(bench.getByText('One root circles the pot.')).toBeVisible();
    const photo = bench.getByRole('img', { name: /^Photograph 1 of/ });
    await expect(photo).toHaveJSProperty('naturalWidth', 360);

    // The server keeps it: another page, and after a restart.
    await app.stop();
    await app.start();
    await bench.reload();
    await expect(photo).toHaveJSProperty('naturalWidth', 360);
    // And the bench takes the plant up from there.
    await bench.getByRole('button', { name: 'On the bench, as it is today' }).tap();
    await waitForPlan(bench);
    await expect(bench.locator('[data-phrase="roots"]')).toHaveText('roots 2.5 mm');
  });
});

test.describe('on a tablet, by keys', () => {
  test.use({ viewport: { width: 1180, height: 820 } });

  test('digits answer, arrows go on and back, the map is drawn; left and come back to, then only the answer', async ({
    bench,
  }) => {
    await setGenus(bench, 'zygopetalum', 'Zygopetalum');
    await waitForPlan(bench);
    await bench.keyboard.press('i');
    await expect(title(bench)).toBeFocused();
    await bench.keyboard.press('2');
    await bench.keyboard.press('ArrowRight');
    await bench.keyboard.press('3');
    await expect(title(bench)).toHaveText(/look at the medium/);
    await bench.keyboard.press('ArrowLeft');
    await expect(bench.getByRole('button', { name: 'flexes' })).toHaveAttribute('aria-pressed', 'true');
    await bench.keyboard.press('Escape');
    await expect(bench.getByRole('dialog')).toHaveCount(0);
    await bench.keyboard.press('i');
    await expect(title(bench)).toHaveText('Squeeze the pot');
    while (!(await title(bench).innerText()).startsWith('Where do its')) await bench.keyboard.press('ArrowRight');
    const lead = bench.getByRole('dialog').getByRole('button', { name: /^Lead 1/ });
    await lead.focus();
    await bench.keyboard.press('ArrowRight');
    await bench.getByRole('button', { name: 'To the end' }).press('Enter');
    await expect(bench.getByRole('region', { name: 'What was seen' })).toContainText(/shoots? drawn/);
    await bench.getByRole('button', { name: 'Only see the answer' }).press('Enter');
    await waitForPlan(bench);
    await expect(bench.locator('[data-phrase="size"]')).toContainText('as drawn');
    await expect(bench.getByRole('button', { name: 'Days', exact: true })).toHaveCount(0);
  });
});

test('a file that is no picture is refused in words, and nothing else is lost', async ({ bench }) => {
  await bench.keyboard.press('i');
  const files = bench.getByLabel('Photographs', { exact: true });
  await files.setInputFiles({ name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('x') });
  await expect(bench.getByRole('dialog').getByRole('alert')).toContainText('notes.txt is no JPEG');
  await files.setInputFiles({ name: 'trick.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('<script>') });
  await expect(bench.getByRole('listitem').filter({ hasText: 'This is no JPEG' })).toBeVisible();
  await bench.getByRole('button', { name: 'Leave out photograph 1' }).click();
  await expect(bench.getByText('This is no JPEG')).toHaveCount(0);
});

test('what was not looked at is told, and what it could change', async ({ bench }) => {
  await expect(bench.getByText(/^Unknown, and taken as usual: .*new root tips/)).toBeVisible();
  await bench.getByRole('button', { name: 'What could that change?' }).click();
  await expect(bench.getByText(/With new root tips, you would pot it now/)).toBeVisible({ timeout: 90_000 });
});

test('a plant that must wait is watched: not yet, then seen', async ({ bench, app }) => {
  await openPhrase(bench, 'shows');
  await bench.getByRole('button', { name: 'no new root tips' }).click();
  await done(bench);
  await waitForPlan(bench);
  await bench.getByRole('button', { name: 'Watch for it' }).click();
  await bench.getByLabel('Name on the tag').fill('Watched pot');
  await bench.getByRole('button', { name: 'Watch for it' }).click();
  await expect(bench.getByText('is on the watch list')).toBeVisible();

  await bench.goto(`${app.address}/today`);
  const waiting = bench.getByRole('region', { name: 'Waiting for a sign' });
  const line = waiting.getByRole('listitem').filter({ hasText: 'Watched pot' });
  await expect(line).toContainText('Until new root tips');
  await line.getByRole('button', { name: 'Not yet' }).click();
  await expect(line).toContainText('looked once');
  await bench.reload();
  await expect(line).toContainText('looked once');
  await line.getByRole('button', { name: 'Seen' }).click();
  await expect(line).toHaveCount(0);
  await bench.goto(`${app.address}/plants?search=watched`);
  await bench.getByRole('link', { name: /Watched pot/ }).click();
  await expect(bench.getByText('Looked: the sign is there.')).toBeVisible();
});
