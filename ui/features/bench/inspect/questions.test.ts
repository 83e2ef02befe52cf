import { growthHabits, inspectionSchema, thingsInspected, stepsFor } from '@core';
import { inspectionSteps } from '@core/testing';
import { metricWords } from '@core/words';
import { type Question, seenAt, stepText, toggled } from './questions';

const all = inspectionSteps.flatMap((step) => stepText[step].questions.map((question) => ({ step, question })));
const tilesOf = (question: Question) => ('tiles' in question ? question.tiles : []);

test.each(growthHabits)('%s: everything looked at has a question at its step', (habit) => {
  for (const step of stepsFor({ habit })) {
    const asked = stepText[step].questions.map(({ looked }) => looked);
    for (const looked of thingsInspected(step, { habit })) expect(asked).toContain(looked);
  }
});

test('every tile says something the core can read, and no two of a question say the same', () => {
  for (const { question } of all) {
    const tiles = tilesOf(question);
    expect(new Set(tiles.map(({ label }) => label)).size).toBe(tiles.length);
    for (const { value } of tiles) {
      const said = question.kind === 'many' ? [value] : value;
      expect(inspectionSchema.safeParse({ [question.looked]: said }).success).toBe(true);
    }
  }
});

test('many can be touched, and touched again they are unknown, not none', () => {
  const pests = all.find(({ question }) => question.looked === 'pests')!.question as Extract<
    Question,
    { kind: 'many' }
  >;
  expect(toggled(pests, {}, 'scale')).toEqual({ pests: ['scale'] });
  expect(toggled(pests, { pests: ['scale'] }, 'mites')).toEqual({ pests: ['scale', 'mites'] });
  expect(toggled(pests, { pests: ['scale'] }, 'scale')).toEqual({ pests: undefined });
});

test('what was seen is told in the words of the tiles', () => {
  const told = (seen: Parameters<typeof seenAt>[0], step: (typeof inspectionSteps)[number]) =>
    seenAt(seen, thingsInspected(step, { habit: 'clump' }), metricWords).map(({ words }) => words);
  expect(told({ pests: [], rot: false }, 'health')).toEqual(['none seen', 'no rot']);
  expect(told({ pests: ['scale', 'mites'] }, 'health')).toEqual(['scale, mites']);
  expect(told({ liveRootsPct: 50 }, 'live roots')).toEqual(['half']);
  expect(told({ liveRootsPct: 33, rootDiameterMm: 2.5 }, 'live roots')).toEqual(['33 %', '2.5 mm']);
  expect(told({}, 'medium')).toEqual([]);
});
