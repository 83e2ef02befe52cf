/** What keeps the application running: waits that grow, what is said, and a log that stops for nothing. */
import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Writable } from 'node:stream';
import type { RotatingFileStream } from 'rotating-file-stream';
import { backOff } from './back-off';
import { logFile } from './log-file';
import { lockStaysHere } from './stdio';
import { watch } from './watch';

describe('waiting before a new start', () => {
  test('doubles up to half a minute', () => {
    const waits = backOff();
    expect(Array.from({ length: 7 }, () => waits.nextMs(0))).toEqual([1000, 2000, 4000, 8000, 16000, 30000, 30000]);
  });

  test('begins anew once it has run for a minute', () => {
    const waits = backOff();
    for (let times = 0; times < 5; times += 1) waits.nextMs(0);
    expect([waits.nextMs(59_999), waits.nextMs(60_000), waits.nextMs(10)]).toEqual([30000, 1000, 2000]);
  });
});

describe('watching', () => {
  /** Runs of given lengths, then everything is stopped. */
  async function watched(runsMs: readonly number[]) {
    const said: string[] = [];
    const again: boolean[] = [];
    let now = 0;
    const rest = [...runsMs];
    await watch(
      {
        name: 'web server',
        run: (isAgain) => {
          again.push(isAgain);
          now += rest.shift()!;
          return Promise.resolve('stopped (exit code 1)');
        },
      },
      {
        backOff: backOff(),
        say: (line) => said.push(line),
        now: () => now,
        sleep: (ms) => {
          now += ms;
          return Promise.resolve();
        },
        isStopping: () => rest.length === 0,
      },
    );
    return { said, again };
  }

  test('what ends is started again, and that is said with how long it takes', async () => {
    const { said, again } = await watched([10, 10, 90_000, 10, 10]);
    expect(again).toEqual([false, true, true, true, true]);
    expect(said).toEqual([
      'The web server stopped (exit code 1). Starting it again in 1 s.',
      'The web server stopped (exit code 1). Starting it again in 2 s.',
      'The web server stopped (exit code 1). Starting it again in 1 s.',
      'The web server stopped (exit code 1). Starting it again in 2 s.',
    ]);
  });
});

test('watching that fails itself is said, and goes on', async () => {
  const said: string[] = [];
  let runs = 0;
  await watch(
    {
      name: 'web server',
      run: () => {
        runs += 1;
        return runs === 1 ? Promise.reject(new Error('ENOSPC')) : Promise.resolve('stopped (exit code 0)');
      },
    },
    {
      backOff: backOff(),
      say: (line) => said.push(line),
      now: () => 0,
      sleep: () => Promise.resolve(),
      isStopping: () => runs === 2,
    },
  );
  expect(runs).toBe(2);
  expect(said).toEqual(['The web server failed (Error: ENOSPC). Starting it again in 1 s.']);
});

test('a child gets its own three files and nothing where the lock is', () => {
  expect(lockStaysHere(['pipe', 'pipe', 'pipe'])).toEqual([...'ppp'].map(() => 'pipe').concat(Array(6).fill('ignore')));
});

describe('the log', () => {
  const folder = mkdtempSync(join(tmpdir(), 'cairn-log-'));
  afterAll(() => rmSync(folder, { recursive: true }));

  test('is its owner’s alone, and keeps three older files of a megabyte', async () => {
    const path = join(folder, 'server.log');
    const log = logFile(path);
    const line = `${'x'.repeat(99_999)}\n`;
    for (let times = 0; times < 64; times += 1) {
      log.write(line);
      await new Promise((resolve) => setTimeout(resolve, 5));
    }
    await log.close();
    expect(readdirSync(folder).sort()).toEqual(['server.log', 'server.log.1', 'server.log.2', 'server.log.3']);
    for (const name of readdirSync(folder)) {
      expect(statSync(join(folder, name)).mode & 0o777).toBe(0o600);
      expect(statSync(join(folder, name)).size).toBeLessThan(1.3e6);
    }
    expect(readFileSync(path, 'utf8').endsWith(line) || statSync(path).size === 0).toBe(true);
  });

  test('a full disk costs lines: nothing is thrown, nothing is tried again at once, and it goes on later', async () => {
    let now = 0;
    const written: string[] = [];
    let isFull = true;
    let opened = 0;
    const open = () => {
      opened += 1;
      const stream = new Writable({
        write: (chunk, _encoding, done) => {
          if (!isFull) written.push(String(chunk));
          done(isFull ? new Error('ENOSPC') : null);
        },
      });
      return stream as unknown as RotatingFileStream;
    };
    const log = logFile(join(folder, 'full.log'), open, () => now);
    log.write('lost\n');
    await new Promise((resolve) => setImmediate(resolve));
    for (let times = 0; times < 1000; times += 1) log.write('lost\n');
    expect(opened).toBe(1);
    isFull = false;
    now += 11_000;
    log.write('kept\n');
    expect(opened).toBe(2);
    expect(written.join('')).toBe('(lines are missing here: they could not be written)\nkept\n');
  });
});
