import { type Bed, lossesOf, mediaLived } from './insights';
import { type Lasted, medianTime, survivalOf } from './survival';

describe('how long things last', () => {
  /**
   * Weeks of remission under 6-mercaptopurine, E. J. Freireich and others, Blood 21 (1963), 699-716: the example of the textbooks
   * (such as J. P. Klein and M. L. Moeschberger, Survival Analysis, table 4.1); figures from memory. A plus: still in remission.
   */
  const remission = '6 6 6 6+ 7 9+ 10 10+ 11+ 13 16 17+ 19+ 20+ 22 23 25+ 32+ 32+ 34+ 35+'
    .split(' ')
    .map((text): Lasted => ({ time: parseInt(text, 10), hasEnded: !text.endsWith('+') }));

  test('the published example, to three figures', () => {
    expect(survivalOf(remission).map(({ time, share }) => [time, Math.round(share * 1000) / 1000])).toEqual([
      [6, 0.857],
      [7, 0.807],
      [10, 0.753],
      [13, 0.69],
      [16, 0.627],
      [22, 0.538],
      [23, 0.448],
    ]);
    expect(medianTime(remission)).toBe(23);
  });

  test('where all have ended it is the share that is left; where more than half go on there is no median', () => {
    const all = [1, 2, 3, 4].map((time) => ({ time, hasEnded: true }));
    expect(survivalOf(all).map(({ share }) => share)).toEqual([0.75, 0.5, 0.25, 0]);
    expect(
      medianTime([
        { time: 1, hasEnded: true },
        { time: 5, hasEnded: false },
        { time: 5, hasEnded: false },
      ]),
    ).toBeNull();
    expect(survivalOf([])).toEqual([]);
  });

  test('beds that are still sound make a medium longer-lived, never shorter', () => {
    const ended = [300, 400, 500].map((time) => ({ time, hasEnded: true }));
    for (const time of [100, 350, 450, 900]) {
      const median = medianTime([...ended, { time, hasEnded: false }, { time, hasEnded: false }]);
      expect(median ?? Infinity).toBeGreaterThanOrEqual(400);
    }
  });
});

describe('media in these hands', () => {
  const bed = (mediumId: string, years: number, wentBad = false): Bed => ({ mediumId, days: years * 365.25, wentBad });
  test('a usual life where enough went bad, else how long one stood sound; too few beds say nothing', () => {
    const lived = mediaLived([
      bed('bark', 2, true),
      bed('bark', 3, true),
      bed('bark', 2.5),
      bed('bark', 1),
      bed('bark', 3.5),
      bed('bark', 3, true),
      bed('pumice', 4),
      bed('pumice', 6),
      bed('pumice', 1),
      bed('moss', 1, true),
      bed('moss', 1),
    ]);
    expect(lived).toEqual([
      { mediumId: 'pumice', beds: 3, wentBad: 0, usualYears: null, longestSoundYears: 6 },
      { mediumId: 'bark', beds: 6, wentBad: 3, usualYears: 3, longestSoundYears: 3.5 },
    ]);
  });
});

describe('where plants are lost', () => {
  const place = (placeName: string, plantYears: number, died: number) => ({ placeName, plants: 10, plantYears, died });
  test('held against the other places together; most lost first', () => {
    const losses = lossesOf([place('shade', 100, 4), place('sill', 20, 6), place('new', 2, 0), place('empty', 0, 0)]);
    expect(losses.map(({ placeName, perTenYears, verdict }) => [placeName, perTenYears, verdict])).toEqual([
      ['sill', 3, 'many'],
      ['shade', 0.4, 'few'],
      ['new', 0, 'too few to tell'],
    ]);
  });
  test('one place alone, and a handful of deaths, say nothing', () => {
    expect(lossesOf([place('sill', 20, 6)])[0]!.verdict).toBe('too few to tell');
    expect(lossesOf([place('sill', 5, 2), place('shade', 100, 1)])[0]!.verdict).toBe('too few to tell');
  });
  test('none lost in many years, where elsewhere many are, is few', () => {
    const losses = lossesOf([place('shade', 100, 0), place('sill', 20, 6)]);
    expect(losses.find(({ placeName }) => placeName === 'shade')!.verdict).toBe('few');
  });
});
