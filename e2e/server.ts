/** The built application on a free port, which a test can stop and start again. */
import { spawn, execFileSync, type ChildProcess } from 'node:child_process';
import { type BrowserContext, expect, type Page, test as base } from '@playwright/test';
import { LAST_ANSWER_KEY } from '../ui/data/last-answer';
import { databaseUrls } from './databases';

export class AppServer {
  private child: ChildProcess | null = null;

  constructor(
    private readonly port: string,
    private readonly databaseUrl: string,
    private readonly more: {
      readonly nodeOptions: readonly string[];
      readonly env: Readonly<Record<string, string>>;
    } = {
      nodeOptions: [],
      env: {},
    },
  ) {}

  get address(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  /** Of the server process. */
  get pid(): number {
    return this.child?.pid ?? -1;
  }

  async start(): Promise<void> {
    this.child = spawn('node', [...this.more.nodeOptions, '--import', 'tsx', 'server/start/serve.ts'], {
      stdio: 'ignore',
      env: {
        ...process.env,
        DATABASE_URL: this.databaseUrl,
        PORT: this.port,
        NODE_ENV: 'production',
        CAIRN_PAGE_WAIT_MS: '60000',
        CAIRN_OPENS: 'example',
        ...this.more.env,
      },
    });
    try {
      await this.answers();
    } catch (error) {
      // Nobody stops what has not begun for them.
      await this.stop();
      throw error;
    }
  }

  /** Generous: a busy machine is no fault of the application. */
  private async answers(): Promise<void> {
    await expect
      .poll(
        async () =>
          fetch(`${this.address}/api/health`).then(
            (answer) => answer.status,
            () => 0,
          ),
        { timeout: 100_000 },
      )
      .toBe(200);
  }

  async stop(): Promise<void> {
    const { child } = this;
    if (!child) return;
    const ended = new Promise((resolve) => child.once('exit', resolve));
    child.kill('SIGTERM');
    await ended;
    this.child = null;
  }
}

interface Pages {
  /** A page of the application; anything on its console is a failure. */
  readonly visitor: Page;
  /** The same, with the first plan on the bench. */
  readonly bench: Page;
}

interface Shared {
  readonly app: AppServer;
  /** The plan of a new bench, as the browser keeps it: worked out by the first test that wants it, begun with by the others. */
  readonly firstAnswer: { text: string | null };
  /**
   * Windows that go from test to test, by whether they are touched: what was fetched once is there. Only for tests that look and
   * keep nothing; what a page kept in the browser goes when its test ends.
   */
  readonly windows: ReadonlyMap<boolean, BrowserContext>;
}

/** Anything on a page's console is a failure. */
export function listenTo(page: Page): readonly string[] {
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  page.on('console', (message) => {
    if (message.type() === 'error' && !message.text().includes('Failed to load resource')) errors.push(message.text());
  });
  return errors;
}

/** Opens the bench with its first plan. */
export async function openBench(page: Page, { app, firstAnswer }: Pick<Shared, 'app' | 'firstAnswer'>): Promise<void> {
  if (firstAnswer.text !== null) {
    await page.addInitScript(
      ([key, text]) => {
        if (localStorage.getItem(key) === null) localStorage.setItem(key, text);
      },
      [LAST_ANSWER_KEY, firstAnswer.text] as const,
    );
  }
  await page.goto(app.address);
  await waitForPlan(page);
  firstAnswer.text ??= await page.evaluate((key) => localStorage.getItem(key), LAST_ANSWER_KEY);
}

export const test = base.extend<Pages, Shared>({
  app: [
    async ({}, provide, { parallelIndex }) => {
      const port = execFileSync('node', ['scripts/free-port.mjs'], { encoding: 'utf8' });
      const databaseUrl = databaseUrls[parallelIndex];
      if (databaseUrl === undefined) throw new Error('E2E_DATABASE_URLS is not set: run ./check');
      const app = new AppServer(port, databaseUrl);
      await app.start();
      await provide(app);
      await app.stop();
    },
    { scope: 'worker' },
  ],
  // Playwright reads from the braces what a fixture needs: these need nothing.
  firstAnswer: [async ({}, provide) => provide({ text: null }), { scope: 'worker' }],
  windows: [
    async ({ browser }, provide) => {
      const windows = new Map([
        [false, await browser.newContext()],
        [true, await browser.newContext({ hasTouch: true })],
      ]);
      await provide(windows);
      for (const window of windows.values()) await window.close();
    },
    { scope: 'worker' },
  ],
  visitor: async ({ page }, provide) => {
    const errors = listenTo(page);
    await provide(page);
    expect(errors).toEqual([]);
  },
  bench: async ({ visitor, app, firstAnswer }, provide) => {
    await openBench(visitor, { app, firstAnswer });
    await provide(visitor);
  },
});

/** Setups stand on the shelf and nothing is being worked out. */
export async function waitForPlan(page: Page): Promise<void> {
  await expect(page.getByTestId('setup').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Stop' })).toHaveCount(0);
  await expect(page.getByTestId('reading')).toBeVisible();
  await expect(page.locator('[data-part="shelf"]')).toHaveAttribute('aria-busy', 'false');
}

export async function pick(page: Page, label: string, text: string): Promise<void> {
  await page.getByLabel(label, { exact: true }).click();
  await page.locator('.ant-select-dropdown:visible').getByText(text, { exact: true }).first().click();
}

/** Opens a phrase of the sentence. */
export async function openPhrase(page: Page, phrase: string): Promise<void> {
  await page.locator(`[data-phrase="${phrase}"]`).click();
}

/** Finds by a word what else can be said, and opens it. */
export async function openMore(page: Page, word: string): Promise<void> {
  await openPhrase(page, 'and');
  await page.getByLabel('Find what to say').fill(word);
  await page.keyboard.press('Enter');
}

export async function done(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Done', exact: true }).click();
}

/** Says which orchid it is, by a part of its name. */
export async function setGenus(page: Page, text: string, name: string): Promise<void> {
  await openPhrase(page, 'genus');
  await page.getByRole('combobox', { name: 'Which orchid' }).fill(text);
  await page.getByRole('option', { name, exact: false }).first().click();
}

export { expect };
