/** What can happen to a running application. Each blow says what it did, and leaves it to recover by itself. */
import { execFileSync, spawnSync } from 'node:child_process';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { type Application, pause } from './application';

export type FaultName =
  'server killed' | 'database killed' | 'supervisor killed' | 'server paused' | 'database paused' | 'disk full';

const PAUSED_MS = 4_000;
const FULL_MS = 4_000;

function signal(pid: number | null, name: NodeJS.Signals): boolean {
  if (pid === null) return false;
  try {
    process.kill(pid, name);
    return true;
  } catch {
    // It ended a moment ago: there is nobody to strike.
    return false;
  }
}

/** The database's processes: the first and its children. */
function database(first: number | null): readonly number[] {
  if (first === null) return [];
  const children = spawnSync('ps', ['--ppid', String(first), '-o', 'pid='], { encoding: 'utf8' }).stdout;
  return [first, ...children.trim().split(/\s+/).filter(Boolean).map(Number)];
}

async function paused(pids: readonly (number | null)[]): Promise<boolean> {
  const stopped = pids.filter((pid) => signal(pid, 'SIGSTOP'));
  await pause(PAUSED_MS);
  for (const pid of stopped) signal(pid, 'SIGCONT');
  return stopped.length > 0;
}

async function diskFull(dataFolder: string): Promise<boolean> {
  const ballast = join(dataFolder, 'ballast');
  // It ends when there is no room left: that is what it is for.
  spawnSync('dd', ['if=/dev/zero', `of=${ballast}`, 'bs=1M'], { stdio: 'ignore' });
  await pause(FULL_MS);
  rmSync(ballast, { force: true });
  return true;
}

export const faults: Readonly<Record<FaultName, (application: Application) => Promise<boolean>>> = {
  'server killed': async (application) => signal(application.pids().server, 'SIGKILL'),
  'database killed': async (application) => signal(application.pids().database, 'SIGKILL'),
  'supervisor killed': async (application) => {
    const struck = signal(application.pids().supervisor, 'SIGKILL');
    await pause(1_000);
    await application.start();
    return struck;
  },
  'server paused': (application) => paused([application.pids().server]),
  'database paused': (application) => paused(database(application.pids().database)),
  'disk full': (application) => diskFull(application.dataFolder),
};

/** A small file system in memory for the data, so that it can be filled; false where this machine does not allow it. */
export function mountSmall(folder: string, megabytes: number): boolean {
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', `size=${megabytes}m,mode=755`, 'tmpfs', folder], { stdio: 'ignore' });
    return true;
  } catch {
    return false;
  }
}

export function unmount(folder: string): void {
  execFileSync('umount', [folder], { stdio: 'ignore' });
}
