/** Two thousand requests to every route from its own schema: none breaks the server, and each is answered in kind. */
import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout } from 'node:timers/promises';
import { pathToFileURL } from 'node:url';
import { MikroORM } from '@mikro-orm/postgresql';
import { expect, test } from '@playwright/test';
import { bringUp } from '../../server/start/bring-up';
import { ormConfig } from '../../server/runtime/database/config';
import { entities } from '../../server/records/entities';
import { databaseUrls } from '../databases';
import { AppServer } from '../server';
import { type FuzzRequest, fuzzRequests } from './requests';

const REQUESTS = 2_000;
const SEED = 20_261_125;
const AT_ONCE = 4;
/** The same again may need no more room: what is in use after a sweep stays, and a leak of 5 kB a request would show. */
const MOST_HEAP_GROWTH_MB = 10;
/** What the process holds of the machine comes and goes by 100 MB between two sweeps of its threads; a leak in these shows. */
const MOST_GROWTH_MB = 300;

const database = `fuzz_${randomUUID().replaceAll('-', '').slice(0, 12)}`;

async function asOwner(work: (orm: MikroORM) => Promise<unknown>): Promise<void> {
  const orm = await MikroORM.init(ormConfig(databaseUrls[0]!, entities));
  try {
    await work(orm);
  } finally {
    await orm.close();
  }
}

interface MemoryMb {
  readonly heap: number;
  readonly resident: number;
}

/** The server sweeps its heap when told to, and writes down what it has left. */
async function memoryOf(pid: number, heapFile: string): Promise<MemoryMb> {
  rmSync(heapFile, { force: true });
  process.kill(pid, 'SIGUSR2');
  await expect.poll(() => (existsSync(heapFile) ? Number(readFileSync(heapFile, 'utf8')) : 0)).toBeGreaterThan(0);
  return { heap: Number(readFileSync(heapFile, 'utf8')) / 1e6, resident: residentMb(pid) };
}

const residentMb = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024;

/**
 * Asked as a client asks: who is sent away because too much is being worked out, and told when to come again, comes again
 * then. Once only: what is refused twice is a fault.
 */
async function asked(address: string, { method, path, body, headers }: FuzzRequest): Promise<Response> {
  const ask = () => fetch(`${address}${path}`, { method, headers, body });
  const answer = await ask();
  const seconds = Number(answer.headers.get('retry-after'));
  if (answer.status !== 503 || !(seconds > 0)) return answer;
  await answer.text();
  await setTimeout(seconds * 1000);
  return ask();
}

const isTable = (path: string, type: string): boolean => path.startsWith('/api/tables/') && type.includes('text/csv');
const isCalendar = (path: string, type: string): boolean =>
  path.startsWith('/api/aftercare/calendar') && type.includes('text/calendar');

/** What is wrong with an answer; null where nothing is. */
async function faultOf(address: string, request: FuzzRequest, statuses: Set<number>): Promise<string | null> {
  const { method, path, body } = request;
  const answer = await asked(address, request);
  const text = await answer.text();
  statuses.add(answer.status);
  const type = answer.headers.get('content-type') ?? '';
  const told = `${method} ${path.slice(0, 80)} ${body?.slice(0, 200) ?? ''}: ${answer.status} ${text.slice(0, 200)}`;
  if (answer.status >= 500) return told;
  if (answer.status < 400)
    return answer.status === 204 || type.includes('application/json') || isTable(path, type) || isCalendar(path, type)
      ? null
      : `${type}: ${told}`;
  const problem = type.includes('application/problem+json')
    ? (JSON.parse(text) as { status?: number; title?: string })
    : {};
  return problem.status === answer.status && problem.title ? null : `no problem+json: ${told}`;
}

test('2,000 requests from the routes’ own schemas: no 5xx, problem+json throughout, memory flat', async () => {
  const url = new URL(databaseUrls[0]!);
  url.pathname = `/${database}`;
  await asOwner((orm) => orm.em.execute(`create database "${database}"`));
  const heapFolder = mkdtempSync(join(tmpdir(), 'cairn-heap-'));
  const heapFile = join(heapFolder, 'in-use');
  const app = new AppServer(execFileSync('node', ['scripts/free-port.mjs'], { encoding: 'utf8' }), url.href, {
    nodeOptions: ['--expose-gc', '--import', new URL('report-heap.mjs', pathToFileURL(`${__dirname}/`)).href],
    // Of a new database: there is no example in it.
    env: { HEAP_TOLD_IN: heapFile, CAIRN_OPENS: 'home' },
  });
  try {
    await bringUp(url.href);
    await app.start();
    const requests = fuzzRequests(REQUESTS, SEED);
    const faults: string[] = [];
    const statuses = new Set<number>();
    const sendAll = async () => {
      let next = 0;
      const oneByOne = async () => {
        while (next < requests.length) {
          const fault = await faultOf(app.address, requests[next++]!, statuses);
          if (fault) faults.push(fault);
        }
      };
      await Promise.all(Array.from({ length: AT_ONCE }, oneByOne));
      return memoryOf(app.pid, heapFile);
    };
    const once = await sendAll();
    const twice = await sendAll();
    expect(faults).toEqual([]);
    expect(requests.length).toBeGreaterThanOrEqual(REQUESTS);
    // Good ones got through, and bad ones were refused for reasons of every kind.
    expect([...statuses]).toEqual(expect.arrayContaining([200, 201, 400, 404, 415, 422]));
    expect(twice.heap - once.heap).toBeLessThan(MOST_HEAP_GROWTH_MB);
    expect(twice.resident - once.resident).toBeLessThan(MOST_GROWTH_MB);
    expect((await fetch(`${app.address}/api/health`)).status).toBe(200);
  } finally {
    await app.stop();
    rmSync(heapFolder, { recursive: true });
    await asOwner((orm) => orm.em.execute(`drop database "${database}" with (force)`));
  }
});
