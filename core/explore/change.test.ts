import { type PlanCase, potOf, type SetupSpec } from '../case';
import { applyWhatIf, baseOf, changedSpec, mossShareOf, withMossShare } from './change';

const spec: SetupSpec = {
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 14 },
  layers: [
    { role: 'crocking', mix: [{ mediumId: 'pebbles-16-32', parts: 1 }], heightCm: 2 },
    { role: 'main', mix: [{ mediumId: 'bark-6-12', parts: 1 }], heightCm: 9 },
  ],
};
const mount: SetupSpec = {
  approach: 'mount',
  vessel: { kind: 'mount', mountKindId: 'mount-cork', widthCm: 12, padThicknessCm: 1 },
  layers: [{ role: 'main', mix: [{ mediumId: 'sphagnum-loose', parts: 1 }], heightCm: 1 }],
};
const planCase: PlanCase = { genus: 'phalaenopsis', place: 'heated-flat' };
const main = (changed: SetupSpec) => changed.layers.find((layer) => layer.role === 'main')!;
const filled = (changed: SetupSpec) => changed.layers.reduce((sum, layer) => sum + layer.heightCm, 0);

describe('share of moss', () => {
  test('is put in, read back, changed and taken out', () => {
    const quarter = withMossShare(spec.layers[1]!.mix, 0.25);
    expect(mossShareOf(quarter)).toBeCloseTo(0.25, 2);
    expect(mossShareOf(withMossShare(quarter, 0.5))).toBeCloseTo(0.5, 2);
    expect(withMossShare(quarter, 0)).toEqual([{ mediumId: 'bark-6-12', parts: 1 }]);
  });

  test('keeps the proportions of what is not moss', () => {
    const three = [
      { mediumId: 'bark-6-12', parts: 4 },
      { mediumId: 'charcoal-8-16', parts: 1 },
      { mediumId: 'sphagnum-chopped', parts: 1 },
    ];
    const more = withMossShare(three, 0.4);
    expect(more[0]!.parts / more[1]!.parts).toBe(4);
    expect(mossShareOf(more)).toBeCloseTo(0.4, 2);
  });

  test('a pot of nothing but moss stays what it is', () => {
    const all = [{ mediumId: 'sphagnum-loose', parts: 1 }];
    expect(withMossShare(all, 0.2)).toBe(all);
    expect(baseOf(all).mediumId).toBe('sphagnum-loose');
  });
});

describe('changing a setup', () => {
  test('nothing asked, nothing changed', () => {
    expect(changedSpec(spec, {})).toEqual(spec);
  });

  test('another grade keeps layers and pot', () => {
    const changed = changedSpec(spec, { baseMediumId: 'bark-3-6' });
    expect(main(changed).mix).toEqual([{ mediumId: 'bark-3-6', parts: 1 }]);
    expect(changed.vessel).toEqual(spec.vessel);
    expect(filled(changed)).toBe(filled(spec));
  });

  test.each([
    [{ baseMediumId: 'peat-perlite' }, 'soil-like mix'],
    [{ baseMediumId: 'pumice-3-6' }, 'moist inorganic'],
    [{ baseMediumId: 'sphagnum-loose' }, 'moss pot'],
    [{ potKindId: 'slat-basket' }, 'basket'],
    [{ potKindId: 'side-hole-pot' }, 'side-hole reservoir'],
    [{ potKindId: 'wick-pot' }, 'wick reservoir'],
    [{ potKindId: 'clay-unglazed' }, 'organic pot'],
  ])('%j makes it another way of potting: %s', (change, approach) => {
    expect(changedSpec(spec, change).approach).toBe(approach);
  });

  test('crocking taken out gives its room to the mix', () => {
    const changed = changedSpec(spec, { crockingHeightCm: 0 });
    expect(changed.layers.map((layer) => layer.role)).toEqual(['main']);
    expect(filled(changed)).toBeCloseTo(filled(spec), 6);
  });

  test('more crocking takes it from the mix; where there was none it comes in at the bottom', () => {
    expect(main(changedSpec(spec, { crockingHeightCm: 4 })).heightCm).toBeCloseTo(7, 6);
    const bare = changedSpec(spec, { crockingHeightCm: 0 });
    expect(changedSpec(bare, { crockingHeightCm: 3 }).layers[0]).toMatchObject({ role: 'crocking', heightCm: 3 });
  });

  test('a height above the rim is held below it', () => {
    const changed = changedSpec(spec, { mainHeightCm: 40 });
    expect(filled(changed)).toBeLessThanOrEqual(
      potOf({ kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 14 }).heightCm,
    );
  });

  test('another wall, another size: refilled to a finger under the rim', () => {
    const changed = changedSpec(spec, { potKindId: 'clay-unglazed', rimDiameterCm: 11 });
    expect(changed.vessel).toMatchObject({ potKindId: 'clay-unglazed', rimDiameterCm: 11 });
    if (changed.vessel.kind !== 'pot') throw new Error('a pot stays a pot');
    expect(filled(changed)).toBeCloseTo(potOf(changed.vessel).heightCm - 1, 1);
  });

  test('a top comes on, is exchanged and comes off', () => {
    const mossy = changedSpec(spec, { top: 'moss' });
    expect(mossy.layers[mossy.layers.length - 1]).toMatchObject({ role: 'top dressing' });
    expect(changedSpec(mossy, { top: 'pebbles' }).layers.filter((layer) => layer.role === 'top dressing')).toHaveLength(
      1,
    );
    expect(changedSpec(mossy, { top: 'bare' }).layers.some((layer) => layer.role === 'top dressing')).toBe(false);
  });

  test('wicks and age are noted; new again is no age', () => {
    const wicked: SetupSpec = {
      approach: 'wick reservoir',
      vessel: { kind: 'pot', potKindId: 'wick-pot', rimDiameterCm: 15 },
      layers: [{ role: 'main', mix: [{ mediumId: 'pumice-3-6', parts: 1 }], heightCm: 12 }],
    };
    expect(changedSpec(wicked, { wickCount: 3 }).vessel).toMatchObject({ wickCount: 3 });
    expect(changedSpec(spec, { monthsOld: 24 }).monthsOld).toBe(24);
    expect(changedSpec({ ...spec, monthsOld: 24 }, { monthsOld: 0 }).monthsOld).toBeUndefined();
  });

  test('on a mount only the pad changes', () => {
    expect(changedSpec(mount, { padThicknessCm: 2 }).vessel).toMatchObject({ padThicknessCm: 2 });
    expect(changedSpec(mount, { mossShare: 0.4, rimDiameterCm: 9 })).toEqual(mount);
  });
});

test('place, routine, heat wave and absence go into the case, the rest into the setup', () => {
  const changed = applyWhatIf(planCase, spec, {
    place: 'bathroom',
    routine: { kind: 'every', days: 3 },
    heatWave: { month: 7, warmerC: 6 },
    holiday: { fromDay: 200, days: 14 },
    mossShare: 0.2,
  });
  expect(changed.planCase).toMatchObject({
    place: 'bathroom',
    routine: { days: 3 },
    heatWave: { month: 7 },
    holiday: { days: 14 },
  });
  expect(mossShareOf(main(changed.spec).mix)).toBeCloseTo(0.2, 2);
  expect(applyWhatIf(planCase, spec, {}).planCase).toEqual(planCase);
});
