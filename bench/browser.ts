/**
 * Speed where the user waits, in the browser on the built application: npm run bench:browser (a table), or with -- --json
 * (one object). Medians on the machine at hand. The address of a running application is the first argument.
 */
import { type Browser, chromium, type Page } from '@playwright/test';
import { dayStepsMs } from './browser-day';
import { longestTaskCpuMs } from './page-tasks';

const [address, ...flags] = process.argv.slice(2);
const isJson = flags.includes('--json');
const COLD_RUNS = 5;
const CHANGES = 3;
const DRAG_STEPS = 25;
const WIDTH_PX = 1280;
const HEIGHT_PX = 800;

interface Waits {
  readonly coldFirstAnswerMs: number;
  readonly firstGoodMs: number;
  readonly finalMs: number;
  readonly dragMs: number;
  /** The longest task of a page, over several pages. */
  readonly longestTaskMs: number;
  /** The longest of all of them: on a machine with other work, the one that waited longest for it. */
  readonly worstTaskMs: number;
  /** The longest by the processor's clock, without what it waits for other programs. */
  readonly longestTaskCpuMs: number;
  readonly firstScreenJsKb: number;
  readonly dayStepMs: number;
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return Math.round(sorted[Math.floor(sorted.length / 2)]!);
}

/** Tasks that hold up the page's thread are noted from the first line on. */
async function freshPage(browser: Browser): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: WIDTH_PX, height: HEIGHT_PX } });
  const page = await context.newPage();
  await page.addInitScript(() => {
    const noted = window as unknown as { longTasks: number[] };
    noted.longTasks = [];
    new PerformanceObserver((list) => {
      for (const task of list.getEntries()) noted.longTasks.push(task.duration);
    }).observe({ type: 'longtask', buffered: true });
  });
  return page;
}

async function longestTask(page: Page): Promise<number> {
  return page.evaluate(() => Math.max(0, ...(window as unknown as { longTasks: number[] }).longTasks));
}

/** The last mark of a name, ms since the page began; 0 before the first. */
function lastMark(page: Page, name: string): Promise<number> {
  return page.evaluate((wanted) => performance.getEntriesByName(`cairn ${wanted}`).at(-1)?.startTime ?? 0, name);
}

async function coldStart(browser: Browser) {
  const page = await freshPage(browser);
  await page.goto(address!);
  await page.waitForFunction(() => performance.getEntriesByName('cairn first good').length > 0);
  const firstAnswerMs = await lastMark(page, 'first good');
  // What came before the answer stood, each file once: a second worker finds it in the browser's store.
  const jsKb = await page.evaluate((stoodMs) => {
    const sizes = new Map(
      performance
        .getEntriesByType('resource')
        .filter((entry) => /\.js(\?|$)/.test(entry.name) && (entry as PerformanceResourceTiming).responseEnd <= stoodMs)
        .map((entry) => [entry.name, (entry as PerformanceResourceTiming).encodedBodySize / 1000]),
    );
    return [...sizes.values()].reduce((sum, size) => sum + size, 0);
  }, firstAnswerMs);
  const taskMs = await longestTask(page);
  await page.context().close();
  return { firstAnswerMs, jsKb, taskMs };
}

/** One change said as a user would; how long to the first good answer and to the final one. */
async function changed(page: Page, change: () => Promise<void>): Promise<readonly [number, number]> {
  const before = await lastMark(page, 'asked');
  const finalBefore = await lastMark(page, 'final');
  await change();
  // No function of its own in here: what the page runs is sent as text, without what the loader adds.
  await page.waitForFunction(
    ([asked, final]) => {
      const lastAsked = performance.getEntriesByName('cairn asked').at(-1)?.startTime ?? 0;
      const lastFinal = performance.getEntriesByName('cairn final').at(-1)?.startTime ?? 0;
      return lastAsked > asked! && lastFinal > Math.max(final!, lastAsked);
    },
    [before, finalBefore],
  );
  const asked = await lastMark(page, 'asked');
  return [(await lastMark(page, 'first good')) - asked, (await lastMark(page, 'final')) - asked];
}

async function setGenus(page: Page, text: string): Promise<void> {
  await page.keyboard.press('/');
  await page.keyboard.type(text);
  await page.keyboard.press('Enter');
}

