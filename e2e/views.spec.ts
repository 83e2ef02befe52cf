/**
 * Every view, at three widths and in the dark: WCAG 2.2 AA by axe, nothing sticks out, and fingers find what they touch. Each is
 * opened once for the mouse and once for the finger, and looked at in all the ways it can be seen there.
 */
import { randomUUID } from 'node:crypto';
import { setTimeout } from 'node:timers/promises';
import type { Page } from '@playwright/test';
import { accessibilityFaults } from './accessibility';
import { expect, listenTo, openBench, setGenus, test as base, waitForPlan } from './server';

interface Looking {
  /** In a window that other tests have looked through before: nothing is fetched twice. */
  readonly pane: Page;
  /** The same, with the first plan on the bench. */
  readonly benchPane: Page;
}

const test = base.extend<Looking>({
  pane: async ({ windows, hasTouch, viewport }, provide) => {
    const page = await windows.get(hasTouch)!.newPage();
    if (viewport) await page.setViewportSize(viewport);
    const errors = listenTo(page);
    await provide(page);
    await page.evaluate(() => localStorage.clear());
    await page.close();
    expect(errors).toEqual([]);
  },
  benchPane: async ({ pane, app, firstAnswer }, provide) => {
    await openBench(pane, { app, firstAnswer });
    await provide(pane);
  },
});

// They look and change nothing: whichever browser is free takes the next.
test.describe.configure({ mode: 'parallel' });

const paths = [
  '/',
  '/today',
  '/plants',
  '/plants/labels?place=cool-shade',
  '/plants/files',
  '/places',
  '/media',
  '/stock',
  '/days',
  '/solutions',
  '/aftercare',
  '/trials',
  'a potting day',
  'a running day',
  'a day on paper',
  '/library',
  '/compare',
  '/genera/phalaenopsis',
  '/genera/mine',
  'a plant of the list',
] as const;

const phrases = ['genus', 'roots', 'shows', 'place', 'watering', 'now', 'and'] as const;

interface Sight {
  readonly name: string;
  readonly size: { readonly width: number; readonly height: number };
  readonly colorScheme: 'light' | 'dark';
}

const DESK_PX = { width: 1280, height: 800 };
const TABLET_PX = { width: 820, height: 1180 };
const PHONE_PX = { width: 390, height: 844 };

/** What is touched and what is clicked may look different, so each has a page of its own. */
const hands: readonly { readonly name: string; readonly hasTouch: boolean; readonly sights: readonly Sight[] }[] = [
  {
    name: 'at a desk',
    hasTouch: false,
    sights: [
      { name: 'by day', size: DESK_PX, colorScheme: 'light' },
      { name: 'in the dark', size: DESK_PX, colorScheme: 'dark' },
    ],
  },
  {
    name: 'by finger',
    hasTouch: true,
    sights: [
      { name: 'on a tablet upright', size: TABLET_PX, colorScheme: 'light' },
      { name: 'on a phone', size: PHONE_PX, colorScheme: 'light' },
    ],
  },
];

const TOUCH_PX = 44;

/** What can be touched and is smaller than a finger asks for; links in running text are free of it (WCAG 2.5.8). */
async function smallTargets(page: Page, within = 'body'): Promise<readonly string[]> {
  return page.evaluate(
    ([leastPx, room]) => {
      const found: string[] = [];
      const touched =
        'a[href], button, input, select, textarea, summary, [role="button"], [role="slider"], [role="option"]';
      for (const element of document.querySelector(room)!.querySelectorAll(touched)) {
        const isInText = element.tagName === 'A' && element.parentElement?.tagName === 'P';
        if (isInText || element.closest('.skip-link, .visually-hidden')) continue;
        // A field is touched anywhere in its frame, a box anywhere on its label.
        const target =
          element.closest('label, .ant-select, .ant-input-number, .ant-input-affix-wrapper, .ant-upload') ?? element;
        const { width, height } = target.getBoundingClientRect();
        if (width <= 1 || height <= 1 || !element.checkVisibility({ opacityProperty: true })) continue;
        if (Math.min(width, height) < leastPx - 0.5)
          found.push(
            `${element.tagName} "${element.getAttribute('aria-label') ?? element.textContent}" ${Math.round(width)} x ${Math.round(height)}`,
          );
      }
      return found;
    },
    [TOUCH_PX, within] as const,
  );
}

