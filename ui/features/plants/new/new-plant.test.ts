import { demoPlaces, genusById, saidOfSetup, setupNow } from '@core';
import { noKindSaid } from '@core/words';
import { caseOfNew, emptyPlant, faultIn, groupOf, readNewPlant } from './new-plant';

const places = demoPlaces;
const moth = { ...emptyPlant, name: 'Phalaenopsis bellina' };

test('the kind is as the name says, until another is chosen by hand', () => {
  expect(groupOf(moth)).toBe('phalaenopsis');
  expect(groupOf({ ...moth, genusId: 'vanda' })).toBe('vanda');
  expect(groupOf({ ...moth, name: 'Qqzz' })).toBeNull();
});

test('a name, a kind and sound years are wanted, each said by its name', () => {
  expect(faultIn(emptyPlant)).toBe('A plant wants a name.');
  expect(faultIn({ ...emptyPlant, name: 'Qqzz' })).toMatch(/^Say what kind/);
  const setup = saidOfSetup(setupNow({}));
  expect(faultIn({ ...moth, setup, years: '31' })).toMatch(/between 0 and 30/);
  expect(faultIn({ ...moth, setup, years: '2.5' })).toBeNull();
});

test('what it stands in is told whole: pot, medium, and a mix by its parts', () => {
  const setup = saidOfSetup(setupNow({ current: { vesselKind: 'clay-unglazed', rimDiameterCm: 14 } }));
  expect(caseOfNew({ ...moth, setup, years: '2' }, places).current).toEqual({
    vesselKind: 'clay-unglazed',
    rimDiameterCm: 14,
    mediumId: 'bark-6-12',
    yearsInMedium: 2,
  });
  const mix = [
    { mediumId: 'sphagnum-loose' as const, parts: 1 },
    { mediumId: 'bark-6-12' as const, parts: 3 },
  ];
  expect(caseOfNew({ ...moth, setup: { ...setup, mix } }, places).current).toMatchObject({
    mediumId: 'bark-6-12',
    mix,
  });
  // A species with what differs in it from its group; what is no species is as its group.
  expect(caseOfNew(moth, places)).toEqual({
    genus: 'phalaenopsis',
    genusOverrides: { regime: 'evenly moist' },
    place: places[0]!.id,
  });
  const plain = { ...moth, name: 'Moth orchid from the market' };
  expect(caseOfNew(plain, places)).toEqual({ genus: 'phalaenopsis', place: places[0]!.id });
});

test('a measure that is cleared or out of its range takes nothing else away', () => {
  const setup = saidOfSetup(setupNow({}));
  for (const rimDiameterCm of [Number.NaN, 2]) {
    const half = { ...moth, setup: { ...setup, vessel: { ...setup.vessel, rimDiameterCm } as typeof setup.vessel } };
    expect(readNewPlant(JSON.stringify(half))).toEqual(half);
  }
});

test('a draft comes back as it was; one that cannot be read is an empty one', () => {
  const said = { ...moth, setup: saidOfSetup(setupNow({})), photoIds: ['a'] };
  expect(readNewPlant(JSON.stringify(said))).toEqual(said);
  for (const broken of [null, '{', '{"name":1}']) expect(readNewPlant(broken)).toEqual(emptyPlant);
});

test('a kind of one’s own is sent whole; one that was deleted since is no kind', () => {
  const mine = [{ id: 'own-7', data: { ...genusById('vanda'), name: 'My blue one' } }];
  const said = { ...emptyPlant, name: 'Blue', genusId: 'own-7' };
  expect(faultIn(said, mine)).toBeNull();
  expect(caseOfNew(said, demoPlaces, mine).genus).toMatchObject({ name: 'My blue one' });
  expect(faultIn(said, [])).toBe(noKindSaid);
});