async function sayRoot(page: Page, mm: string): Promise<void> {
  await page.keyboard.press('r');
  await page.locator('#root').fill(mm);
  await page.keyboard.press('Escape');
}

async function sayPlace(page: Page, name: string): Promise<void> {
  await page.keyboard.press('l');
  await page.getByRole('radio', { name: new RegExp(name) }).click();
}

/** From a move of the hand on a layer's handle to the second frame after it, ms. */
async function drag(page: Page): Promise<number> {
  const grip = (await page.getByRole('slider', { name: 'Surface of the medium' }).boundingBox())!;
  await page.evaluate(() => {
    const noted = window as unknown as { moves: number[] };
    noted.moves = [];
    document.addEventListener(
      'pointermove',
      () => {
        const from = performance.now();
        requestAnimationFrame(() => setTimeout(() => noted.moves.push(performance.now() - from)));
      },
      true,
    );
  });
  const x = grip.x + grip.width / 2;
  const y = grip.y + grip.height / 2;
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let step = 1; step <= DRAG_STEPS; step += 1) await page.mouse.move(x, y + 2 * step);
  await page.mouse.up();
  return median(await page.evaluate(() => (window as unknown as { moves: number[] }).moves));
}

/** A page whose first answer stands, with all that comes after it. */
async function warmPage(browser: Browser): Promise<Page> {
  const page = await freshPage(browser);
  await page.goto(address!);
  await page.waitForFunction(() => performance.getEntriesByName('cairn final').length > 0);
  await page.locator('[data-whole]').waitFor({ state: 'attached' });
  return page;
}

/** Genus, root and place, each changed several times: first good and final answer, ms. */
async function changes(page: Page): Promise<readonly (readonly [number, number])[]> {
  const waits: (readonly [number, number])[] = [];
  const genera = ['masdevallia', 'vanda', 'paphiopedilum'];
  const roots = ['2', '3', '5'];
  const places = ['Fern Gate glasshouse', 'Kettle Row kitchen', 'Kiln Lane flat'];
  for (let round = 0; round < CHANGES; round += 1) {
    waits.push(await changed(page, () => setGenus(page, genera[round]!)));
    waits.push(await changed(page, () => sayRoot(page, roots[round]!)));
    waits.push(await changed(page, () => sayPlace(page, places[round]!)));
  }
  return waits;
}

async function measure(): Promise<Waits> {
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox'],
  });
  const cold = [];
  for (let run = 0; run < COLD_RUNS; run += 1) cold.push(await coldStart(browser));

  const page = await warmPage(browser);
  const waits = await changes(page);
  const dragMs = await drag(page);
  const tasksMs = [await longestTask(page), ...cold.map(({ taskMs }) => taskMs)];
  await page.context().close();
  // Once more, watched: to watch costs a little, so it is not timed.
  const taskCpuMs = await longestTaskCpuMs(browser, async () => {
    await changes(await warmPage(browser));
  });
  const steps = await dayStepsMs(await freshPage(browser), address!);
  await browser.close();
  return {
    coldFirstAnswerMs: median(cold.map(({ firstAnswerMs }) => firstAnswerMs)),
    firstGoodMs: median(waits.map(([first]) => first)),
    finalMs: median(waits.map(([, final]) => final)),
    dragMs,
    longestTaskMs: median(tasksMs),
    worstTaskMs: Math.round(Math.max(...tasksMs)),
    longestTaskCpuMs: Math.round(taskCpuMs),
    firstScreenJsKb: median(cold.map(({ jsKb }) => jsKb)),
    dayStepMs: median(steps),
  };
}

const targets: Readonly<Record<keyof Waits, number>> = {
  coldFirstAnswerMs: 1500,
  firstGoodMs: 600,
  finalMs: 1000,
  dragMs: 50,
  longestTaskMs: 100,
  worstTaskMs: 100,
  longestTaskCpuMs: 100,
  firstScreenJsKb: 450,
  dayStepMs: 50,
};

async function main(): Promise<void> {
  if (!address) throw new Error('give the address of a running application: npm run bench:browser starts one');
  const waits = await measure();
  if (isJson) {
    process.stdout.write(`${JSON.stringify(waits)}\n`);
    return;
  }
  for (const [name, value] of Object.entries(waits))
    process.stdout.write(`${name.padEnd(20)}${String(value).padStart(7)}   at most ${targets[name as keyof Waits]}\n`);
}

void main();
