import { done, expect, openPhrase, setGenus, test, waitForPlan } from './server';

test('the first screen answers at once: ranked setups with reasons, ruled-out ones with why', async ({ bench }) => {
  expect(await bench.getByTestId('setup').count()).toBeGreaterThanOrEqual(6);
  await expect(bench.getByRole('heading', { level: 1 })).not.toBeEmpty();
  await bench.getByText('Why', { exact: true }).click();
  await expect(bench.getByText(/It asks for water after/)).toBeVisible();
  await bench.getByText('Ruled out', { exact: true }).click();
  await expect(
    bench.getByTestId('ruled-out').getByText(/humidity: a mount then needs wetting every day/),
  ).toBeVisible();
});

test('the page behind a link is fetched when a hand comes near it, not before', async ({ visitor, app }) => {
  const fetched: string[] = [];
  visitor.on('request', (request) => {
    const { pathname, searchParams } = new URL(request.url());
    if (searchParams.has('_rsc')) fetched.push(pathname);
  });
  await visitor.goto(app.address);
  await waitForPlan(visitor);
  expect(fetched).toEqual([]);
  await visitor.getByRole('link', { name: 'Today', exact: true }).hover();
  await expect.poll(() => fetched).toContain('/today');
  expect(new Set(fetched).size).toBe(1);
});

test('changing the plant changes the answer without a page change', async ({ bench }) => {
  const before = await bench.getByTestId('setup').allInnerTexts();
  await setGenus(bench, 'vanda', 'Vanda');
  await openPhrase(bench, 'place');
  await bench.getByRole('radio', { name: /Mangrove Steps terrace/ }).click();
  await openPhrase(bench, 'watering');
  await bench.getByRole('button', { name: 'every day' }).click();
  await done(bench);
  await expect.poll(async () => (await bench.getByTestId('setup').allInnerTexts()).join()).not.toBe(before.join());
  await waitForPlan(bench);
  await expect(bench.getByTestId('setup').filter({ hasText: 'mount' }).first()).toBeVisible();
  expect(new URL(bench.url()).pathname).toBe('/');
});

test('slider, number and curve move together', async ({ bench }) => {
  const reading = bench.getByTestId('reading');
  await expect(reading).toContainText('Day 0');
  const slider = bench.getByRole('slider', { name: 'Hours after watering' });
  await slider.focus();
  for (let k = 0; k < 30; k += 1) await bench.keyboard.press('ArrowRight');
  await expect(reading).toContainText('Day 1.3');
  await expect(slider).toHaveValue('30');
  await expect(reading).not.toContainText('100 % water left');
});

test('a wrong value is answered with the field and its range, and the last answer stays', async ({ bench }) => {
  const before = await bench.getByTestId('setup').allInnerTexts();
  await openPhrase(bench, 'roots');
  await bench.getByLabel('Root thickness').fill('55');
  await expect(bench.getByText('root thickness must be between 0.2 and 12 mm').first()).toBeVisible();
  expect(await bench.getByTestId('setup').allInnerTexts()).toEqual(before);
  await bench.getByLabel('Root thickness').fill('3');
  await expect(bench.getByText('root thickness must be between 0.2 and 12 mm')).toHaveCount(0);
  await expect.poll(async () => (await bench.getByTestId('setup').allInnerTexts()).join()).not.toBe(before.join());
});

test('thickness can be judged by eye', async ({ bench }) => {
  await openPhrase(bench, 'roots');
  await bench.getByRole('button', { name: /dry spaghetti/ }).click();
  await expect(bench.getByLabel('Root thickness')).toHaveValue('1.8');
});

