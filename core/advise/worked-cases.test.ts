/**
 * Worked cases, as an experienced grower would settle them. All: common practice, no source. Each says
 * what must be among the answers, what must not, and where the plant goes.
 */
import type { Approach, PlanCase } from '../case';
import { mediumById } from '../catalogue/media';
import { scoreOf } from '../decide/choice';
import type { SetupAnswer } from '../words';
import type { Placement } from './placement';
import type { Timing } from './timing';
import { planInWords } from '../testing';
import type { Between, Some, Worked } from '../testing/worked';

interface Expected {
  readonly offers: Some<Approach>;
  readonly never: Some<Approach>;
  /** The leading approach is one of these. */
  readonly leads: Some<Approach>;
  readonly position: Placement['position'];
  /** Base of the growth against the surface, cm: least and most. */
  readonly depthCm: Between;
  /** Smallest and largest pieces that may make up the best bark pot, mm. */
  readonly barkMm: Between;
  readonly timing: Timing['verdict'];
}

type WorkedCase = Worked<PlanCase, Expected>;

const every = (days: number) => ({ kind: 'every', days }) as const;

const cases: readonly WorkedCase[] = [
  {
    name: 'a windowsill moth orchid watered on Sundays',
    planCase: { genus: 'phalaenopsis', place: 'heated-flat', routine: { kind: 'weekdays', weekdays: [6] } },
    never: ['mount'],
    position: 'centre',
    depthCm: [-1.5, 0],
    barkMm: [9, 25],
  },
  {
    name: 'the same on the tropical coast, watered daily: nothing that stays wet leads',
    planCase: { genus: 'phalaenopsis', place: 'humid-terrace', routine: every(1) },
    leads: ['mount', 'basket', 'organic pot', 'moist inorganic'],
    position: 'on the mount',
  },
  {
    name: 'a small moth orchid in a bathroom',
    planCase: { genus: 'phalaenopsis-mini', place: 'bathroom', routine: every(7) },
    offers: ['organic pot'],
  },
  {
    name: 'a Vanda on a humid terrace hangs bare or in a basket',
    planCase: { genus: 'vanda', place: 'humid-terrace', routine: every(1) },
    leads: ['mount', 'basket'],
    never: ['side-hole reservoir', 'wick reservoir', 'soil-like mix', 'moss pot'],
  },
  {
    name: 'a Rhynchostylis too',
    planCase: { genus: 'rhynchostylis', place: 'humid-terrace', routine: every(1) },
    leads: ['mount', 'basket'],
    never: ['side-hole reservoir', 'wick reservoir', 'soil-like mix'],
  },
  {
    name: 'an Aerides under lamps cannot be mounted by a twice-a-week waterer',
    planCase: { genus: 'aerides', place: 'lamp-shelf', routine: every(3) },
    never: ['mount', 'side-hole reservoir', 'soil-like mix'],
  },
  {
    name: 'a one-leaved Cattleya sits on the surface, back to the wall',
    planCase: { genus: 'cattleya-unifoliate', place: 'humid-terrace', routine: every(3) },
    position: 'back to the wall',
    depthCm: [0, 0.5],
    never: ['soil-like mix'],
    barkMm: [6, 25],
  },
  {
    name: 'a two-leaved one rambles from the middle and never stands over water',
    planCase: { genus: 'cattleya-bifoliate', place: 'humid-terrace', routine: every(2) },
    never: ['side-hole reservoir', 'wick reservoir', 'soil-like mix'],
    depthCm: [0, 0.5],
  },
  {
    name: 'a Brassavola dries fast: no husk, no reservoir',
    planCase: { genus: 'brassavola', place: 'humid-terrace', routine: every(2) },
    never: ['side-hole reservoir', 'wick reservoir', 'soil-like mix', 'moss pot'],
  },
  {
    name: 'an Encyclia keeps its bulbs above the medium',
    planCase: { genus: 'encyclia', place: 'glasshouse', routine: every(3) },
    depthCm: [-0.01, 0.5],
    never: ['soil-like mix'],
  },
  {
    name: 'an Oncidium hybrid: base just under, small pieces',
    planCase: { genus: 'oncidium', place: 'kitchen-sill', routine: every(5) },
    offers: ['organic pot'],
    depthCm: [-1.5, -0.3],
    barkMm: [2, 6],
    position: 'centre',
  },
  {
    name: 'an equitant Oncidium never over a reservoir',
    planCase: { genus: 'oncidium-equitant', place: 'glasshouse', routine: every(1) },
    never: ['side-hole reservoir', 'wick reservoir', 'soil-like mix'],
  },
  {
    name: 'a Miltoniopsis in a cool room stays evenly moist in fine pieces',
    planCase: { genus: 'miltoniopsis', place: 'cool-shade', routine: every(5) },
    offers: ['moist inorganic'],
    never: ['mount'],
    barkMm: [2, 6],
  },
  {
    name: 'a Zygopetalum creeps from the wall',
    planCase: { genus: 'zygopetalum', place: 'cool-shade', routine: every(4) },
    position: 'back to the wall',
    never: ['mount'],
    depthCm: [-1.5, -0.3],
  },
  {
    name: 'a Lycaste keeps off mounts',
    planCase: { genus: 'lycaste', place: 'cool-shade', routine: every(4) },
    never: ['mount'],
  },
  {
    name: 'a Masdevallia in a damp cool room',
    planCase: { genus: 'masdevallia', place: 'cool-shade', routine: every(4) },
    position: 'centre',
    depthCm: [-1.5, -0.3],
  },
  {
    name: 'a Restrepia likewise',
    planCase: { genus: 'restrepia', place: 'cool-shade', routine: every(3) },
    depthCm: [-1.5, -0.3],
  },
  {
    name: 'a slipper has every root covered and never dries',
    planCase: { genus: 'paphiopedilum', place: 'kitchen-sill', routine: every(5) },
    never: ['mount', 'basket'],
    depthCm: [-3, -0.8],
  },
  {
    name: 'a large strap-leaved slipper too',
    planCase: { genus: 'paphiopedilum-multifloral', place: 'glasshouse', routine: every(4) },
    never: ['mount', 'basket'],
    depthCm: [-3, -0.8],
  },
  {
    name: 'a Phragmipedium may stand over water',
    planCase: { genus: 'phragmipedium', place: 'kitchen-sill', routine: every(7) },
    offers: ['side-hole reservoir', 'wick reservoir'],
    never: ['mount', 'basket'],
  },
  {
    name: 'a Maxillaria in small pieces',
    planCase: { genus: 'maxillaria', place: 'cool-shade', routine: every(5) },
    barkMm: [2, 6],
  },
  {
    name: 'a rambling Bulbophyllum sits in the middle, on the surface',
    planCase: { genus: 'bulbophyllum', place: 'glasshouse', routine: every(2) },
    position: 'centre',
    depthCm: [0, 0.5],
  },
  {
    name: 'a soft-caned Dendrobium on the surface in the middle',
    planCase: { genus: 'dendrobium-softcane', place: 'kitchen-sill', routine: every(5) },
    position: 'centre',
    depthCm: [0, 0.5],
  },
  {
    name: 'a pendent Dendrobium refuses cover and water below',
    planCase: { genus: 'dendrobium-pendent', place: 'humid-terrace', routine: every(1) },
    never: ['side-hole reservoir', 'wick reservoir', 'soil-like mix'],
    leads: ['mount', 'basket'],
  },
  {
    name: 'a boat orchid never on a mount',
    planCase: { genus: 'cymbidium', place: 'southern-porch', routine: every(4) },
    never: ['mount'],
    position: 'centre',
  },
  {
    name: 'a Spathoglottis bulb goes 4 cm under, in soil',
    planCase: { genus: 'spathoglottis', place: 'humid-terrace', routine: every(2) },
    depthCm: [-4, -4],
    leads: ['soil-like mix'],
    never: ['mount', 'basket'],
  },
  {
    name: 'a leaf-shedding Calanthe is potted asleep',
    planCase: { genus: 'calanthe-deciduous', place: 'humid-terrace', signs: { resting: true }, routine: every(3) },
    timing: 'go',
    never: ['mount', 'basket'],
  },
  {
    name: 'a Catasetum asleep likewise',
    planCase: { genus: 'catasetum', place: 'glasshouse', signs: { resting: true }, routine: every(3) },
    timing: 'go',
    never: ['mount'],
  },
  {
    name: 'an evergreen Calanthe asleep waits',
    planCase: { genus: 'calanthe-evergreen', place: 'cool-shade', signs: { resting: true } },
    timing: 'wait',
  },
  {
    name: 'a Ludisia wants a moist mix and no mount',
    planCase: { genus: 'ludisia', place: 'bathroom', routine: every(4) },
    never: ['mount'],
    offers: ['soil-like mix'],
  },
  {
    name: 'a Disa likes its feet wet',
    planCase: { genus: 'disa', place: 'cool-shade', routine: every(4) },
    offers: ['side-hole reservoir'],
    never: ['mount', 'basket'],
  },
  {
    name: 'a Bletilla under the soil',
    planCase: { genus: 'bletilla', place: 'slate-yard', routine: every(4) },
    depthCm: [-4, -4],
    never: ['side-hole reservoir', 'wick reservoir', 'mount'],
  },
  {
    name: 'a failing moth orchid goes at once, not over water',
    planCase: {
      genus: 'phalaenopsis',
      place: 'heated-flat',
      liveRootsPct: 20,
      signs: { tips: 'none' },
      routine: every(5),
    },
    timing: 'go at once',
    never: ['side-hole reservoir', 'wick reservoir'],
    offers: ['moss pot'],
  },
  {
    name: 'in bloom it waits',
    planCase: { genus: 'cattleya-unifoliate', place: 'glasshouse', signs: { inBloom: true } },
    timing: 'wait',
  },
  {
    name: 'with new tips it goes',
    planCase: { genus: 'cattleya-bifoliate', place: 'glasshouse', signs: { tips: 'starting' } },
    timing: 'go',
  },
  {
    name: 'rotten bark does not wait for tips',
    planCase: {
      genus: 'oncidium',
      place: 'kitchen-sill',
      signs: { tips: 'none', shoot: 'none' },
      current: { mediumId: 'bark-3-6', yearsInMedium: 5 },
    },
    timing: 'go',
  },
  {
    name: 'out of stone it moves whole, even in bloom',
    planCase: {
      genus: 'oncidium',
      place: 'kitchen-sill',
      signs: { tips: 'none', shoot: 'none', inBloom: true },
      current: { mediumId: 'pumice-3-6', yearsInMedium: 5 },
    },
    timing: 'go',
  },
  {
    name: 'from bark without tips, no reservoir',
    planCase: {
      genus: 'zygopetalum',
      place: 'kitchen-sill',
      signs: { tips: 'none', shoot: 'none' },
      current: { mediumId: 'bark-3-6', yearsInMedium: 2 },
    },
    never: ['side-hole reservoir', 'wick reservoir'],
  },
  {
    name: 'a Stanhopea never over water',
    planCase: { genus: 'stanhopea', place: 'glasshouse', routine: every(2) },
    never: ['side-hole reservoir', 'wick reservoir', 'soil-like mix'],
  },
  {
    name: 'a Psychopsis neither',
    planCase: { genus: 'psychopsis', place: 'glasshouse', routine: every(3) },
    never: ['side-hole reservoir', 'wick reservoir', 'soil-like mix'],
  },
  {
    name: 'a Lepanthes in a damp glasshouse wetted daily may be mounted',
    planCase: { genus: 'lepanthes', place: 'glasshouse', routine: every(1) },
    never: ['side-hole reservoir'],
  },
  {
    name: 'fussy roots in dry air sit deeper',
    planCase: { genus: 'miltoniopsis', place: 'heated-flat', routine: every(3) },
    depthCm: [-3, -0.5],
  },
];

