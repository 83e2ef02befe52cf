/** The server was started before its database: it says so, and recovers by itself. */
import { connect, createServer, type Server } from 'node:net';
import { inScope } from '../http/in-scope';
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

async function openDoor(port: number): Promise<Server> {
  const door = createServer((inner) => {
    const outer = connect(Number(database.port), database.hostname);
    inner.pipe(outer).pipe(inner);
    inner.on('error', () => outer.destroy());
    outer.on('error', () => inner.destroy());
  });
  await new Promise<void>((resolve) => door.listen(port, '127.0.0.1', resolve));
  return door;
}

const health = () =>
  inScope(async ({ em }) => {
    await em.execute('select 1');
    return Response.json({ status: 'ok' });
  });

test('503 while the database is away, 200 once it is there', async () => {
  const port = await freePort();
  const away = new URL(database.href);
  away.hostname = '127.0.0.1';
  away.port = String(port);
  process.env.DATABASE_URL = away.href;
  const closed = await health();
  expect(closed.status).toBe(503);
  expect(await closed.json()).toMatchObject({ title: expect.stringMatching(/Nothing was changed/) as string });
  const door = await openDoor(port);
  expect((await health()).status).toBe(200);
  await (await globalThis.tenderCairnOrm)?.close(true);
  globalThis.tenderCairnOrm = undefined;
  door.close();
});