/** What another colour can spoil; the rest is the same in the dark. */
const colourRules = ['color-contrast', 'link-in-text-block'];

/** within: of the whole page, or only of what stands there. */
async function faults(page: Page, { colorScheme }: Sight, within?: string): Promise<readonly string[]> {
  const outside = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  return [
    ...(await accessibilityFaults(page, { within, rules: colorScheme === 'dark' ? colourRules : undefined })),
    ...(outside > 0 ? [`sticks out sideways by ${outside} px`] : []),
    ...(await smallTargets(page, within)),
  ];
}

/** What still moves after its window changed is looked at once more, so much later, ms. */
const SETTLED_MS = 1000;

async function seen(page: Page, { size, colorScheme }: Sight): Promise<void> {
  await page.setViewportSize(size);
  await page.emulateMedia({ colorScheme });
}

/** Looks at it in every way, and leaves it as it was. */
async function look(page: Page, sights: readonly Sight[], what: string, within?: string): Promise<void> {
  for (const sight of sights) {
    await seen(page, sight);
    let found = await faults(page, sight, within);
    if (found.length > 0) {
      await setTimeout(SETTLED_MS);
      found = await faults(page, sight, within);
    }
    expect.soft(found, `${what}, ${sight.name}`).toEqual([]);
  }
  await seen(page, sights[0]!);
}

const dayPaths: ReadonlyMap<string, string> = new Map([
  ['a potting day', ''],
  ['a running day', '/run'],
  ['a day on paper', '/print'],
]);

/** A day of two plants of the demo, made for this look. */
async function aDay(page: Page, address: string): Promise<string> {
  const { plants } = (await (await page.request.get(`${address}/api/plants?limit=2`)).json()) as {
    readonly plants: readonly { readonly id: string; readonly name: string }[];
  };
  const id = randomUUID();
  const setup = {
    approach: 'organic pot',
    vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 12 },
    layers: [{ role: 'main', mix: [{ mediumId: 'bark-6-12', parts: 1 }], heightCm: 8 }],
  };
  const planCase = { genus: 'oncidium', place: 'heated-flat', signs: { rot: true } };
  const asked = plants.map((plant) => ({ id: plant.id, name: plant.name, case: planCase, setup }));
  const data = { on: '2027-03-06', hours: 0.5, sun: { fromMinute: 600, untilMinute: 700 }, plants: asked };
  const origin = new URL(address).origin;
  await page.request.put(`${address}/api/days/${id}`, { data, headers: { origin } });
  return id;
}

async function open(page: Page, address: string, path: (typeof paths)[number]): Promise<void> {
  if (path === 'a plant of the list') {
    await page.goto(`${address}/plants`);
    await page.locator('li a[href^="/plants/"]').first().click();
    await page.waitForURL(/\/plants\/./);
  } else if (dayPaths.has(path)) {
    await page.goto(`${address}/days/${await aDay(page, address)}${dayPaths.get(path)}`);
    await page.locator('[data-whole]').waitFor({ timeout: 240_000 });
    if (path === 'a running day') {
      await page.locator('[data-part="big"]').click();
      await page.locator('[data-part="big"]', { hasText: 'Take' }).click();
      await expect(page.getByRole('list', { name: 'Steps' })).toBeVisible();
    }
  } else await page.goto(address + path);
  if (path === '/') await waitForPlan(page);
  await page.waitForLoadState('networkidle');
}

