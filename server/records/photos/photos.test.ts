/** Photographs as a browser sends and asks for them, over a real database. */
import { randomUUID } from 'node:crypto';
import sharp from 'sharp';
import { ensureCollection } from '../collections/repository';
import { entityManager } from '../database';
import { homeScope } from '../collections/scope';
import { testDatabase, testDatabaseUrl } from '../../testing/database';
import { bringPhotoBack, getPhoto, getSmallPhoto, putPhoto, putPhotoAway } from '../../api/photos';
import { digestOfSent, keepPhoto, photoBytes, photoUnder, setPhotoHidden } from './repository';
import { readPicture } from './picture';
import { MOST_PHOTO_BYTES } from './schemas';

const database = testDatabase();
beforeAll(async () => {
  process.env.DATABASE_URL = testDatabaseUrl();
  await ensureCollection(await entityManager(), homeScope);
});
afterAll(async () => {
  await (await globalThis.tenderCairnOrm)?.close(true);
  globalThis.tenderCairnOrm = undefined;
});

const photo = (background: string) =>
  sharp({ create: { width: 120, height: 80, channels: 3, background } })
    .jpeg()
    .toBuffer();
const at = (id: string) => ({ params: Promise.resolve({ id }) });
const asked = () => new Request('http://localhost/');
const send = async (id: string, bytes: Buffer) =>
  putPhoto(new Request('http://localhost/', { method: 'PUT', body: new Uint8Array(bytes) }), at(id));

test('sent, it can be read whole and small, and nothing else is told of it', async () => {
  const id = randomUUID();
  const answer = await send(id, await photo('#3a5'));
  expect(answer.status).toBe(201);
  expect(await answer.json()).toEqual({ id, widthPx: 120, heightPx: 80 });
  for (const get of [getPhoto, getSmallPhoto]) {
    const read = await get(asked(), at(id));
    expect([read.status, read.headers.get('content-type')]).toEqual([200, 'image/jpeg']);
    expect((await sharp(Buffer.from(await read.arrayBuffer())).metadata()).format).toBe('jpeg');
  }
});

test('sent again, also at the same moment, it is kept once; another one under its id is refused', async () => {
  const [id, bytes] = [randomUUID(), await photo('#532')];
  const answers = await Promise.all([send(id, bytes), send(id, bytes), send(id, bytes)]);
  expect(answers.map(({ status }) => status).sort()).toEqual([200, 200, 201]);
  expect((await send(id, bytes)).status).toBe(200);
  const other = await send(id, await photo('#fff'));
  expect(other.status).toBe(409);
  const first = Buffer.from(await (await getPhoto(asked(), at(id))).arrayBuffer());
  expect((await sharp(first).stats()).dominant.r).toBeLessThan(120);
});

test('what cannot be used is refused in words, and leaves nothing', async () => {
  const id = randomUUID();
  const refused = await send(id, Buffer.from('no picture'));
  expect([refused.status, refused.headers.get('content-type')]).toEqual([422, 'application/problem+json']);
  expect(((await refused.json()) as { title: string }).title).toMatch(/JPEG/);
  expect((await send(id, Buffer.alloc(MOST_PHOTO_BYTES + 1))).status).toBe(413);
  expect((await send('x', await photo('#111'))).status).toBe(404);
  expect((await getPhoto(asked(), at(id))).status).toBe(404);
});

test('put away it is gone, and comes back', async () => {
  const id = randomUUID();
  await send(id, await photo('#842'));
  expect((await putPhotoAway(asked(), at(id))).status).toBe(204);
  expect((await getSmallPhoto(asked(), at(id))).status).toBe(404);
  expect((await bringPhotoBack(asked(), at(id))).status).toBe(204);
  expect((await getSmallPhoto(asked(), at(id))).status).toBe(200);
});

test('only its owner sees it, learns of it, or can hide it', async () => {
  const [owner, stranger] = [await database.freshScope(), await database.freshScope()];
  const [id, bytes] = [randomUUID(), await photo('#246')];
  const read = await readPicture(bytes);
  if (read.status !== 'ok') throw new Error(read.why);
  const sum = digestOfSent(bytes);
  expect((await keepPhoto(database.em(), owner, id, sum, read.picture)).status).toBe('new');
  expect(await photoBytes(database.em(), owner, id, 'whole')).toEqual(read.picture.whole);
  expect(await photoBytes(database.em(), stranger, id, 'whole')).toBeNull();
  expect(await photoBytes(database.em(), stranger, id, 'small')).toBeNull();
  expect(await photoUnder(database.em(), stranger, id, sum)).toEqual({ status: 'taken' });
  expect(await setPhotoHidden(database.em(), stranger, id, new Date())).toBe(false);
});
