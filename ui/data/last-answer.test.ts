/** @jest-environment jsdom */
/** An answer that was given is there again at once, and none that was not. */
import { makePlan, type PlanFacts } from '@core';
import { keepLastAnswer, lastAnswer } from './last-answer';

const plan: PlanFacts = makePlan(
  {
    genus: 'phalaenopsis',
    place: 'heated-flat',
    ownPots: [{ potKindId: 'plastic-round', rimDiameterCm: 12, count: 1 }],
  },
  { isRough: true },
);

beforeEach(() => localStorage.clear());

test('the last answer is there again, with its case, to the last figure', () => {
  keepLastAnswer('case one', plan);
  keepLastAnswer('case two', plan);
  expect(lastAnswer()).toMatchObject({ key: 'case two', plan: JSON.parse(JSON.stringify(plan)) as object });
});

test('a new browser, another build, or a damaged store has none', () => {
  expect(lastAnswer()).toBeNull();
  keepLastAnswer('case one', plan);
  const stored = localStorage.getItem('tender-cairn.last-answer')!;
  localStorage.setItem('tender-cairn.last-answer', stored.replace('"build":""', '"build":"earlier"'));
  expect(lastAnswer()).toBeNull();
  localStorage.setItem('tender-cairn.last-answer', stored.slice(0, 200));
  expect(lastAnswer()).toBeNull();
});

test('where the browser has no room nothing else is lost', () => {
  keepLastAnswer('case one', plan);
  const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  keepLastAnswer('case two', plan);
  full.mockRestore();
  expect(lastAnswer()).toBeNull();
});
