import { checkWith } from '../base';
import type { PlanCase } from '../case';
import { growthHabits } from '../catalogue/genera';
import {
  conditionSeen,
  type Inspection,
  inspectionSchema,
  inspectionSteps,
  thingsInspected,
  skippedSteps,
  stepsFor,
  toDoAfter,
  withInspection,
} from '.';

const planCase: PlanCase = {
  genus: 'oncidium',
  place: 'heated-flat',
  signs: { tips: 'none', inBloom: true },
  current: { mediumId: 'bark-6-12', yearsInMedium: 1, rimDiameterCm: 12 },
  liveRootsPct: 90,
};

describe('steps', () => {
  test.each(growthHabits)(
    '%s: each thing looked for stands in one step, and each step finds out something',
    (habit) => {
      const steps = stepsFor({ habit });
      const looked = steps.flatMap((step) => thingsInspected(step, { habit }));
      expect(new Set(looked).size).toBe(looked.length);
      for (const step of steps) expect(thingsInspected(step, { habit }).length).toBeGreaterThan(0);
      expect(skippedSteps({}, { habit })).toEqual(steps);
    },
  );

  test('everything in the shape is asked for somewhere', () => {
    const asked = inspectionSteps.flatMap((step) => thingsInspected(step, { habit: 'clump' }));
    const known = Object.keys(inspectionSchema.shape).filter((key) => key !== 'photoIds' && key !== 'note');
    expect([...asked].sort()).toEqual(known.sort());
  });

  test('a single stem has no bulbs to count and nothing to draw', () => {
    expect(stepsFor({ habit: 'single stem' })).not.toEqual(expect.arrayContaining(['from above']));
    expect(thingsInspected('number', { habit: 'fans' })).toEqual(['plantCount']);
  });

  test('a step is skipped until something is seen at it; none seen is seen', () => {
    expect(skippedSteps({ pests: [] }, { habit: 'clump' })).not.toContain('health');
    expect(skippedSteps({ smell: 'fresh' }, { habit: 'clump' })).not.toContain('medium');
  });
});

describe('what the case takes over', () => {
  test('nothing seen changes nothing but the signs of another day', () => {
    const { signs: _signs, ...rest } = planCase;
    expect(withInspection(planCase, {})).toEqual(rest);
  });

  test('what was measured, and no more', () => {
    const seen: Inspection = {
      liveRootsPct: 25,
      tips: 'starting',
      shoot: 'half grown',
      bulbs: 'wrinkled',
      shootCount: 7,
    };
    expect(withInspection(planCase, seen)).toEqual({
      ...planCase,
      liveRootsPct: 25,
      bulbs: 'wrinkled',
      shootCount: 7,
      signs: { tips: 'starting', shoot: 'half grown' },
    });
  });

  test.each<[Inspection, PlanCase['signs']]>([
    [{ season: 'growing' }, { inBloom: false, resting: false, leavesShed: false }],
    [{ season: 'in bud or bloom' }, { inBloom: true }],
    [{ season: 'leaves shed' }, { leavesShed: true, inBloom: false }],
    [{ reasons: ['wobbles', 'routine'] }, { wobbles: true }],
    [{ reasons: ['pot broken'] }, { noPot: true }],
    [{ reasons: ['routine'] }, undefined],
    [{ bulbs: 'soft or oozing' }, { rot: true }],
    [{ bulbs: 'soft or oozing', rot: false }, { rot: false }],
    [{ rot: true }, { rot: true }],
  ])('%j: signs %j', (seen, signs) => {
    expect(withInspection(planCase, seen).signs).toEqual(signs);
  });

  // Common practice, no source: a sour or mouldy smell tells of a medium that breaks down.
  test.each([
    [{ smell: 'fresh' }, undefined],
    [{ smell: 'mouldy' }, 'breaking down'],
    [{ smell: 'mouldy', condition: 'sound' }, 'breaking down'],
    [{ smell: 'fresh', condition: 'breaking down' }, 'breaking down'],
    [{ smell: 'sour or rotten', condition: 'sound' }, 'gone sour'],
    [{ condition: 'sound' }, 'sound'],
    [{}, undefined],
  ] as const)('%j: the medium is %s', (seen, condition) => {
    expect(conditionSeen(seen)).toBe(condition);
    expect(withInspection(planCase, seen).current).toEqual({
      ...planCase.current,
      ...(condition === undefined ? {} : { condition }),
    });
  });

  test('squeezed hard its roots fill the pot, flexing they do not; without a rim nobody knows', () => {
    const ballOf = (squeeze: Inspection['squeeze'], from = planCase) =>
      withInspection(from, { squeeze }).rootBallDiameterCm;
    expect(ballOf('hard as a rock')).toBeGreaterThan(11);
    expect(ballOf('flexes')).toBeLessThan(8);
    expect(ballOf('gives a little')).toBeUndefined();
    const { current: _current, ...potless } = planCase;
    expect(ballOf('hard as a rock', potless)).toBeUndefined();
  });
});

describe('what is to do while it is out', () => {
  const codes = (seen: Inspection) => toDoAfter(seen, { rootsBranch: true }).map(({ code }) => code);

  test('nothing of a healthy plant, and nothing of one not looked at', () => {
    expect(codes({})).toEqual([]);
    expect(codes({ liveRootsPct: 95, pests: [], rot: false, sheaths: 'none', reasons: ['routine'] })).toEqual([]);
  });

  test('pests and rot are kept apart, and sheaths come off before pests are looked for', () => {
    expect(codes({ pests: ['mealybug'], sheaths: 'dry ones' })).toEqual(['keep apart', 'strip sheaths', 'pests']);
    expect(codes({ rot: true })).toEqual(['keep apart', 'cut rot']);
  });

  // Common practice, no source.
  test('dead roots are cut; branching ones may be shortened, single thick ones may not', () => {
    const cut = (rootsBranch: boolean) =>
      toDoAfter({ liveRootsPct: 50 }, { rootsBranch }).find(({ code }) => code === 'cut dead roots');
    expect(cut(true)).toMatchObject({ mayShorten: true });
    expect(cut(false)).toMatchObject({ mayShorten: false });
  });
});

test('what cannot be is refused with the field', () => {
  const faults = checkWith(inspectionSchema, { liveRootsPct: 120, squeeze: 'soft', pests: ['cat'], photoIds: ['x'] });
  expect(faults.status === 'faulty' && faults.faults.map(({ path }) => path).sort()).toEqual([
    'liveRootsPct',
    'pests.0',
    'photoIds.0',
    'squeeze',
  ]);
});
