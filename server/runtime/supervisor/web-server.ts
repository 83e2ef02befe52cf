/** The web server as a child of the supervisor: it leaves when its supervisor does, by the end of its input. */
import { type ChildProcess, spawn } from 'node:child_process';
import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { LogFile } from './log-file';
import { lockStaysHere } from './stdio';
import { monotonicMs } from './monotonic';

export interface WebSettings {
  readonly port: string;
  readonly dataFolder: string;
  readonly log: LogFile;
  /** Called whenever it begins to answer. */
  readonly onAnswer: () => void;
}

const ASK_EVERY_MS = 250;
const LOOK_EVERY_MS = 5_000;
const SLOWEST_ANSWER_MS = 10_000;
/** A server that does not answer so many times has stopped without ending. */
const MOST_SILENCES = 3;
const LONGEST_FAREWELL_MS = 5_000;

/** Longer a start may not take. */
const LONGEST_START_MS = 60_000;

/** When a process started, in the kernel's ticks: an id alone is given out again. */
function startOf(pid: number): string {
  const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
  const afterName = stat.slice(stat.lastIndexOf(')') + 2).split(' ');
  return afterName[19] ?? '';
}

/** For the next start, should this supervisor be killed. Without it that start finds the port taken, and says so. */
function noteDown(file: string, pid: number | undefined): void {
  try {
    if (pid !== undefined) writeFileSync(file, `${pid} ${startOf(pid)}`);
  } catch {
    // The disk is full, or the server has ended already: neither may stop the supervisor.
    rmSync(file, { force: true });
  }
}

/** Any answer counts: one that says the database is away comes from a server that is well. */
async function answers(address: string): Promise<boolean> {
  try {
    await fetch(`${address}/api/health`, { signal: AbortSignal.timeout(SLOWEST_ANSWER_MS) });
    return true;
  } catch {
    return false;
  }
}

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

export class WebServer {
  private child: ChildProcess | null = null;

  constructor(private readonly settings: WebSettings) {}

  get address(): string {
    return `http://127.0.0.1:${this.settings.port}`;
  }

  /** Runs it until it ends; says how. */
  async run(): Promise<string> {
    const { port, dataFolder, log, onAnswer } = this.settings;
    const note = join(dataFolder, 'server.pid');
    const child = spawn(process.execPath, ['--import', 'tsx', 'server/start/serve.ts'], {
      env: { ...process.env, PORT: port, CAIRN_KEPT: 'yes' },
      stdio: lockStaysHere(['pipe', 'pipe', 'pipe']),
    });
    this.child = child;
    for (const output of [child.stdout, child.stderr]) output?.on('data', (bytes: Buffer) => log.write(String(bytes)));
    // Its input only ever ends.
    child.stdin?.on('error', () => undefined);
    const ended = new Promise<string>((resolve) => {
      child.once('error', (error) => resolve(`could not be started (${error.message})`));
      child.once('exit', (code, signal) => resolve(signal ? `was ended (${signal})` : `stopped (exit code ${code})`));
    });
    noteDown(note, child.pid);
    let how: string | null = null;
    void ended.then((said) => (how = said));
    const isGone = () => how !== null;

    const startedAt = monotonicMs();
    while (!isGone() && !(await answers(this.address))) {
      if (monotonicMs() - startedAt > LONGEST_START_MS) child.kill('SIGKILL');
      await pause(ASK_EVERY_MS);
    }
    if (!isGone()) onAnswer();
    let silences = 0;
    let lookedAt = monotonicMs();
    while (!isGone()) {
      await Promise.race([ended, pause(ASK_EVERY_MS)]);
      if (isGone() || monotonicMs() - lookedAt < LOOK_EVERY_MS) continue;
      silences = (await answers(this.address)) ? 0 : silences + 1;
      lookedAt = monotonicMs();
      if (silences >= MOST_SILENCES) child.kill('SIGKILL');
    }
    this.child = null;
    rmSync(note, { force: true });
    return silences >= MOST_SILENCES ? 'did not answer any more' : await ended;
  }

  async stop(): Promise<void> {
    const { child } = this;
    if (!child || child.exitCode !== null) return;
    const ended = new Promise((resolve) => child.once('exit', resolve));
    child.kill('SIGTERM');
    await Promise.race([ended, pause(LONGEST_FAREWELL_MS)]);
    if (child.exitCode === null) child.kill('SIGKILL');
  }
}
