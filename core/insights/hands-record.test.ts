import { genusById } from '../catalogue/genera';
import { handsRecordOf, isAlike, outcomeOf, type PottingLived } from './hands-record';

const potting = (said: Partial<PottingLived> = {}): PottingLived => ({
  genusId: 'cattleya-unifoliate',
  mediumId: 'bark-9-15',
  days: 500,
  holds: null,
  wentBad: false,
  died: false,
  ...said,
});

test.each([
  // Common practice, no source: a plant that holds has rooted, one that is loose has not.
  [{ holds: 'holds', days: 40 }, 'well'],
  [{ days: 500 }, 'well'],
  [{ days: 100 }, 'too early to tell'],
  [{ holds: 'gives a little', days: 60 }, 'too early to tell'],
  [{ holds: 'loose', days: 500 }, 'badly'],
  [{ wentBad: true, days: 200 }, 'badly'],
  [{ wentBad: true, days: 900 }, 'well'],
  [{ died: true, days: 900 }, 'badly'],
] as const)('%j: %s', (said, outcome) => {
  expect(outcomeOf(potting(said))).toBe(outcome);
});

test('what is alike speaks for it: its group, or roots as thick that like their water alike', () => {
  expect(isAlike('cattleya-unifoliate', genusById('cattleya-bifoliate'))).toBe(true);
  expect(isAlike('masdevallia', genusById('cattleya-bifoliate'))).toBe(false);
  expect(isAlike('phalaenopsis', genusById('oncidium'))).toBe(false);
  // A slipper's roots want covering: its soil says nothing of what a tree orchid would do in it.
  expect(isAlike('paphiopedilum', genusById('zygopetalum'))).toBe(false);
  expect(isAlike('My own kind', genusById('vanda'))).toBe(false);
  expect(isAlike('My own kind', { ...genusById('vanda'), id: 'own-genus', name: 'My own kind' })).toBe(true);
});

test('the record counts by family of medium, the most pottings first, and leaves out what says nothing', () => {
  const record = handsRecordOf(
    [
      potting(),
      potting({ mediumId: 'bark-6-12', holds: 'loose' }),
      potting({ mediumId: 'bark-6-12' }),
      potting({ mediumId: 'sphagnum-loose', died: true }),
      potting({ mediumId: 'no-such-medium' }),
      potting({ days: 20 }),
      potting({ genusId: 'masdevallia', mediumId: 'sphagnum-loose' }),
    ],
    genusById('cattleya-unifoliate'),
  );
  expect(record).toEqual([
    { family: 'conifer bark', well: 2, badly: 1 },
    { family: 'sphagnum', well: 0, badly: 1 },
  ]);
});