test('half-filled work survives a reload, wrong values too', async ({ bench }) => {
  await openPhrase(bench, 'roots');
  await bench.getByLabel('Root thickness').fill('4.2');
  await openPhrase(bench, 'watering');
  await bench.getByLabel('You water', { exact: true }).fill('99');
  await expect(bench.getByText(/days between waterings must be between 1 and 30 days/).first()).toBeVisible();
  await bench.reload();
  await expect(bench.locator('[data-phrase="roots"]')).toHaveText('roots 4.2 mm');
  await expect(bench.locator('[data-phrase="watering"]')).toHaveAttribute('data-state', 'wrong');
  // The last good answer stays; nothing is being worked out, and nothing says so.
  await expect(bench.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(bench.getByTestId('setup').first()).toBeVisible();
  await expect(bench.getByText('Working it out…')).toHaveCount(0);
  await openPhrase(bench, 'watering');
  await expect(bench.getByLabel('You water', { exact: true })).toHaveValue('99');
  await bench.getByLabel('You water', { exact: true }).fill('5');
  await waitForPlan(bench);
  // The fields are still those that were typed in: the key reaches the picker.
  await expect(bench.getByLabel('You water', { exact: true })).toBeFocused();
  await bench.keyboard.press('Escape');
  await expect(bench.getByRole('dialog')).toHaveCount(0);
});

const DRAG_PX = 70;
/** A layer is moved by tenths of a centimetre. */
const DRAG_SLACK_PX = 3;

test('a layer boundary can be dragged, moved by keys, and the change undone', async ({ bench }) => {
  const surface = bench.getByRole('slider', { name: 'Surface of the medium' });
  const before = Number(await surface.getAttribute('aria-valuenow'));
  const due = await bench.getByTestId('due').innerText();
  await surface.focus();
  for (let k = 0; k < 4; k += 1) await bench.keyboard.press('ArrowDown');
  await expect(surface).toHaveAttribute('aria-valuenow', String(Math.round((before - 2) * 10) / 10));
  await bench.keyboard.press('Control+z');
  await expect(surface).toHaveAttribute('aria-valuenow', String(Math.round((before - 1.5) * 10) / 10));
  await bench.getByRole('button', { name: 'As proposed' }).click();
  await expect(surface).toHaveAttribute('aria-valuenow', String(before));
  const grip = (await surface.boundingBox())!;
  await bench.mouse.move(grip.x + grip.width / 2, grip.y + grip.height / 2);
  await bench.mouse.down();
  await bench.mouse.move(grip.x + grip.width / 2, grip.y + grip.height / 2 + DRAG_PX, { steps: 12 });
  await bench.mouse.up();
  await expect.poll(async () => Number(await surface.getAttribute('aria-valuenow'))).toBeLessThan(before - 2);
  // The handle has stayed under the hand: nothing that came with the change moved the drawing.
  const dragged = (await surface.boundingBox())!;
  expect(Math.abs(dragged.y - grip.y - DRAG_PX)).toBeLessThan(DRAG_SLACK_PX);
  await expect(bench.getByTestId('due')).not.toHaveText(due);
});

test('inches and Fahrenheit', async ({ bench }) => {
  await bench.getByText('in', { exact: true }).click();
  await bench.getByText('°F', { exact: true }).click();
  await waitForPlan(bench);
  await expect(bench.getByTestId('reading')).toContainText('°F');
  await expect(bench.locator('[data-part="section"]')).toContainText(' in');
  await bench.reload();
  await expect(bench.getByTestId('reading')).toContainText('°F');
  await bench.getByText('cm', { exact: true }).first().click();
  await bench.getByText('°C', { exact: true }).click();
});

test('the setup chosen stays on the stage and the months choose its air', async ({ bench }) => {
  await bench.getByTestId('setup').nth(2).click();
  const title = await bench.getByRole('heading', { level: 1 }).innerText();
  await bench.getByRole('button', { name: /^Jul/ }).click();
  await expect(bench.getByTestId('due')).toContainText('July');
  await bench.reload();
  await waitForPlan(bench);
  await expect(bench.getByRole('heading', { level: 1 })).toHaveText(title);
  await expect(bench.getByTestId('due')).toContainText('July');
});

test('picking never moves what lies below', async ({ bench }) => {
  const top = async () => (await bench.getByRole('region', { name: 'The chosen setup' }).boundingBox())!.y;
  const before = await top();
  for (const phrase of ['genus', 'roots', 'shows', 'place', 'watering', 'now', 'and']) {
    await openPhrase(bench, phrase);
    await expect(bench.getByRole('dialog')).toBeVisible();
    expect(await top()).toBe(before);
    await bench.keyboard.press('Escape');
    await expect(bench.getByRole('dialog')).toHaveCount(0);
  }
  await openPhrase(bench, 'shows');
  for (const sign of ['new root tips just showing', 'in bud or bloom', 'it wobbles'])
    await bench.getByRole('button', { name: sign }).click();
  await done(bench);
  await expect(bench.locator('[data-phrase="shows"]')).toHaveText('showing tips, bloom, wobbles');
  expect(await top()).toBe(before);
});

test('an orchid without a name is found by its looks, and nothing is chosen silently', async ({ bench }) => {
  await openPhrase(bench, 'genus');
  const before = (await bench.getByRole('option', { selected: true }).first().textContent()) ?? '';
  await bench.getByRole('button', { name: /I do not know/ }).click();
  const touch = (name: string) => bench.getByRole('button', { name, exact: true }).click();
  await touch('Tufts or fans, no bulbs');
  await touch('Spotted or veined');
  await touch('With a pouch');
  const guesses = bench.getByRole('region', { name: 'What it could be' });
  await expect(guesses.getByRole('button').first()).toHaveText(/PaphiopedilumLikely, \d+ of 100/);
  await touch('With a pouch');
  await expect(guesses.getByRole('button').first()).not.toHaveText(/Likely, 9\d of 100/);
  await bench.getByRole('button', { name: 'Back to the names' }).click();
  await expect(bench.getByRole('option', { selected: true }).first()).toHaveText(before);
  await bench.getByRole('button', { name: /I do not know/ }).click();
  await touch('With a pouch');
  await guesses
    .getByRole('button', { name: /^Paphiopedilum/ })
    .first()
    .click();
  await waitForPlan(bench);
  await openPhrase(bench, 'genus');
  await expect(bench.getByRole('option', { selected: true }).first()).toContainText('Paphiopedilum');
});
