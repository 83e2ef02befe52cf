/** The addresses as a browser uses them: requests in, responses out, over a real database. */
import { randomUUID } from 'node:crypto';
import { demoPlaces, growersMediumSchema, type Place } from '@core';
import { makePlan } from '@core/testing';
import { bringBatchBack, postQuickEntries, putBatchAway } from './journal';
import { postDeletions } from './deletions';
import { getDue } from './due';
import { bringEventBack, getEventHistory, postPotting, putEvent, putEventAway } from './events';
import { bringLibraryBack, getLibrary, getLibraryHistory, postLibrary, putLibrary, putLibraryAway } from './library';
import { bringPlaceBack, getPlaces, postPlace, putPlace, putPlaceAway } from './places';
import { postPlan } from './plan';
import {
  bringPlantBack,
  getFacets,
  getPlant,
  getPlantHistory,
  getPlants,
  postPlant,
  putPlant,
  putPlantAway,
} from './plants';
import { ensureCollection } from '../records/collections/repository';
import { entityManager } from '../records/database';
import { homeScope } from '../records/collections/scope';
import { openPool, usualPool } from '../runtime/worker-pool/pool';
import { testDatabase, testDatabaseUrl } from '../testing/database';

testDatabase();
beforeAll(async () => {
  process.env.DATABASE_URL = testDatabaseUrl();
  await ensureCollection(await entityManager(), homeScope);
});
afterAll(async () => {
  await (await globalThis.tenderCairnOrm)?.close(true);
  globalThis.tenderCairnOrm = undefined;
});

const nobody = '00000000-0000-4000-8000-000000000000';
const sent = (body: unknown, headers: Readonly<Record<string, string>> = {}, method = 'POST') =>
  new Request('http://localhost/', { method, headers, body: JSON.stringify(body) });
const asked = (query = '') => new Request(`http://localhost/${query}`);
const at = (id: string) => ({ params: Promise.resolve({ id }) });
const ofKind = (kind: string, id = nobody) => ({ params: Promise.resolve({ kind, id }) });
/** What these answers may carry; each test looks at its own. */
interface Answered {
  readonly id: string;
  readonly version: number;
  readonly pottings: readonly { readonly id: string }[];
}
const json = async (response: Response) => (await response.json()) as Answered;

const place = (name: string): Place => ({ ...demoPlaces[0]!, id: 'own-place', name });
async function keptPlace(name: string): Promise<Place> {
  return (await (await postPlace(sent(place(name)))).json()) as Place;
}

test('many things are deleted at once, all or none, and brought back as they were', async () => {
  const medium = (name: string) => growersMediumSchema.parse({ name, likeId: 'bark-6-12' });
  const made = await Promise.all(
    ['A', 'B', 'C'].map(async (name) => {
      const answer = await postLibrary(sent(medium(`Deleted ${name}`)), {
        params: Promise.resolve({ kind: 'medium' }),
      });
      return ((await answer.json()) as { readonly id: string }).id;
    }),
  );
  const names = async () => {
    const page = await getLibrary(asked(), { params: Promise.resolve({ kind: 'medium' }) });
    const { items } = (await page.json()) as { readonly items: readonly { readonly id: string }[] };
    return made.filter((id) => items.some((item) => item.id === id)).length;
  };
  const [one, two] = made;
  expect((await postDeletions(sent({ kind: 'medium', ids: [one, nobody] }))).status).toBe(404);
  expect(await names()).toBe(3);
  expect((await postDeletions(sent({ kind: 'medium', ids: [one, two] }))).status).toBe(204);
  expect(await names()).toBe(1);
  // Sent twice, as a lost connection does.
  expect((await postDeletions(sent({ kind: 'medium', ids: [one, two] }))).status).toBe(204);
  expect((await postDeletions(sent({ kind: 'medium', ids: [one, two], isUndone: true }))).status).toBe(204);
  expect(await names()).toBe(3);
  for (const wrong of [
    { kind: 'medium', ids: [] },
    { kind: 'house', ids: [one] },
    { kind: 'plant', ids: ['x'] },
  ])
    expect((await postDeletions(sent(wrong))).status).toBe(422);
});

