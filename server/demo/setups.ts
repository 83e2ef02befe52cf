/** What the invented grower pots in: a few setups of their own, by name. */
import { makePot, type SetupSpec } from '@core';

type Mix = readonly (readonly [mediumId: string, parts: number])[];

const FILLED_SHARE = 0.88;
const mixOf = (mix: Mix) => mix.map(([mediumId, parts]) => ({ mediumId, parts }));

function pot(approach: SetupSpec['approach'], potKindId: string, rimDiameterCm: number, mix: Mix): SetupSpec {
  const heightCm = Math.floor(10 * FILLED_SHARE * makePot(potKindId, rimDiameterCm).heightCm) / 10;
  return {
    approach,
    vessel: { kind: 'pot', potKindId, rimDiameterCm },
    layers: [{ role: 'main', mix: mixOf(mix), heightCm }],
  };
}

const mounted = (mountKindId: string, widthCm: number, padThicknessCm: number): SetupSpec => ({
  approach: 'mount',
  vessel: { kind: 'mount', mountKindId, widthCm, padThicknessCm },
  layers: [{ role: 'main', mix: mixOf([['sphagnum-loose', 1]]), heightCm: 1 }],
});

const fineBark: Mix = [
  ['bark-3-6', 4],
  ['perlite-3-6', 1],
  ['charcoal-3-8', 1],
];
const bark: Mix = [
  ['bark-6-12', 5],
  ['perlite-3-6', 1],
];

/** Each by the width it is made in. */
export const demoSetups = {
  'fine bark': (cm) => pot('organic pot', 'plastic-round', cm, fineBark),
  bark: (cm) => pot('organic pot', 'plastic-round', cm, bark),
  'bark, clear': (cm) => pot('organic pot', 'plastic-clear-cone', cm, bark),
  'bark in clay': (cm) => pot('organic pot', 'clay-unglazed', cm, bark),
  'coarse bark': (cm) => pot('organic pot', 'plastic-slotted', cm, [['bark-12-25', 1]]),
  moss: (cm) => pot('moss pot', 'plastic-round', cm, [['sphagnum-loose', 1]]),
  'clay pebbles': (cm) => pot('side-hole reservoir', 'side-hole-pot', cm, [['clay-pebbles-4-8', 1]]),
  pumice: (cm) =>
    pot('moist inorganic', 'plastic-deep', cm, [
      ['pumice-3-6', 3],
      ['lava-3-8', 1],
    ]),
  'slipper mix': (cm) =>
    pot('organic pot', 'plastic-square', cm, [
      ['bark-3-6', 3],
      ['perlite-3-6', 1],
      ['sphagnum-chopped', 1],
    ]),
  'soil-like': (cm) => pot('soil-like mix', 'plastic-deep', cm, [['peat-perlite', 1]]),
  basket: (cm) => pot('basket', 'slat-basket', cm, [['lava-16-32', 1]]),
  'cork, bare': (cm) => mounted('mount-cork', cm, 0),
  'cork, moss': (cm) => mounted('mount-cork', cm, 1),
} as const satisfies Readonly<Record<string, (cm: number) => SetupSpec>>;
export type DemoSetup = keyof typeof demoSetups;
