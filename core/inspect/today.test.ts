import type { PlanCase } from '../case';
import { makePlan } from '../testing';
import { type KnownLife, plantToday } from './today';

const planCase: PlanCase = {
  genus: 'cattleya-unifoliate',
  place: 'glasshouse',
  liveRootsPct: 40,
  signs: { tips: 'starting' },
  rootBallDiameterCm: 8,
  shootCount: 5,
  month: 4,
};
const spec = makePlan(planCase).setups.find((setup) => setup.spec.vessel.kind === 'pot')!.spec;
const line = (shoots: number) => ({
  plants: [
    {
      bulbs: Array.from({ length: shoots - 1 }, (_, n) => ({ xCm: 2 * n - 6, yCm: 0 })),
      leads: [{ xCm: 2 * (shoots - 1) - 6, yCm: 0, headingDeg: 0 }],
    },
  ],
});
const life = (change: Partial<KnownLife> = {}): KnownLife => ({
  lastCase: planCase,
  pottings: [{ pottedOn: '2025-03-01', planCase, spec }],
  inspections: [],
  ...change,
});

test('a plant never potted is as it was last said to be, this month', () => {
  expect(plantToday(life({ pottings: [] }), '2026-11-27').planCase).toEqual({ ...planCase, month: 11 });
});

test('potted, it stands in what it was potted in for so long; what was true of that day is unknown', () => {
  const { planCase: today } = plantToday(life(), '2026-09-01');
  expect(spec.vessel.kind === 'pot' && today.current).toMatchObject({
    vesselKind: spec.vessel.kind === 'pot' ? spec.vessel.potKindId : '',
    rimDiameterCm: spec.vessel.kind === 'pot' ? spec.vessel.rimDiameterCm : 0,
    yearsInMedium: 1.5,
  });
  expect(today).toMatchObject({ genus: planCase.genus, shootCount: 5, month: 9 });
  for (const gone of ['signs', 'liveRootsPct', 'rootBallDiameterCm']) expect(today).not.toHaveProperty(gone);
});

test('a mix it was potted in is told by its parts, with the medium of most of them', () => {
  const mix = [
    { mediumId: 'bark-6-12', parts: 3 },
    { mediumId: 'sphagnum-chopped', parts: 1 },
  ];
  const mixed = { ...spec, layers: [{ role: 'main' as const, mix, heightCm: 8 }] };
  const { planCase: today } = plantToday(
    life({ pottings: [{ pottedOn: '2025-03-01', planCase, spec: mixed }] }),
    '2026-09-01',
  );
  expect(today.current).toMatchObject({ mediumId: 'bark-6-12', mix });
});

test('what was seen since counts; what was seen before it was potted does not', () => {
  const seen = (inspectedOn: string) => [{ inspectedOn, inspection: { liveRootsPct: 70, tips: 'none' as const } }];
  expect(plantToday(life({ inspections: seen('2025-06-01') }), '2026-09-01').planCase).toMatchObject({
    liveRootsPct: 70,
    signs: { tips: 'none' },
    current: { yearsInMedium: 1.5 },
  });
  for (const day of ['2025-02-01', '2025-03-01']) {
    expect(plantToday(life({ inspections: seen(day) }), '2026-09-01').planCase).not.toHaveProperty('liveRootsPct');
  }
});

test('the newest map is where the next one begins, and maps of two years tell its own pace', () => {
  const drawn = [
    { inspectedOn: '2026-06-01', inspection: { growthMap: line(9) } },
    { inspectedOn: '2024-06-01', inspection: { growthMap: line(5) } },
  ];
  const { planCase: today, ownPace } = plantToday(life({ inspections: drawn }), '2026-09-01');
  expect(today.growthMap).toEqual(line(9));
  expect(ownPace).toMatchObject({ newShoots: 4 });
  expect(ownPace!.years).toBeCloseTo(2, 1);
  // Four steps of 2 cm in two years, where its kind takes three a year of 3 cm: between the two, nearer to what was seen.
  expect(today.genusOverrides!.rhizomeStepCm).toBeGreaterThan(2);
  expect(today.genusOverrides!.rhizomeStepCm).toBeLessThan(2.2);
  const again = plantToday(life({ inspections: drawn, lastCase: today }), '2026-09-01');
  expect(again.ownPace).toEqual(ownPace);
});

test('one map tells nothing of its pace, and what the grower said of the plant stays', () => {
  const one = [{ inspectedOn: '2026-06-01', inspection: { growthMap: line(9) } }];
  expect(plantToday(life({ inspections: one }), '2026-09-01')).toMatchObject({ ownPace: null });
  const said = { ...planCase, genusOverrides: { rhizomeStepCm: 4 } };
  const two = [...one, { inspectedOn: '2024-06-01', inspection: { growthMap: line(5) } }];
  const { planCase: today } = plantToday(life({ pottings: [], lastCase: said, inspections: two }), '2026-09-01');
  expect(today.genusOverrides!.rhizomeStepCm).toBe(4);
  expect(today.genusOverrides!.shootsPerYear).toBeGreaterThan(1.5);
});