describe('places', () => {
  test('kept with 201, changed with the version in the ETag', async () => {
    const kept = await postPlace(sent(place('Address shelf')));
    expect(kept.status).toBe(201);
    const { id } = await json(kept);
    const changed = await putPlace(sent(place('Address sill'), { 'if-match': '"1"' }, 'PUT'), at(id));
    expect([changed.status, changed.headers.get('etag')]).toEqual([200, '"2"']);
    expect(await json(changed)).toMatchObject({ id, name: 'Address sill' });
  });

  test('the same Idempotency-Key gives the same place with 200', async () => {
    const headers = { 'idempotency-key': randomUUID() };
    const answers = [await postPlace(sent(place('Once'), headers)), await postPlace(sent(place('Once'), headers))];
    expect(answers.map((answer) => answer.status)).toEqual([201, 200]);
    const [first, again] = [await json(answers[0]!), await json(answers[1]!)];
    expect(again.id).toBe(first.id);
  });

  test.each(['short', 'x'.repeat(81)])('the key %p is refused with its length', async (key) => {
    const refused = await postPlace(sent(place('Keyed'), { 'idempotency-key': key }));
    expect(refused.status).toBe(422);
    expect(JSON.stringify(await refused.json())).toMatch(/idempotencyKey must have between 8 and 80|8.*80/);
  });

  test('a late change gets 409 with both states', async () => {
    const { id } = await keptPlace('Both states');
    await putPlace(sent(place('First'), { 'if-match': '"1"' }, 'PUT'), at(id));
    const late = await putPlace(sent(place('Late'), { 'if-match': '"1"' }, 'PUT'), at(id));
    expect(late.status).toBe(409);
    expect(late.headers.get('content-type')).toBe('application/problem+json');
    expect(await json(late)).toMatchObject({
      current: { place: { name: 'First' }, version: 2 },
      sent: { place: { name: 'Late' } },
    });
  });

  test.each([[''], ['"x"'], ['"1.5"']])(
    'If-Match %p names no version, so it was not seen: nothing is overwritten',
    async (seen) => {
      const { id } = await keptPlace('No version named');
      const changed = await putPlace(sent(place('Changed'), { 'if-match': seen }, 'PUT'), at(id));
      expect(changed.status).toBe(409);
      expect(await json(changed)).toMatchObject({ current: { place: { name: 'No version named' }, version: 1 } });
    },
  );

  test('one month too few is refused with its field, and nothing is kept', async () => {
    const before = await json(await getPlaces(asked('?limit=200')));
    const refused = await postPlace(sent({ ...place('Short year'), months: place('x').months.slice(1) }));
    expect(refused.status).toBe(422);
    expect(await json(refused)).toMatchObject({ faults: [{ path: 'months' }] });
    expect(await json(await getPlaces(asked('?limit=200')))).toEqual(before);
  });

  test('of no such id there is none: 404, before the database is asked', async () => {
    expect((await putPlace(sent(place('X'), {}, 'PUT'), at('no-uuid'))).status).toBe(404);
    expect((await putPlace(sent(place('X'), {}, 'PUT'), at(nobody))).status).toBe(404);
    expect((await putPlaceAway(asked(), at('no-uuid'))).status).toBe(404);
    expect((await bringPlaceBack(asked(), at(nobody))).status).toBe(404);
  });

  test('away and back again', async () => {
    const { id } = await keptPlace('Comes back');
    expect((await putPlaceAway(asked(), at(id))).status).toBe(204);
    expect((await putPlace(sent(place('X'), {}, 'PUT'), at(id))).status).toBe(404);
    expect((await bringPlaceBack(asked(), at(id))).status).toBe(204);
    expect((await putPlace(sent(place('X'), { 'if-match': '"1"' }, 'PUT'), at(id))).status).toBe(200);
  });
});

