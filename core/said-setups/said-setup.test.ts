import * as fc from 'fast-check';
import { setupSpecSchema } from '../case';
import { mediumIds } from '../catalogue/media';
import { potKindIds, potKindById } from '../catalogue/vessels';
import { makePlan } from '../testing';
import { saidOfSetup, type SaidSetup, saidSetupSchema, setupFromSaid } from './said-setup';

const pot = (potKindId: string, rimDiameterCm = 12): SaidSetup['vessel'] => ({
  kind: 'pot',
  potKindId: potKindId as never,
  rimDiameterCm,
});
const mix = (...ids: readonly string[]): SaidSetup['mix'] =>
  ids.map((mediumId) => ({ mediumId: mediumId as never, parts: 1 }));

test('any pot with any mix is a setup the record takes, filled to a finger under the rim', () => {
  fc.assert(
    fc.property(
      fc.record({
        kind: fc.constantFrom(...potKindIds),
        rim: fc.double({ min: 3, max: 38, noNaN: true }),
        media: fc.uniqueArray(fc.constantFrom(...mediumIds), { minLength: 1, maxLength: 5 }),
        crockingCm: fc.option(fc.double({ min: 0.2, max: 60, noNaN: true }), { nil: undefined }),
        topMediumId: fc.option(fc.constantFrom(...mediumIds), { nil: undefined }),
      }),
      ({ kind, rim, media, crockingCm, topMediumId }) => {
        const said = saidSetupSchema.parse({
          vessel: pot(kind, rim),
          mix: mix(...media),
          ...(crockingCm === undefined ? {} : { crockingCm }),
          ...(topMediumId === undefined ? {} : { topMediumId }),
        });
        const spec = setupFromSaid(said);
        const filled = spec.layers.reduce((sum, { heightCm }) => sum + heightCm, 0);
        const heightCm = potKindById(kind).heightPerRim * rim;
        expect(setupSpecSchema.safeParse(spec).success).toBe(true);
        // In a thimble the least layer is the pot.
        expect(Math.abs(filled - Math.max(1.5, heightCm - 1))).toBeLessThan(0.35);
        expect(spec.layers.find(({ role }) => role === 'main')!.mix).toEqual(said.mix);
      },
    ),
  );
});

test.each([
  ['plastic-round', ['bark-6-12', 'sphagnum-chopped'], 'organic pot'],
  ['plastic-clear-cone', ['pumice-3-6', 'moisture-chips-5-10'], 'moist inorganic'],
  ['side-hole-pot', ['clay-pebbles-8-16'], 'side-hole reservoir'],
  ['wick-pot', ['fired-clay-2-5'], 'wick reservoir'],
  ['slat-basket', ['bark-12-25'], 'basket'],
  ['clay-unglazed', ['sphagnum-loose', 'perlite-3-6'], 'moss pot'],
])('a %s with %s is a %s', (kind, media, approach) => {
  expect(setupFromSaid({ vessel: pot(kind), mix: mix(...media) }).approach).toBe(approach);
});

test('what the bench proposes is said and made again as it was', () => {
  const { setups } = makePlan({ genus: 'phalaenopsis', place: 'kitchen-sill', month: 4 } as never);
  for (const { spec } of setups) {
    const again = setupFromSaid(saidOfSetup(spec));
    expect(again.layers.find(({ role }) => role === 'main')!.mix).toEqual(
      spec.layers.find(({ role }) => role === 'main')!.mix,
    );
    expect(again.layers.map(({ role }) => role)).toEqual(spec.layers.map(({ role }) => role));
    expect(again.vessel.kind).toBe(spec.vessel.kind);
    const heights = (of: typeof spec) => of.layers.map(({ heightCm }) => heightCm);
    if (spec.vessel.kind === 'pot' && spec.layers.every(({ role }) => role !== 'top dressing')) {
      heights(again).forEach((heightCm, i) => expect(heightCm).toBeCloseTo(heights(spec)[i]!, 1));
    }
  }
});

test('side by side, a mount with a pad, and crocks of another kind', () => {
  const beside = setupFromSaid({
    vessel: pot('plastic-round'),
    mix: mix('bark-6-12', 'pumice-3-6'),
    isSideBySide: true,
  });
  expect(beside.layers[0]).toMatchObject({ role: 'main', isSideBySide: true });
  const mount = setupFromSaid({
    vessel: { kind: 'mount', mountKindId: 'mount-cork', widthCm: 12, padThicknessCm: 0 } as SaidSetup['vessel'],
    mix: mix('sphagnum-loose'),
  });
  expect(mount).toMatchObject({ approach: 'mount', layers: [{ role: 'main', heightCm: 0.2 }] });
  const crocks = setupFromSaid({
    vessel: pot('clay-unglazed', 14),
    mix: mix('bark-6-12'),
    crockingCm: 3,
    crockingMediumId: 'brick-8-16' as never,
  });
  expect(crocks.layers[0]).toEqual({ role: 'crocking', mix: [{ mediumId: 'brick-8-16', parts: 1 }], heightCm: 3 });
});

test('a fault names the field and its range', () => {
  const faults = saidSetupSchema.safeParse({ vessel: pot('plastic-round', 2), mix: [] });
  expect(faults.error!.issues.map(({ path }) => path.join('.')).sort()).toEqual(['mix', 'vessel.rimDiameterCm']);
});
