/** How long it takes to prepare a potting day: forty plants warm and cold, and how that grows from 5 to 200. */
import { type DayAsked, type DayPlantAsked, makePot, prepareDay, type SetupSpec } from '@core';

const genera = [
  'phalaenopsis',
  'paphiopedilum',
  'oncidium',
  'cattleya-unifoliate',
  'masdevallia',
  'cymbidium',
  'brassia',
];
const media = ['bark-6-12', 'bark-3-6', 'pumice-3-6', 'sphagnum-loose'];
const pots = ['plastic-round', 'clay-unglazed', 'plastic-clear-cone'];

/** Made up, but of every sort: each plant its own kind, medium, pot and state. run makes it another plant that nobody kept. */
function plantOf(n: number, run: number): DayPlantAsked & { readonly setup: SetupSpec } {
  const some = <T>(of: readonly T[]): T => of[n % of.length]!;
  const [potKindId, rimDiameterCm] = [some(pots), 9 + (n % 7)];
  const heightCm = Math.floor(makePot(potKindId, rimDiameterCm).heightCm - 1.5);
  return {
    id: `plant ${n}`,
    name: `Plant ${n}`,
    urgency: (n % 10) / 10,
    isSuspect: n % 13 === 0,
    case: {
      genus: some(genera),
      place: 'heated-flat',
      liveRootsPct: 60 + (n % 4) * 10,
      heightCm: 15 + run * 0.01,
      routine: { kind: 'every', days: 5 + (n % 3) },
    },
    setup: {
      approach: 'organic pot',
      vessel: { kind: 'pot', potKindId, rimDiameterCm },
      layers: [
        {
          role: 'main',
          mix: [
            { mediumId: some(media), parts: 4 },
            { mediumId: 'perlite-3-6', parts: 1 },
          ],
          heightCm,
        },
      ],
    },
  };
}

function dayOf(plants: number, run = 0): DayAsked {
  return {
    on: '2027-03-06',
    beginsAtMinute: 540,
    hours: 8,
    helpers: 1,
    plants: Array.from({ length: plants }, (_, n) => plantOf(n, run)),
    stock: [
      ...media.map((mediumId) => ({ id: mediumId, thing: { kind: 'medium', mediumId } as const, amount: 6 })),
      ...Array.from({ length: 7 }, (_, n) => ({
        id: `pot ${n}`,
        thing: { kind: 'pot', potKindId: pots[n % pots.length]!, rimDiameterCm: 9 + n } as const,
        amount: 4,
      })),
    ],
  };
}

const SIZES = [5, 20, 40, 80, 200];
let fresh = 1;

const msOf = (work: () => unknown): number => {
  const start = performance.now();
  work();
  return performance.now() - start;
};

const median = (times: readonly number[]): number => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)]!;

/** Milliseconds of a day whose plants nobody has asked about yet. */
function coldMs(plants: number): number {
  const day = dayOf(plants, fresh);
  fresh += 1;
  return msOf(() => prepareDay(day));
}

export function dayFigures() {
  for (let n = 0; n < 3; n += 1) coldMs(20);
  const cold = SIZES.map((plants) => median(Array.from({ length: 3 }, () => coldMs(plants))));
  const day = dayOf(40);
  prepareDay(day);
  const dayMs = median(Array.from({ length: 9 }, () => msOf(() => prepareDay(day))));
  // Each plant of a long day against each of a short one: 1 is linear.
  const growth = cold.at(-1)! / SIZES.at(-1)! / (cold[1]! / SIZES[1]!);
  return {
    dayMs: Math.round(dayMs),
    dayColdMs: Math.round(cold[SIZES.indexOf(40)]!),
    dayBySize: SIZES.map((plants, n) => ({ plants, ms: Math.round(cold[n]!) })),
    dayGrowthRatio: Number(growth.toFixed(2)),
  };
}
