import type { PlanCase } from '../case';
import { suppositionsFor } from './suppositions';
import { uninspectedOf } from './uninspected';

const planCase: PlanCase = {
  genus: 'phalaenopsis',
  place: 'heated-flat',
  month: 4,
  current: { mediumId: 'bark-6-12' },
};
const looked = (asked: PlanCase) => [...new Set(suppositionsFor(asked).map(({ supposed }) => supposed.looked))];

test('what was said is not supposed', () => {
  expect(looked(planCase)).toEqual(['tips', 'live roots', 'root thickness', 'medium']);
  expect(looked({ ...planCase, rootDiameterMm: 5, liveRootsPct: 80, signs: { tips: 'none' } })).toEqual(['medium']);
  expect(looked({ ...planCase, genus: 'oncidium', current: undefined })).toEqual([
    'tips',
    'shoot',
    'live roots',
    'root thickness',
    'bulbs',
  ]);
});

test('each is supposed as one might find it, and the rest of the case stays', () => {
  for (const { planCase: then } of suppositionsFor(planCase)) {
    expect(then).toMatchObject({ genus: 'phalaenopsis', place: 'heated-flat', month: 4 });
    expect(then).not.toEqual(planCase);
  }
});

test('only what changes the answer is told, and progress runs to its end', () => {
  const seen: [number, number][] = [];
  const facts = uninspectedOf({ ...planCase, rootDiameterMm: 5 }, (done, total) => seen.push([done, total]));
  expect(facts.length).toBeGreaterThan(0);
  for (const { verdict, leader } of facts) expect(verdict ?? leader).not.toBeNull();
  // Common practice, no source: new tips are the moment, and a plant with few live roots is nursed first.
  expect(facts.find(({ supposed }) => supposed.looked === 'tips' && supposed.is === 'starting')).toMatchObject({
    verdict: 'go',
  });
  expect(facts.find(({ supposed }) => supposed.looked === 'live roots' && supposed.is === 'few')).toMatchObject({
    verdict: 'go at once',
    leader: { approach: 'recovery in moss' },
  });
  expect(seen.at(-1)![0]).toBe(seen.at(-1)![1]);
  expect(seen.map(([done]) => done)).toEqual(seen.map((_, n) => n + 1));
});