describe('pottings and plants', () => {
  const planCase = { genus: 'oncidium', place: 'bathroom' } as const;
  const { spec } = makePlan(planCase).setups[0]!;
  const potting = (more: object = {}) => ({ plantName: 'By address', pottedOn: '2026-05-01', planCase, spec, ...more });

  test('kept with 201; the same key again gives the same plant with 200', async () => {
    const idempotencyKey = randomUUID();
    const first = await postPotting(sent(potting({ idempotencyKey })));
    const again = await postPotting(sent(potting({ idempotencyKey })));
    expect([first.status, again.status]).toEqual([201, 200]);
    const [one, other] = [await json(first), await json(again)];
    expect(other.id).toBe(one.id);
    expect(other.pottings).toHaveLength(1);
  });

  test('whoever saw an older plant gets 409 with both', async () => {
    const { id, version } = await json(await postPotting(sent(potting())));
    await postPotting(sent(potting({ plantId: id, plantVersion: version, plantName: 'First' })));
    const late = await postPotting(sent(potting({ plantId: id, plantVersion: version, plantName: 'Late' })));
    expect(late.status).toBe(409);
    expect(await json(late)).toMatchObject({ current: { name: 'First' }, sent: { name: 'Late' } });
  });

  test('to a plant that is none: 404; with a wrong day: 422', async () => {
    expect((await postPotting(sent(potting({ plantId: nobody })))).status).toBe(404);
    const refused = await postPotting(sent(potting({ pottedOn: '2026-02-30' })));
    expect(refused.status).toBe(422);
    expect(await json(refused)).toMatchObject({ faults: [{ path: 'pottedOn' }] });
  });

  test('a plant is listed, opened, put away and brought back, and its entries too', async () => {
    const { id, pottings } = await json(await postPotting(sent(potting({ plantName: 'Zz listed' }))));
    const entryId = pottings[0]!.id;
    const list = async () => JSON.stringify(await json(await getPlants(asked('?limit=200'))));
    expect(await list()).toContain(id);
    expect((await putEventAway(asked(), at(entryId))).status).toBe(204);
    expect(await json(await getPlant(asked(), at(id)))).toMatchObject({ pottings: [] });
    expect((await bringEventBack(asked(), at(entryId))).status).toBe(204);
    expect((await putPlantAway(asked(), at(id))).status).toBe(204);
    expect((await getPlant(asked(), at(id))).status).toBe(404);
    expect(await list()).not.toContain(id);
    expect((await bringPlantBack(asked(), at(id))).status).toBe(204);
    expect((await json(await getPlant(asked(), at(id)))).pottings).toHaveLength(1);
  });

  test('an id that is none is not looked for', async () => {
    expect((await getPlant(asked(), at("1' or '1'='1"))).status).toBe(404);
  });
});

