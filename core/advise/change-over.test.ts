/** Moving from one medium to another. All: common practice, no source. */
import type { PlanCase, SetupSpec } from '../case';
import { contextOf, factsOf } from '../decide/setups';
import { changeOver } from './change-over';
import { planCaseSchema, resolveCase } from '../testing';

const bark: SetupSpec = {
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 12 },
  layers: [{ role: 'main', mix: [{ mediumId: 'bark-9-15', parts: 1 }], heightCm: 9.5 }],
};
const mossyBark: SetupSpec = {
  ...bark,
  layers: [
    {
      role: 'main',
      mix: [
        { mediumId: 'bark-6-12', parts: 4 },
        { mediumId: 'sphagnum-chopped', parts: 1 },
      ],
      heightCm: 9.5,
    },
  ],
};
const pumice: SetupSpec = {
  ...bark,
  approach: 'moist inorganic',
  layers: [{ role: 'main', mix: [{ mediumId: 'pumice-3-6', parts: 1 }], heightCm: 9.5 }],
};
const overWater: SetupSpec = {
  approach: 'wick reservoir',
  vessel: { kind: 'pot', potKindId: 'wick-pot', rimDiameterCm: 13 },
  layers: [{ role: 'main', mix: [{ mediumId: 'clay-pebbles-8-16', parts: 1 }], heightCm: 10 }],
};

function change(planCase: Partial<PlanCase>, spec: SetupSpec) {
  const context = contextOf(
    resolveCase(planCaseSchema.parse({ genus: 'phalaenopsis', place: 'heated-flat', ...planCase })),
  );
  return changeOver(context, factsOf(context, spec));
}

test('unknown past: one step', () => {
  expect(change({}, bark).stages).toHaveLength(1);
  expect(change({}, bark).fromName).toBeNull();
});

test('wet compact moss to coarse airy bark: small bark with moss first, then the coarse one', () => {
  const { stages, target } = change({ current: { mediumId: 'sphagnum-packed' } }, bark);
  expect(stages.map((stage) => stage.when)).toEqual(['now', 'next repotting']);
  expect(stages[0]).toMatchObject({ step: 'half-way bark', waitFor: 'rooted through' });
  expect(stages[1]).toMatchObject({ step: 'target with little moss', waitFor: null });
  expect(target).toMatchObject({ family: 'conifer bark', smallMm: 9, largeMm: 15, isWithMoss: false });
});

test('where the target already has moss in it, it is the half-way house itself', () => {
  const airyWithMoss: SetupSpec = {
    ...bark,
    layers: [
      {
        role: 'main',
        mix: [
          { mediumId: 'bark-12-25', parts: 4 },
          { mediumId: 'sphagnum-chopped', parts: 0.5 },
        ],
        heightCm: 9.5,
      },
    ],
  };
  const { stages, target } = change({ current: { mediumId: 'sphagnum-packed' } }, airyWithMoss);
  expect(stages.map((stage) => stage.step)).toEqual(['half-way target', 'next coarser grade']);
  expect(target.isWithMoss).toBe(true);
});

test('a target that is close itself is reached in one step', () => {
  const { stages } = change({ current: { mediumId: 'sphagnum-packed' } }, mossyBark);
  expect(stages.map((stage) => stage.step)).toEqual(['into target in one step']);
});

test('bark to bark: one step', () => {
  expect(change({ current: { mediumId: 'bark-6-12' } }, bark).stages).toHaveLength(1);
});

test('organic to a reservoir without new tips: wait for tips, then go', () => {
  const { stages } = change({ current: { mediumId: 'bark-6-12' }, signs: { tips: 'none', shoot: 'none' } }, overWater);
  expect(stages.map((stage) => stage.when)).toEqual(['now', 'when the sign shows']);
  expect(stages[0]!.waitFor).toBe('new root tips');
  // Where nobody has looked, tips are waited for as well.
  expect(change({ current: { mediumId: 'bark-6-12' } }, overWater).stages).toHaveLength(2);
  const tips = { tips: 'starting' } as const;
  expect(change({ current: { mediumId: 'bark-6-12' }, signs: tips }, overWater).stages).toHaveLength(1);
});

test('off a reservoir without new tips: leave it there until they show', () => {
  const { stages } = change(
    { current: { vesselKind: 'wick-pot', mediumId: 'clay-pebbles-8-16' }, signs: { tips: 'none', shoot: 'none' } },
    bark,
  );
  expect(stages[0]!.step).toBe('leave over water');
});

test('a failing plant goes into moss first, whatever comes after', () => {
  const { stages } = change({ liveRootsPct: 20, signs: { tips: 'none' } }, bark);
  expect(stages[0]!.step).toBe('moss in the smallest pot');
  expect(stages[1]!.when).toBe('when the sign shows');
});

describe('what clings to the roots', () => {
  test.each([
    ['bark-6-12', pumice, 'rinse, do not tear'],
    ['pumice-3-6', pumice, 'ball whole'],
    ['lava-8-16', pumice, 'gripped'],
    ['pumice-3-6', bark, 'pieces may stay'],
  ] as const)('from %s', (mediumId, spec, code) => {
    expect(change({ current: { mediumId } }, spec).clinging.code).toBe(code);
  });

  test('broken-down organic is rinsed out', () => {
    expect(change({ current: { mediumId: 'bark-6-12', yearsInMedium: 6 } }, bark).clinging.code).toBe('broken down');
    expect(change({ current: { mediumId: 'bark-6-12', yearsInMedium: 1 } }, bark).clinging.code).toBe('sound may stay');
  });
});
