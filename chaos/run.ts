/**
 * Blow after blow while clients write, then a look at what is kept: npm run chaos -- --minutes 5 [--seed 7].
 * It prints counts, and ends with 1 where an acknowledged write is missing, doubled or half there.
 */
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { MS_PER_MINUTE } from '@core/base/time';
import { chmodSync, existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { Application, pause } from './application';
import { type FaultName, faults, mountSmall, unmount } from './faults';
import { faultsIn, whatIsKept } from './verdict';
import { newTally, type Run, write } from './writers';

const WRITERS = 3;
const SMALL_DISK_MB = 400;
const BETWEEN_FAULTS_MS = { least: 1_000, most: 5_000 };
/** Generous: it runs beside other tests. What is promised is that it recovers. */
const RECOVERY_MS = 3 * MS_PER_MINUTE;

/** The same faults for the same seed. */
function dice(seed: number): () => number {
  const generator = xoroshiro128plus(seed);
  return () => uniformFloat64(generator);
}

async function recovers(application: Application): Promise<boolean> {
  const until = Date.now() + RECOVERY_MS;
  while (Date.now() < until) {
    if (await application.isWell()) return true;
    await pause(200);
  }
  return false;
}

const LINES_SHOWN = 40;
const lastOf = (file: string): string =>
  existsSync(file) ? readFileSync(file, 'utf8').split('\n').slice(-LINES_SHOWN).join('\n') : '';

const say = (line: string): void => void process.stdout.write(`${line}\n`);

async function main(): Promise<void> {
  const { values } = parseArgs({ options: { minutes: { type: 'string' }, seed: { type: 'string' } } });
  const minutes = Number(values.minutes ?? 1);
  const seed = Number(values.seed ?? Date.now() % 100_000);
  if (!(minutes > 0) || !Number.isInteger(seed)) throw new Error('--minutes must be above 0, --seed a whole number');
  const folder = mkdtempSync(join(tmpdir(), 'cairn-chaos-'));
  // The database may run as a user of its own.
  chmodSync(folder, 0o755);
  const isSmall = mountSmall(folder, SMALL_DISK_MB);
  say(`seed ${seed}, ${minutes} minutes; ${isSmall ? 'with' : 'without (not allowed here)'} a disk that can be filled`);
  const application = new Application(folder);
  const random = dice(seed);
  const names = (Object.keys(faults) as FaultName[]).filter((name) => name !== 'disk full' || isSmall);
  const counts: Partial<Record<FaultName, number>> = {};
  const found: string[] = [];
  const tally = newTally();
  const run: Run = { isOver: false, isLost: false };
  let log = '';
  try {
    await application.start();
    const writing = Array.from({ length: WRITERS }, (_, i) => write(() => application.address, `w${i}`, run, tally));
    const until = Date.now() + minutes * MS_PER_MINUTE;
    // Each kind once before any comes twice.
    let coming: FaultName[] = [];
    while (Date.now() < until) {
      const { least, most } = BETWEEN_FAULTS_MS;
      await pause(least + random() * (most - least));
      if (coming.length === 0) coming = [...names].sort(() => random() - 0.5);
      const name = coming.pop()!;
      if (await faults[name](application)) counts[name] = (counts[name] ?? 0) + 1;
      // Every second time the next fault falls before it has recovered.
      if (random() < 0.5 && !(await recovers(application))) found.push(`not well three minutes after: ${name}`);
    }
    run.isLost = !(await recovers(application));
    run.isOver = true;
    await Promise.all(writing);
    if (run.isLost) found.push('not well three minutes after the last fault: what is kept could not be looked at');
    else found.push(...faultsIn(tally, await whatIsKept(application.address)));
  } finally {
    // Where something was thrown, nobody is left who writes.
    run.isLost = true;
    log = lastOf(join(folder, 'server.log'));
    await application.stop();
    if (isSmall) unmount(folder);
    rmSync(folder, { recursive: true, force: true });
  }
  say(`faults: ${JSON.stringify(counts)}`);
  say(`sent ${tally.attempts}, unanswered ${tally.unanswered}, answers ${JSON.stringify(tally.statuses)}`);
  say(
    `kept: ${tally.plants.size} plants, ${tally.places.size} places, ${tally.changed.size} changes of places, ${tally.ofDays.size} potting days`,
  );
  for (const fault of found.slice(0, 20)) say(`FAULT ${fault}`);
  if (found.length > 0) say(`${application.said.join('').split('\n').slice(-LINES_SHOWN).join('\n')}\n${log}`);
  say(found.length === 0 ? 'nothing lost, nothing doubled, nothing half there' : `${found.length} faults`);
  process.exitCode = found.length === 0 ? 0 : 1;
}

main().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