test('there are at least 40 worked cases', () => {
  expect(cases.length).toBeGreaterThanOrEqual(40);
});

/** The main grade of the best bark pot, mm. */
function bestBarkMm(setups: readonly SetupAnswer[]): readonly [number, number] | null {
  for (const setup of setups) {
    const main = setup.layers.find((layer) => layer.role === 'main');
    const base = [...(main?.mix ?? [])].sort((a, b) => b.parts - a.parts)[0];
    if (base?.mediumId.startsWith('bark')) {
      const medium = mediumById(base.mediumId);
      return [medium.d10Mm, medium.d90Mm];
    }
  }
  return null;
}

describe.each(cases.map((worked) => [worked.name, worked] as const))('%s', (_name, worked) => {
  const plan = planInWords(worked.planCase);
  const approaches = plan.setups.map((setup) => setup.approach);
  // Baskets are square: there the diagonal is the wall.
  const potted = plan.setups.find((setup) => setup.spec.vessel.kind === 'pot' && setup.approach !== 'basket');

  test('is settled as a grower would', () => {
    for (const approach of worked.offers ?? []) expect(approaches).toContain(approach);
    for (const approach of worked.never ?? []) expect(approaches).not.toContain(approach);
    if (worked.leads) expect(worked.leads).toContain(approaches[0]);
    if (worked.timing) expect(plan.timing.verdict).toBe(worked.timing);
    if (worked.position === 'on the mount')
      expect(plan.setups.some((setup) => setup.placement.position === 'on the mount')).toBe(true);
    else if (worked.position) expect(potted?.placement.position).toBe(worked.position);
    if (worked.depthCm) {
      expect(potted!.placement.baseAboveSurfaceCm).toBeGreaterThanOrEqual(worked.depthCm[0]);
      expect(potted!.placement.baseAboveSurfaceCm).toBeLessThanOrEqual(worked.depthCm[1]);
    }
    if (worked.barkMm) {
      const bark = bestBarkMm(plan.setups);
      expect(bark).not.toBeNull();
      expect(bark![0]).toBeGreaterThanOrEqual(worked.barkMm[0]);
      expect(bark![1]).toBeLessThanOrEqual(worked.barkMm[1]);
    }
  });

  test('its numbers hang together', () => {
    for (const setup of plan.setups) {
      expect(scoreOf(setup.pulls)).toBeCloseTo(setup.score, 9);
      expect(setup.score).toBeGreaterThan(0);
      expect(setup.score).toBeLessThan(100);
      const drying = setup.reasons.find((reason) => reason.code === 'drying')!;
      expect(drying.sentence).not.toMatch(/NaN|undefined|Infinity/);
      const year = setup.reasons.find((reason) => reason.code === 'year')!;
      const fine = Math.round(setup.year.fineDays);
      if (fine > 0) expect(year.sentence).toMatch(new RegExp(`\\b${fine} fine`));
      const { vessel } = setup.spec;
      if (vessel.kind === 'pot') expect(setup.vesselText).toContain(String(vessel.rimDiameterCm));
    }
  });
});
