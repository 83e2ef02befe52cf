/** The sentences of what-if, tuning, doubts and turns. */
import type { SetupSpec } from '../case';
import type { DifferenceFact, SensitivityFacts, TuningFacts, TurnFact } from '../explore';
import { wordDifferences } from './compare';
import { metricWords, priceText } from './phrasing/format';
import { wordSensitivity } from './sensitivity';
import { setupTitle, titleOf } from './phrasing/titles';
import { wordTuning } from './tune';
import { wordTurn } from './turns';

const inches = { length: 'inch', temperature: 'F' } as const;
const spec: SetupSpec = {
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 12 },
  layers: [
    {
      role: 'main',
      mix: [
        { mediumId: 'bark-6-12', parts: 4 },
        { mediumId: 'sphagnum-chopped', parts: 1 },
      ],
      heightCm: 9,
    },
  ],
};

describe('what differs', () => {
  const figure = (code: 'fine days' | 'hottest' | 'weight' | 'tipping' | 'life', before: number, after: number) =>
    ({ code, before, after, isBetter: true }) as const;
  const one = (fact: DifferenceFact, units = metricWords) => wordDifferences([fact], units)[0];

  test.each([
    [figure('fine days', 290.2, 331), '290', '331'],
    [figure('hottest', 20.4, 23), '20 °C', '23 °C'],
    [figure('weight', 840, 1260), '0.8 kg', '1.3 kg'],
    [figure('tipping', 18.2, 24), '18°', '24°'],
    [figure('life', 2, 10), '2 years', '10 years'],
  ])('%j', (fact, before, after) => {
    expect(one(fact)).toMatchObject({ code: fact.code, before, after, isBetter: true });
  });

  test('in the grower’s degrees', () => {
    expect(one(figure('hottest', 20, 25), inches)).toMatchObject({ before: '68 °F', after: '77 °F' });
  });

  test('what the eye cannot tell apart is not listed', () => {
    expect(one(figure('fine days', 330.1, 330.2))).toBeUndefined();
  });

  test('days and reservoirs beyond the horizon are said to be', () => {
    const days: DifferenceFact = {
      code: 'days',
      before: { status: 'dries', days: 4 },
      after: { status: 'stays wet', overDays: 60 },
      isBetter: null,
    };
    expect(one(days)).toMatchObject({ label: 'asks for water after', before: '4 days', after: 'over 60 days' });
    const lasts: DifferenceFact = { code: 'reservoir', before: 9, after: null, isBetter: true };
    expect(one(lasts)).toMatchObject({ before: '9 days', after: 'over 60 days' });
  });
});

test('tuning: each move in words, joined into one sentence', () => {
  const tuning: TuningFacts = {
    targetDays: 7,
    nowDays: 4,
    isReached: true,
    options: [
      {
        spec,
        change: {},
        days: 7,
        effort: 2,
        moves: [
          { code: 'moss', share: 0.25, fromShare: 0.2 },
          { code: 'grade', smallMm: 3, largeMm: 6 },
        ],
      },
      { spec, change: {}, days: 7, effort: 1, moves: [{ code: 'moss', share: 0, fromShare: 0.2 }] },
      { spec, change: {}, days: 7, effort: 1, moves: [{ code: 'rim', rimDiameterCm: 14 }] },
      { spec, change: {}, days: 7, effort: 1, moves: [{ code: 'pot kind', potKindId: 'clay-unglazed' }] },
    ],
  };
  expect(wordTuning(tuning, metricWords).options.map((option) => option.sentence)).toEqual([
    '25 % moss instead of 20 %, pieces of 3–6 mm.',
    'No moss.',
    'The 14 cm pot.',
    'Unglazed clay pot.',
  ]);
  expect(wordTuning(tuning, inches).options[2]!.sentence).toBe('The 5.5 in pot.');
});

describe('how sure', () => {
  const swing = (lowFine: number, highFine: number): SensitivityFacts['swings'][number] => ({
    input: 'humidity',
    moved: { by: 'points', points: 10 },
    lowFine,
    highFine,
    changesOrder: false,
  });
  const facts: SensitivityFacts = {
    fine: 0.86,
    plusMinus: 0.071,
    confidence: 'fair',
    assumed: [],
    swings: [
      swing(0.8, 0.9),
      { ...swing(0.86, 0.86), input: 'root ball', moved: { by: 'share', share: 0.25 } },
      { ...swing(0.86, 0.86), input: 'air movement', moved: { by: 'class' } },
      { ...swing(0.86, 0.86), input: 'days between waterings', moved: { by: 'third', isAssumed: true } },
    ],
  };

  test('says the range, what matters most, and how far each was moved', () => {
    const worded = wordSensitivity(facts);
    expect(worded.sentence).toBe('86 % of the year fine, give or take 7 points; humidity matters most.');
    expect(worded.swings.map((entry) => entry.moved)).toEqual([
      '± 10 points',
      '± 25 %',
      'one class either way',
      'a third either way (assumed)',
    ]);
  });

  test('says so where nothing moves it', () => {
    expect(wordSensitivity({ ...facts, swings: [swing(0.86, 0.861)] }).sentence).toBe(
      'Nothing you could be wrong about moves it: 86 % of the year fine holds.',
    );
  });
});

test('turns begin with their condition and name who would lead', () => {
  const turn = (when: TurnFact['when']) => wordTurn({ when, leaderId: 'x', spec, score: 97.6 }, metricWords);
  expect(turn({ code: 'fan' }).sentence).toBe(
    'With a fan running, conifer bark 6–12 mm with sphagnum in round plastic pot 12 cm would lead with 98 points.',
  );
  const codes = ['water every day', 'water twice a week', 'water once a week', 'water every two weeks'] as const;
  const conditions = [...codes.map((code) => turn({ code }).condition), turn({ code: 'water what asks' }).condition];
  expect(new Set(conditions).size).toBe(5);
  expect(turn({ code: 'damper air', points: 20 }).condition).toBe('With 20 points more humidity');
});

test('titles: what it is made of, and what it is in', () => {
  expect(setupTitle(spec, metricWords)).toBe('Conifer bark 6–12 mm with sphagnum');
  expect(titleOf(spec, metricWords)).toBe('Conifer bark 6–12 mm with sphagnum, Round plastic pot 12 cm');
  const cork: SetupSpec = {
    approach: 'mount',
    vessel: { kind: 'mount', mountKindId: 'mount-cork', widthCm: 12, padThicknessCm: 0 },
    layers: spec.layers,
  };
  expect(setupTitle(cork, metricWords)).toMatch(/12 cm, bare roots$/);
});

test('prices on our own scale', () => {
  expect([priceText(0), priceText(2.34), priceText(12.4)]).toEqual(['none', '2.3', '12']);
});
