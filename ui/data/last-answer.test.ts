/** @jest-environment jsdom */
/** An answer that was given is there again at once, and none that was not. */
import { demoPlaces, makePlan, type PlanFacts } from '@core';
import { keepLastAnswer, lastAnswerTo } from './last-answer';

const plan: PlanFacts = makePlan(
  {
    genus: 'phalaenopsis',
    place: 'heated-flat',
    ownPots: [{ potKindId: 'plastic-round', rimDiameterCm: 12, count: 1 }],
  },
  demoPlaces,
  { isRough: true },
);

beforeEach(() => localStorage.clear());

test('the same case has the same answer, to the last figure', () => {
  keepLastAnswer('case one', plan);
  expect(lastAnswerTo('case one')).toEqual(JSON.parse(JSON.stringify(plan)));
});

test('another case, another build, or a damaged store has none', () => {
  expect(lastAnswerTo('case one')).toBeNull();
  keepLastAnswer('case one', plan);
  expect(lastAnswerTo('case two')).toBeNull();
  const stored = localStorage.getItem('tender-cairn.last-answer')!;
  localStorage.setItem('tender-cairn.last-answer', stored.replace('"build":""', '"build":"earlier"'));
  expect(lastAnswerTo('case one')).toBeNull();
  localStorage.setItem('tender-cairn.last-answer', stored.slice(0, 200));
  expect(lastAnswerTo('case one')).toBeNull();
});

test('where the browser has no room nothing else is lost', () => {
  keepLastAnswer('case one', plan);
  const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  keepLastAnswer('case two', plan);
  full.mockRestore();
  expect(lastAnswerTo('case one')).toBeNull();
  expect(lastAnswerTo('case two')).toBeNull();
});
