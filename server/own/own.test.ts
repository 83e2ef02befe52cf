/** On a real PostgreSQL: ./check hands its address over in TEST_DATABASE_URL. */
import { MikroORM } from '@mikro-orm/postgresql';
import { demoPlaces, genusById } from '@core';
import { ormConfig } from '../db/config';
import { ensureCollection } from './collections';
import { isOwnKind, listOwn, ownSchemas, saveOwn, setOwnDeleted } from './own-items';
import { changePlace, listPlaces, savePlace, setPlaceDeleted } from './places';

const url = process.env.TEST_DATABASE_URL;
const describeWithDatabase = url ? describe : describe.skip;

test('kinds are known by name', () => {
  expect(isOwnKind('medium')).toBe(true);
  expect(isOwnKind('spaceship')).toBe(false);
});

describeWithDatabase('own things on PostgreSQL', () => {
  let orm: MikroORM;

  beforeAll(async () => {
    orm = await MikroORM.init({ ...ormConfig(url ?? ''), debug: false });
    await orm.getMigrator().up();
    await ensureCollection(orm.em.fork());
  });

  afterAll(async () => {
    await orm.close();
  });

  const em = () => orm.em.fork();

  test('a medium, a pot and a genus are kept as they were stated', async () => {
    const medium = ownSchemas.medium.parse({
      name: 'Test bark',
      likeId: 'bark-6-12',
      airShare: 0.45,
      capacityShare: 0.3,
    });
    const pot = ownSchemas.pot.parse({ potKindId: 'clay-unglazed', rimDiameterCm: 13.5, heightCm: 11, count: 4 });
    const { id: _id, ...traits } = genusById('oncidium');
    const genus = ownSchemas.genus.parse({ ...traits, name: 'Test genus' });
    for (const [kind, data] of [
      ['medium', medium],
      ['pot', pot],
      ['genus', genus],
    ] as const) {
      const kept = await saveOwn(em(), kind, data);
      const found = (await listOwn(em(), kind)).find((item) => item.id === kept.id);
      expect(found?.data).toEqual(JSON.parse(JSON.stringify(data)));
    }
  });

  test('kinds do not mix', async () => {
    const kept = await saveOwn(em(), 'pot', ownSchemas.pot.parse({ potKindId: 'net-pot', rimDiameterCm: 9 }));
    expect((await listOwn(em(), 'medium')).some((item) => item.id === kept.id)).toBe(false);
    expect(await setOwnDeleted(em(), 'medium', kept.id, new Date())).toBe(false);
  });

  test('put away hides, and brings back what was there', async () => {
    const kept = await saveOwn(em(), 'medium', ownSchemas.medium.parse({ name: 'Hidden', likeId: 'bark-6-12' }));
    expect(await setOwnDeleted(em(), 'medium', kept.id, new Date())).toBe(true);
    expect((await listOwn(em(), 'medium')).some((item) => item.id === kept.id)).toBe(false);
    expect(await setOwnDeleted(em(), 'medium', kept.id, null)).toBe(true);
    expect((await listOwn(em(), 'medium')).find((item) => item.id === kept.id)?.data).toEqual({
      name: 'Hidden',
      likeId: 'bark-6-12',
    });
  });

  test('a place can be changed, but not one that was put away or never was', async () => {
    const kept = await savePlace(em(), { ...demoPlaces[0]!, name: 'Changing' });
    const changed = await changePlace(em(), kept.id, { ...kept, name: 'Changed', altitudeM: 900 });
    expect(changed).toMatchObject({ id: kept.id, name: 'Changed' });
    expect((await listPlaces(em())).find((place) => place.id === kept.id)).toMatchObject({
      name: 'Changed',
      altitudeM: 900,
    });
    await setPlaceDeleted(em(), kept.id, new Date());
    expect(await changePlace(em(), kept.id, kept)).toBeNull();
    expect(await changePlace(em(), '00000000-0000-4000-8000-000000000000', kept)).toBeNull();
  });
});
