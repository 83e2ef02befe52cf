/** The whole application in a folder of its own, started with ./start as a grower starts it. */
import { type ChildProcess, execFileSync, spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';

/** Generous: a busy machine is no fault of the application. */
const START_MS = 300_000;
const LOOK_EVERY_MS = 100;

export const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

function pidIn(file: string): number | null {
  try {
    const pid = Number(/^\d+/.exec(readFileSync(file, 'utf8'))?.[0] ?? NaN);
    return Number.isInteger(pid) ? pid : null;
  } catch {
    // Not written yet, or just removed: it does not run.
    return null;
  }
}

export class Application {
  private supervisor: ChildProcess | null = null;
  private port = '';
  readonly said: string[] = [];

  constructor(readonly dataFolder: string) {}

  get address(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  /** Process ids as they are now; null where it does not run. */
  pids(): { readonly supervisor: number | null; readonly server: number | null; readonly database: number | null } {
    return {
      supervisor:
        this.supervisor?.exitCode === null && this.supervisor.signalCode === null
          ? (this.supervisor.pid ?? null)
          : null,
      server: pidIn(join(this.dataFolder, 'server.pid')),
      database: pidIn(join(this.dataFolder, 'postgres', 'postmaster.pid')),
    };
  }

  /**
   * Starts it, on the port it had before, and waits until it says that it answers. That it answers is not enough: where its
   * supervisor was killed, the server of before does so for a moment more.
   */
  async start(): Promise<void> {
    this.port ||= execFileSync('node', ['scripts/free-port.mjs'], { encoding: 'utf8' });
    const supervisor = spawn('./start', {
      stdio: ['ignore', 'pipe', 'pipe'],
      env: { ...process.env, CAIRN_DATA: this.dataFolder, PORT: this.port, CAIRN_DAILY_COPY: 'off' },
    });
    let told = '';
    for (const output of [supervisor.stdout, supervisor.stderr]) {
      output.on('data', (bytes: Buffer) => {
        told += String(bytes);
        this.said.push(String(bytes));
      });
    }
    this.supervisor = supervisor;
    const until = Date.now() + START_MS;
    while (!(told.includes(this.address) && (await this.isWell()))) {
      if (supervisor.exitCode !== null)
        throw new Error(`./start ended with ${supervisor.exitCode}: ${this.said.join('')}`);
      if (Date.now() > until) throw new Error(`./start did not come up: ${this.said.join('')}`);
      await pause(LOOK_EVERY_MS);
    }
  }

  async isWell(): Promise<boolean> {
    try {
      return (await fetch(`${this.address}/api/health`, { signal: AbortSignal.timeout(5_000) })).ok;
    } catch {
      return false;
    }
  }

  /** Ends it as a grower does, and waits until it is gone. */
  async stop(): Promise<void> {
    const { supervisor } = this;
    if (!supervisor || supervisor.exitCode !== null || supervisor.signalCode !== null) return;
    const ended = new Promise((resolve) => supervisor.once('exit', resolve));
    supervisor.kill('SIGTERM');
    await ended;
  }
}
