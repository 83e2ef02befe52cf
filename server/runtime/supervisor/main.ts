/**
 * Keeps the web server and the database running, and stops both when it is stopped. ./start hands over to
 * it; it takes CAIRN_DATA, PG_PORT and PORT from there.
 */
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import * as z from 'zod';
import { backOff } from './back-off';
import { keepDailyCopies } from './daily-copy';
import { logFile } from './log-file';
import { Database } from './postgres';
import { type Surroundings, watch } from './watch';
import { WebServer } from './web-server';
import { monotonicMs } from './monotonic';

const environment = z.object({ CAIRN_DATA: z.string(), PG_PORT: z.coerce.number(), PORT: z.string() });
const FIRST_ANSWER_MS = 30_000;
const SHORT_PAUSE_MS = 100;
/** As a shell tells the end by a signal. */
const codes: Readonly<Record<string, number>> = { SIGINT: 130, SIGTERM: 143, SIGHUP: 129 };

function say(line: string): void {
  process.stdout.write(`${line}\n`);
}
// Whoever listened may have gone: that is no reason to stop.
process.stdout.on('error', () => undefined);
process.stderr.on('error', () => undefined);

const LINES_SHOWN = 20;
const lastLines = (path: string): string =>
  existsSync(path) ? readFileSync(path, 'utf8').trimEnd().split('\n').slice(-LINES_SHOWN).join('\n') : '';

async function main(): Promise<void> {
  const { CAIRN_DATA: dataFolder, PG_PORT: databasePort, PORT: port } = environment.parse(process.env);
  const addressFile = join(dataFolder, 'address');
  const logPath = join(dataFolder, 'server.log');
  const log = logFile(logPath);
  let isStopping = false;
  let hasAnswered = false;

  const web = new WebServer({
    port,
    dataFolder,
    log,
    onAnswer: () => {
      if (hasAnswered) say('The web server answers again.');
      else {
        say(`\nTender Cairn is at ${web.address}   (Ctrl-C stops it)`);
        if (process.env.CAIRN_DAILY_COPY !== 'off') keepDailyCopies(dataFolder, say);
      }
      hasAnswered = true;
      try {
        writeFileSync(addressFile, web.address);
      } catch (error) {
        say(`The address could not be noted in ${addressFile}: ${String(error)}`);
      }
    },
  });
  const database = new Database({
    cluster: join(dataFolder, 'postgres'),
    port: databasePort,
    isStopping: () => isStopping,
    onBack: () => say('The database is back.'),
  });

  const stop = async (code: number): Promise<void> => {
    if (isStopping) return;
    isStopping = true;
    await web.stop();
    await database.stop();
    rmSync(addressFile, { force: true });
    await log.close();
    process.exit(code);
  };
  for (const [signal, code] of Object.entries(codes)) process.on(signal, () => void stop(code));

  const around = (): Surroundings => ({
    backOff: backOff(),
    say,
    now: monotonicMs,
    isStopping: () => isStopping,
    sleep: async (ms) => {
      const until = monotonicMs() + ms;
      while (!isStopping && monotonicMs() < until) {
        await new Promise((resolve) => setTimeout(resolve, SHORT_PAUSE_MS));
      }
    },
  });
  setTimeout(() => {
    if (hasAnswered || isStopping) return;
    say(lastLines(logPath));
    say(`error: the web server did not answer within 30 seconds; its log is ${logPath}`);
    void stop(1);
  }, FIRST_ANSWER_MS).unref();
  await Promise.all([
    watch({ name: 'web server', run: () => web.run() }, around()),
    watch({ name: 'database', run: (isAgain) => database.run(isAgain) }, around()),
  ]);
}

main().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
