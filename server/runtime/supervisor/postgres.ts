/** The database as the supervisor sees it: whether it is there, and how it is brought back and stopped. */
import { spawn } from 'node:child_process';
import { connect } from 'node:net';
import { join } from 'node:path';
import { lockStaysHere } from './stdio';
import { monotonicMs } from './monotonic';

export interface DatabaseSettings {
  readonly cluster: string;
  readonly port: number;
  readonly isStopping: () => boolean;
  /** Called when it is there again. */
  readonly onBack: () => void;
}

const LOOK_EVERY_MS = 1_000;
const SLOWEST_CONNECTION_MS = 5_000;
const SHORT_PAUSE_MS = 100;

/** Whether anyone listens there: one that recovers listens already. */
function listens(port: number): Promise<boolean> {
  return new Promise((resolve) => {
    const socket = connect({ port, host: '127.0.0.1', timeout: SLOWEST_CONNECTION_MS });
    const answer = (isThere: boolean) => {
      socket.destroy();
      resolve(isThere);
    };
    socket.once('connect', () => answer(true));
    socket.once('error', () => answer(false));
    socket.once('timeout', () => answer(true));
  });
}

/** Runs a function of scripts/lib.sh; true when it did what it should. */
function shell(call: readonly string[]): Promise<boolean> {
  const child = spawn('bash', ['-c', '. scripts/lib.sh; "$@"', 'supervisor', ...call], {
    stdio: lockStaysHere(['ignore', 'ignore', 'ignore']),
  });
  return new Promise((resolve) => {
    child.once('error', () => resolve(false));
    child.once('exit', (code) => resolve(code === 0));
  });
}

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

export class Database {
  constructor(private readonly settings: DatabaseSettings) {}

  /** Watches it until it is gone; when it was gone before, it is brought back first. */
  async run(isAgain: boolean): Promise<string> {
    const { cluster, port, isStopping, onBack } = this.settings;
    if (isAgain) {
      const isBack = (await shell(['resume_postgres', cluster, String(port)])) && (await listens(port));
      if (!isBack) return `could not be started; its logs are in ${join(cluster, 'log')}`;
      onBack();
    }
    let lookedAt = monotonicMs();
    for (;;) {
      if (isStopping()) return 'is being stopped';
      await pause(SHORT_PAUSE_MS);
      if (monotonicMs() - lookedAt < LOOK_EVERY_MS) continue;
      lookedAt = monotonicMs();
      if (!(await listens(port))) return 'stopped';
    }
  }

  async stop(): Promise<void> {
    await shell(['stop_postgres', this.settings.cluster]);
  }
}
