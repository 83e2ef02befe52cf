// Takes the pictures of docs/screenshots from the example (./start --example): node scripts/screenshots.mjs ADDRESS
import { chromium } from '@playwright/test';

const address = process.argv[2];
if (!address) throw new Error('usage: node scripts/screenshots.mjs http://127.0.0.1:PORT');
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});

async function picture(name, path, size, act) {
  const context = await browser.newContext({ viewport: size });
  const page = await context.newPage();
  await page.goto(address + path);
  if (path === '/') await page.getByTestId('setup').first().waitFor();
  await page.waitForTimeout(1500);
  if (act) await act(page);
  await page.waitForTimeout(900);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await context.close();
}

const desk = { width: 1280, height: 800 };
const tablet = { width: 820, height: 1180 };

async function genus(page, text) {
  await page.keyboard.press('/');
  await page.getByRole('combobox', { name: 'Which orchid' }).fill(text);
  await page.keyboard.press('Enter');
  await page.waitForTimeout(2500);
}

await picture('bench', '/', desk, async (page) => {
  await page.getByTestId('setup').nth(2).click();
  await page.getByTestId('reading').waitFor();
});
await picture('why', '/', desk, async (page) => {
  await genus(page, 'paphio');
  await page.getByTestId('setup').nth(3).click();
  for (let k = 0; k < 10; k += 1) await page.keyboard.press('ArrowRight');
  await page.getByText('Why', { exact: true }).click();
});
await picture('growth', '/', desk, async (page) => {
  await genus(page, 'zygopetalum');
  await page.keyboard.press('g');
  await page.getByText(/inside the rim/).waitFor();
});
const lookOver = (steps) => async (page) => {
  await genus(page, 'zygopetalum');
  await page.keyboard.press('i');
  await page.getByRole('dialog').getByRole('heading', { level: 2 }).waitFor();
  for (let k = 0; k < steps; k += 1) await page.keyboard.press('ArrowRight');
  await page.keyboard.press('3');
};
await picture('inspect', '/', desk, lookOver(3));
await picture('tablet', '/', tablet);
await picture('new-place', '/places/new', desk, async (page) => {
  await page.getByLabel('Town').fill('Quito');
  await page
    .getByRole('button', { name: /^Quito/ })
    .first()
    .click();
  await page.getByText('Veranda').click();
});
await picture('phone', '/', { width: 390, height: 844 });
await picture('plants', '/plants', desk);
await picture('today', '/today', desk, (page) =>
  page.getByText(/Working out ahead/).waitFor({ state: 'detached', timeout: 60_000 }),
);
await picture('stock', '/stock', desk);
await picture('places', '/places', desk);
await picture('log', '/plants?search=purple', desk, async (page) => {
  await page.getByRole('link', { name: /Purple/ }).click();
  await page.getByRole('table').first().waitFor();
});
await picture('library', '/library', desk, async (page) => {
  await page.locator('main').getByText('Media', { exact: true }).click();
  await page.getByRole('button', { name: 'Conifer bark 6–12 mm' }).click();
  await page.getByRole('switch').click();
});
await picture('what-if', '/', desk, async (page) => {
  await page
    .getByTestId('setup')
    .filter({ hasText: /Organic, in a pot/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'What if…' }).click();
  const moss = page.getByRole('slider', { name: 'Moss in the mix' });
  await moss.focus();
  for (let k = 0; k < 4; k += 1) await page.keyboard.press('ArrowRight');
  await page.getByRole('button', { name: 'Tune to my routine' }).click();
  await page.getByText('in a middling month').waitFor();
});
await picture('schools', '/', desk, async (page) => {
  await page.keyboard.press('a');
  await page.getByLabel('Find what to say').fill('schools');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'What would each do here?' }).first().click();
  await page.getByRole('table', { name: 'What each side would do here' }).waitFor({ timeout: 60_000 });
});
await picture('compare', '/', { width: 1280, height: 1000 }, async (page) => {
  for (const k of [0, 1, 2, 4])
    await page
      .getByRole('button', { name: /beside others/ })
      .nth(k)
      .click();
  await page.getByRole('button', { name: 'Compare 4' }).click();
  await page.getByText('next repotting in').waitFor();
});
await picture('media', '/media', desk, async (page) => {
  await page.getByText('It holds').waitFor();
});
// A day of eight plants that are due, made for the pictures and put away again.
const { plants } = await (await fetch(`${address}/api/due`)).json();
const chosen = plants.slice(0, 8).map(({ plantId }) => plantId);
let madeDay = '';
await picture('day', `/days?ids=${chosen.join(',')}`, { width: 1280, height: 900 }, async (page) => {
  await page.getByRole('button', { name: /^Prepare/ }).click();
  await page.waitForURL(/days\/[0-9a-f-]{36}$/);
  madeDay = page.url().split('/').at(-1);
  await page.locator('[data-whole]').waitFor({ timeout: 60_000 });
});
await picture('run', `/days/${madeDay}/run`, tablet, async (page) => {
  await page.locator('[data-whole]').waitFor({ timeout: 60_000 });
  await page.locator('[data-part="big"]').click();
  await page.locator('[data-part="big"]', { hasText: 'Take' }).click();
  await page
    .getByRole('button', { name: /^Timer, / })
    .first()
    .click();
});
await fetch(`${address}/api/days/${madeDay}`, { method: 'DELETE', headers: { origin: address } });
await browser.close();