for (const { name, hasTouch, sights } of hands) {
  test.describe(name, () => {
    test.use({ viewport: sights[0]!.size, hasTouch });

    for (const path of paths) {
      test(`the view ${path}`, async ({ pane, app }) => {
        await open(pane, app.address, path);
        await look(pane, sights, path);
      });
    }

    test('the pot from above, and the sheet on which a plant is drawn', async ({ benchPane: bench }) => {
      await bench.getByRole('button', { name: 'From above' }).click();
      await expect(bench.locator('[data-part="growth-plan"]')).toBeVisible();
      await look(bench, sights, 'from above');
      await bench.getByRole('button', { name: 'Draw it' }).click();
      await expect(bench.locator('[data-part="map-sheet"]')).toBeVisible();
      await look(bench, sights, 'drawing');
    });

    test('every step of looking a plant over, and its end', async ({ benchPane: bench }) => {
      await setGenus(bench, 'zygopetalum', 'Zygopetalum');
      await waitForPlan(bench);
      await bench.getByRole('button', { name: 'Look it over' }).first().click();
      const heading = bench.getByRole('dialog').getByRole('heading', { level: 2 });
      const next = bench.getByRole('button', { name: /^(Next|Skip)$/ });
      await expect(heading).toBeVisible();
      for (;;) {
        const title = await heading.innerText();
        // The stage behind it may hold a sheet too, by now.
        const sheet = bench.getByRole('dialog').locator('[data-part="map-sheet"]');
        if (title.startsWith('Where do its')) await expect(sheet).toBeVisible();
        await look(bench, sights, title, 'dialog');
        if ((await next.count()) === 0) break;
        await next.click();
        await expect(heading).not.toHaveText(title);
      }
    });

    test('every picker', async ({ benchPane: bench }) => {
      for (const phrase of phrases) {
        await bench.locator(`[data-phrase="${phrase}"]`).click();
        await expect(bench.getByRole('dialog').locator('[data-body] :is(input, button)').first()).toBeVisible();
        await look(bench, sights, phrase, '[role="dialog"]');
        await bench.keyboard.press('Escape');
      }
    });
  });
}

/** Room around what is focused, in which its ring may stand, px. */
const RING_PX = 8;
const MOST_STOPS = 70;

/** Where the keyboard is: what to look at, and by what name; null where it is nowhere. */
async function focusedPart(page: Page) {
  return page.evaluate((ring) => {
    const element = document.activeElement;
    if (!(element instanceof Element) || element === document.body) return null;
    // A radio or box that is hidden shows its ring on its label.
    const { x, y, width, height } = (element.closest('label') ?? element).getBoundingClientRect();
    const left = Math.max(0, x - ring);
    const top = Math.max(0, y - ring);
    return {
      name: `${element.tagName} ${(element.getAttribute('aria-label') ?? element.textContent).slice(0, 60)}`,
      clip: {
        x: left,
        y: top,
        width: Math.min(window.innerWidth, x + width + ring) - left,
        height: Math.min(window.innerHeight, y + height + ring) - top,
      },
    };
  }, RING_PX);
}

/** Goes through a page by Tab: what the keyboard reaches that looks no other for it, or lies outside of the screen. */
async function unseenStops(page: Page): Promise<readonly string[]> {
  const unseen: string[] = [];
  const visited = new Set<string>();
  for (let stop = 0; stop < MOST_STOPS; stop += 1) {
    await page.keyboard.press('Tab');
    const part = await focusedPart(page);
    if (!part || visited.has(part.name)) continue;
    visited.add(part.name);
    const { name, clip } = part;
    if (clip.width <= 0 || clip.height <= 0) {
      unseen.push(`${name}: outside of the screen`);
      continue;
    }
    const picture = () => page.screenshot({ clip, animations: 'disabled', caret: 'hide' });
    const focused = await picture();
    // The next Tab goes on from where it was.
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    if (focused.equals(await picture())) unseen.push(name);
  }
  expect(visited.size).toBeGreaterThan(5);
  return unseen;
}

for (const path of ['/', '/places', '/media', '/genera/mine', '/library'] as const) {
  test(`the focus is always seen: ${path}`, async ({ pane, app }) => {
    await open(pane, app.address, path);
    expect(await unseenStops(pane)).toEqual([]);
  });
}

test('a page on paper has nothing to press', async ({ bench }) => {
  await bench.emulateMedia({ media: 'print' });
  await expect(bench.getByRole('heading', { name: 'The first weeks' })).toBeVisible();
  for (const name of ['Potted it', 'What if…', 'New plant']) {
    await expect(bench.getByRole('button', { name })).toBeHidden();
  }
});