describe('own things', () => {
  const medium = growersMediumSchema.parse({ name: 'Address bark', likeId: 'bark-6-12' });

  test('the same Idempotency-Key gives the same thing with 200', async () => {
    const headers = { 'idempotency-key': randomUUID() };
    const post = () => postLibrary(sent(medium, headers), ofKind('medium'));
    const answers = [await post(), await post()];
    expect(answers.map((answer) => answer.status)).toEqual([201, 200]);
    expect((await json(answers[1]!)).id).toBe((await json(answers[0]!)).id);
    const pot = { thing: { kind: 'pot', potKindId: 'net-pot', rimDiameterCm: 9 } };
    expect((await postLibrary(sent(pot, headers), ofKind('stock'))).status).toBe(409);
  });

  test('kept, listed, away and back', async () => {
    const kept = await postLibrary(sent(medium), ofKind('medium'));
    expect(kept.status).toBe(201);
    const { id } = await json(kept);
    const list = async () => JSON.stringify(await json(await getLibrary(asked('?limit=200'), ofKind('medium'))));
    expect(await list()).toContain(id);
    expect((await putLibraryAway(asked(), ofKind('stock', id))).status).toBe(404);
    expect((await putLibraryAway(asked(), ofKind('medium', id))).status).toBe(204);
    expect(await list()).not.toContain(id);
    expect((await bringLibraryBack(asked(), ofKind('medium', id))).status).toBe(204);
    expect(await list()).toContain(id);
  });

  test('changed with the version in the ETag, and what it was is in its history', async () => {
    const { id } = await json(await postLibrary(sent(medium), ofKind('medium')));
    const sieved = { ...medium, name: 'Address bark, sieved' };
    const put = (version: string) => putLibrary(sent(sieved, { 'if-match': version }, 'PUT'), ofKind('medium', id));
    const changed = await put('"1"');
    expect([changed.status, changed.headers.get('etag')]).toEqual([200, '"2"']);
    expect((await put('"7"')).status).toBe(409);
    expect((await put('')).status).toBe(409);
    const history = await getLibraryHistory(asked(), ofKind('medium', id));
    expect(await json(history)).toMatchObject({ before: [{ version: 1, name: 'Address bark' }] });
    expect((await putLibrary(sent({ ...medium, likeId: 'moonstone' }, {}, 'PUT'), ofKind('medium', id))).status).toBe(
      422,
    );
  });

  test('a kind nobody knows is 404 at every address', async () => {
    const answers = [
      await getLibrary(asked(), ofKind('spaceship')),
      await postLibrary(sent({}), ofKind('spaceship')),
      await putLibrary(sent({}, {}, 'PUT'), ofKind('spaceship')),
      await getLibraryHistory(asked(), ofKind('spaceship')),
      await getLibraryHistory(asked(), ofKind('stock', 'x')),
      await putLibraryAway(asked(), ofKind('spaceship')),
      await bringLibraryBack(asked(), ofKind('spaceship')),
    ];
    expect(answers.map(({ status }) => status)).toEqual([404, 404, 404, 404, 404, 404, 404]);
  });

  test('faults are told with their fields', async () => {
    const refused = await postLibrary(sent({ ...medium, airShare: 7, capacityShare: 0.2 }), ofKind('medium'));
    expect(refused.status).toBe(422);
    expect(await json(refused)).toMatchObject({ faults: [{ path: 'airShare', code: 'range' }, { path: 'airShare' }] });
  });
});

describe('the plan', () => {
  // A busy machine is no fault of the addresses: what is too late is tested with the pool.
  const patient = openPool({ ...usualPool, deadlineMs: 10 * 60_000 });
  beforeAll(() => {
    globalThis.tenderCairnPool = patient;
  });
  afterAll(async () => {
    globalThis.tenderCairnPool = undefined;
    await patient.close();
  });

  test('says its version, and takes a question without one as the first', async () => {
    const question = { genus: 'vanda', place: 'bathroom' };
    const [bare, versioned] = [await postPlan(sent(question)), await postPlan(sent({ version: 1, ...question }))];
    expect([bare.status, versioned.status]).toEqual([200, 200]);
    const answer = await json(bare);
    expect(answer.version).toBe(2);
    expect(answer).toEqual(await json(versioned));
  });

  test('a question from a newer program is refused by its version', async () => {
    const refused = await postPlan(sent({ version: 99, genus: 'vanda', place: 'bathroom' }));
    expect(refused.status).toBe(422);
    expect(await json(refused)).toMatchObject({ faults: [{ path: 'version', code: 'unknown version' }] });
  });
});

