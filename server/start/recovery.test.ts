/** A database that is not there yet, that goes away, or that does not answer: it is said in time, and passes by itself. */
import { connect, createServer, type Server, type Socket } from 'node:net';
import { inPage } from '../api/in-page';
import { inScope } from '../api/in-scope';
import { LONGEST_WAIT_MS } from '../runtime/http/in-time';
import { testDatabaseUrl } from '../testing/database';

const database = new URL(testDatabaseUrl());

/** A door to the database that is not open yet. */
async function freePort(): Promise<number> {
  const server = createServer();
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const address = server.address();
  await new Promise((resolve) => server.close(resolve));
  if (typeof address !== 'object' || address === null) throw new Error('no port');
  return address.port;
}

const passages = new Set<Socket>();
const doors = new Set<Server>();
let isFrozen = false;

/** From now on nothing passes, and nothing is refused either: a frozen database. */
function freeze(): void {
  isFrozen = true;
  for (const side of passages) side.pause();
}

function thaw(): void {
  isFrozen = false;
  for (const side of passages) side.resume();
}

async function openDoor(port: number): Promise<Server> {
  const door = createServer((inner) => {
    const outer = connect(Number(database.port), database.hostname);
    inner.pipe(outer).pipe(inner);
    inner.on('error', () => outer.destroy());
    outer.on('error', () => inner.destroy());
    for (const side of [inner, outer]) {
      passages.add(side);
      side.on('close', () => passages.delete(side));
      if (isFrozen) side.pause();
    }
  });
  doors.add(door);
  await new Promise<void>((resolve) => door.listen(port, '127.0.0.1', resolve));
  return door;
}

const health = () =>
  inScope(async ({ em }) => {
    await em.execute('select 1');
    return Response.json({ status: 'ok' });
  });

/** Points the server at a port of our own, where we open and close the way to the database. */
async function onWayOfOurOwn(): Promise<number> {
  const port = await freePort();
  const way = new URL(database.href);
  way.hostname = '127.0.0.1';
  way.port = String(port);
  process.env.DATABASE_URL = way.href;
  return port;
}

afterEach(async () => {
  isFrozen = false;
  for (const door of doors) door.close();
  doors.clear();
  for (const side of passages) side.destroy();
  await (await globalThis.tenderCairnOrm)?.close(true);
  globalThis.tenderCairnOrm = undefined;
});

test('503 while the database is away at start, 200 once it is there', async () => {
  const port = await onWayOfOurOwn();
  const closed = await health();
  expect([closed.status, closed.headers.get('retry-after')]).toEqual([503, '2']);
  expect(await closed.json()).toMatchObject({ title: expect.stringMatching(/Nothing was changed/) as string });
  await openDoor(port);
  expect((await health()).status).toBe(200);
});

test('503 when it goes away in between, 200 when it is back, without a new start', async () => {
  const port = await onWayOfOurOwn();
  const door = await openDoor(port);
  expect((await health()).status).toBe(200);
  door.close();
  for (const side of passages) side.destroy();
  expect((await health()).status).toBe(503);
  await openDoor(port);
  expect((await health()).status).toBe(200);
});

test('one that does not answer holds nobody: 503 with what is known of a change, and all is well when it wakes', async () => {
  const port = await onWayOfOurOwn();
  await openDoor(port);
  expect((await health()).status).toBe(200);
  freeze();
  const since = performance.now();
  const answers = await Promise.all(Array.from({ length: 8 }, () => health()));
  // The limit is a promise to the grower, not a measure of this machine: twice it would be a hang.
  expect(performance.now() - since).toBeLessThan(2 * LONGEST_WAIT_MS);
  expect(answers.map((answer) => answer.status)).toEqual(Array.from({ length: 8 }, () => 503));
  expect(await answers[0]!.json()).toMatchObject({ title: expect.stringMatching(/may be kept or not/) as string });
  await expect(inPage(({ em }) => em.execute('select 1'))).rejects.toThrow(/does not answer|cannot be reached/);
  thaw();
  await expect(
    (async () => {
      for (let tries = 0; tries < 20; tries += 1) {
        if ((await health()).status === 200) return 200;
      }
      return 503;
    })(),
  ).resolves.toBe(200);
});
