import {
  type PseudobulbChange,
  pseudobulbChanges,
  holdStates,
  type Judging,
  judgePotting,
  type SincePotting,
} from './judge';

const nothing: SincePotting = {
  foreseenDays: null,
  keptDays: null,
  driesFactor: 1,
  rootsThenPct: null,
  rootsNowPct: null,
  shootsForeseen: null,
  shootsFound: null,
};
const judge = (seen: Partial<Judging>, since: Partial<SincePotting> = {}) =>
  judgePotting({ holds: 'holds', tips: 'starting', bulbs: 'as before', ...seen }, { ...nothing, ...since });

test('common practice, no source: what holds when tugged has rooted', () => {
  expect(judge({})).toMatchObject({ verdict: 'it took', advice: ['as it is'] });
  expect(judge({ holds: 'gives a little' })).toMatchObject({ verdict: 'it took', advice: ['hold it firmer'] });
  expect(judge({ holds: 'gives a little', tips: 'none' })).toMatchObject({ verdict: 'not yet' });
});

test('common practice, no source: a plant that moves does not root; loose and thinner, its roots are gone', () => {
  expect(judge({ holds: 'loose', bulbs: 'thinner', tips: 'none' })).toMatchObject({
    verdict: 'it fails',
    advice: expect.arrayContaining(['hold it firmer', 'look at the roots']) as string[],
  });
  expect(judge({ holds: 'loose' }).advice).toContain('more time');
});

test('thinner though it holds: it thirsts', () => {
  expect(judge({ bulbs: 'thinner' }, { foreseenDays: 6, keptDays: 9 })).toMatchObject({
    verdict: 'not yet',
    advice: ['water sooner'],
    waters: { foreseenDays: 6, keptDays: 9 },
  });
});

test('what the finger found says what to change next time', () => {
  expect(judge({}, { driesFactor: 0.7 }).advice).toEqual(['finer next time']);
  expect(judge({ tips: 'none', holds: 'gives a little' }, { driesFactor: 1.4 }).advice).toEqual([
    'hold it firmer',
    'water later',
    'airier next time',
  ]);
  expect(judge({}, { driesFactor: 1.05, foreseenDays: 6, keptDays: 6.4 })).toMatchObject({
    advice: ['as it is'],
    waters: null,
  });
});

test('roots that were lost are told, and weigh more than a firm stand', () => {
  const lost = { rootsThenPct: 90, rootsNowPct: 50 };
  expect(judge({ bulbs: 'thinner' }, lost)).toMatchObject({ verdict: 'it fails', roots: { thenPct: 90, nowPct: 50 } });
  expect(judge({}, { rootsThenPct: 90, rootsNowPct: 85 }).verdict).toBe('it took');
});

test('growth is told beside what its kind makes in that time', () => {
  expect(judge({}, { shootsForeseen: 1.5, shootsFound: 2 })).toMatchObject({ shoots: { foreseen: 1.5, found: 2 } });
  expect(judge({}, { shootsForeseen: 1.5 }).shoots).toBeNull();
});

test('seen worse, it is never judged better', () => {
  const order = ['it fails', 'not yet', 'it took'];
  for (const holds of holdStates)
    for (const tips of ['none', 'starting', 'long'] as const) {
      const verdicts = ([null, ...pseudobulbChanges] as (PseudobulbChange | null)[]).map((bulbs) =>
        order.indexOf(judge({ holds, tips, bulbs }).verdict),
      );
      expect(verdicts[3]).toBeLessThanOrEqual(Math.min(verdicts[1]!, verdicts[2]!));
      const worse = holdStates.map((hold) => order.indexOf(judge({ holds: hold, tips, bulbs: 'as before' }).verdict));
      expect([...worse].sort((a, b) => b - a)).toEqual(worse);
    }
});