describe('a plant’s tag, and what is done to it', () => {
  const facts = (name: string) => ({ name, tagNumber: 'A 1' });
  const added = async (name: string) => {
    const body = { facts: facts(name), planCase: { genus: 'vanda', place: 'bathroom' }, happenedOn: '2026-05-01' };
    return json(await postPlant(sent(body)));
  };
  const watered = (plantIds: readonly string[], more: object = {}) =>
    postQuickEntries(sent({ kind: 'watered', happenedOn: '2026-05-02', plantIds, details: {}, ...more }));

  test('on record with 201, changed with its version in the ETag, late with 409 and both states', async () => {
    const { id, version } = await added('Addressed');
    expect(version).toBe(1);
    const changed = await putPlant(sent(facts('Renamed'), { 'if-match': '"1"' }, 'PUT'), at(id));
    expect([changed.status, changed.headers.get('etag')]).toEqual([200, '"2"']);
    const late = await putPlant(sent(facts('Late'), { 'if-match': '"1"' }, 'PUT'), at(id));
    expect(late.status).toBe(409);
    expect(await late.json()).toMatchObject({ current: { name: 'Renamed', version: 2 }, sent: { name: 'Late' } });
    expect(await (await getPlantHistory(asked(), at(id))).json()).toMatchObject({ before: [{ version: 1 }] });
  });

  test('a batch with 201, the same key again with 200, one that is not there with 404 and which', async () => {
    const { id } = await added('Thirsty');
    const idempotencyKey = randomUUID();
    const answers = [await watered([id], { idempotencyKey }), await watered([id], { idempotencyKey })];
    expect(answers.map(({ status }) => status)).toEqual([201, 200]);
    const missing = await watered([id, nobody]);
    expect(missing.status).toBe(404);
    expect(await missing.json()).toMatchObject({ missing: [nobody] });
  });

  test('what cannot be said of a kind is refused with its field, and the kinds there are', async () => {
    const { id } = await added('Refused');
    const wrong = await watered([id], { details: { felt: 'soggy' } });
    expect(wrong.status).toBe(422);
    expect(JSON.stringify(await wrong.json())).toMatch(/felt must be one of: still wet, just right, dry/);
    const unknown = await watered([id], { kind: 'sung to' });
    expect(JSON.stringify(await unknown.json())).toMatch(/kind must be one of: watered/);
    expect((await watered([])).status).toBe(422);
  });

  test('an entry is put right over its address, its batch put away over the other', async () => {
    const { id } = await added('Corrected');
    const { batchId } = (await (await watered([id])).json()) as { batchId: string };
    const log = (await (await getPlant(asked(), at(id))).json()) as { care: { id: string; kind: string }[] };
    const entry = log.care.find(({ kind }) => kind === 'watered')!;
    const right = { happenedOn: '2026-05-03', note: 'a day later' };
    const put = await putEvent(sent(right, { 'if-match': '"1"' }, 'PUT'), at(entry.id));
    expect([put.status, put.headers.get('etag')]).toEqual([200, '"2"']);
    expect((await putEvent(sent(right, { 'if-match': '"7"' }, 'PUT'), at(entry.id))).status).toBe(409);
    expect((await putEvent(sent(right, { 'if-match': '"1"' }, 'PUT'), at(nobody))).status).toBe(404);
    expect(await (await getEventHistory(asked(), at(entry.id))).json()).toMatchObject({
      before: [{ happenedOn: '2026-05-02' }],
    });
    expect((await putBatchAway(asked(), at(batchId))).status).toBe(204);
    expect((await bringBatchBack(asked(), at(batchId))).status).toBe(204);
    expect((await putBatchAway(asked(), at(nobody))).status).toBe(404);
  });

  test('what is due on a day that is told, and on the server’s where it is none', async () => {
    expect(await (await getDue(asked('?today=2026-07-01'))).json()).toMatchObject({ today: '2026-07-01' });
    const { today } = (await (await getDue(asked('?today=2026-02-30'))).json()) as { today: string };
    expect(today).toMatch(/^20\d\d-\d\d-\d\d$/);
    expect(today).not.toBe('2026-02-30');
    expect(await (await getFacets()).json()).toMatchObject({ places: expect.any(Array) });
  });
});
