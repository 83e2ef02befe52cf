/** A whole day: what it says must hang together, and follow when one thing changes. */
import { checkWith } from '../base';
import type { PlanCase, SetupSpec } from '../case';
import type { InStock } from '../stock';
import { type DayAsked, dayQuestionSchema } from './day-case';
import { prepareDay } from './prepare';

const setup = (mediumId: string, rimDiameterCm = 12): SetupSpec => ({
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm },
  layers: [
    { role: 'crocking', mix: [{ mediumId: 'pebbles-16-32', parts: 1 }], heightCm: 1.5 },
    {
      role: 'main',
      mix: [
        { mediumId, parts: 4 },
        { mediumId: 'perlite-3-6', parts: 1 },
      ],
      heightCm: 7,
    },
  ],
});
const plant = (
  id: string,
  genus: string,
  mediumId = 'bark-6-12',
  more: Partial<PlanCase> = {},
  asked: object = {},
) => ({
  id,
  name: id,
  case: { genus, place: 'heated-flat', routine: { kind: 'every', days: 7 }, ...more },
  setup: setup(mediumId),
  ...asked,
});
const six = [
  plant('moth', 'phalaenopsis'),
  plant('slipper', 'paphiopedilum', 'bark-3-6', { current: { mediumId: 'bark-3-6', yearsInMedium: 5 } }),
  plant('spray', 'oncidium', 'bark-3-6'),
  plant('rotten', 'cattleya-unifoliate', 'bark-6-12', { signs: { rot: true }, liveRootsPct: 60 }),
  plant('no pot', 'brassia', 'bark-6-12', { signs: { noPot: true } }),
  plant('mealy', 'dendrobium-kingianum', 'bark-6-12', {}, { isSuspect: true }),
];
const shelf: readonly InStock[] = [
  { id: 'bark', thing: { kind: 'medium', mediumId: 'bark-6-12' }, amount: 1 },
  { id: 'finer', thing: { kind: 'medium', mediumId: 'bark-3-6' }, amount: 20 },
  { id: 'pots', thing: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 12 }, amount: 4 },
];
function asked(change: object = {}): DayAsked {
  const read = checkWith(dayQuestionSchema(), {
    on: '2027-03-06',
    hours: 6,
    plants: six,
    stock: shelf,
    ...change,
  });
  if (read.status !== 'ok') throw new Error(JSON.stringify(read.faults));
  return read.value as DayAsked;
}
const day = (change: object = {}) => prepareDay(asked(change));
const order = (change: object = {}) => day(change).plants.map(({ id }) => id);

test('emergencies first, what may spread last, each told why', () => {
  const { plants } = day();
  expect(plants[0]).toMatchObject({ id: 'no pot', turn: 'cannot wait' });
  expect(
    plants
      .slice(-2)
      .map(({ id }) => id)
      .sort(),
  ).toEqual(['mealy', 'rotten']);
  expect(plants.filter(({ turn }) => turn === 'sick comes last')).toHaveLength(2);
});

test('litres out of the bags are those that the pots take, and the reserve', () => {
  const { batches, plants } = day({ reserveShare: 0.2 });
  const recipes = new Map<string, number>();
  for (const { recipe } of plants)
    for (const { mediumId, takeL } of recipe) recipes.set(mediumId, (recipes.get(mediumId) ?? 0) + takeL);
  const bags = new Map<string, { forPotsL: number; takeL: number }>();
  for (const { mediumId, forPotsL, takeL } of batches.flatMap((batch) => batch.bags)) {
    const sum = bags.get(mediumId) ?? { forPotsL: 0, takeL: 0 };
    bags.set(mediumId, { forPotsL: sum.forPotsL + forPotsL, takeL: sum.takeL + takeL });
  }
  expect([...bags.keys()].sort()).toEqual([...recipes.keys()].sort());
  for (const [mediumId, { forPotsL, takeL }] of bags) {
    // A recipe is told in millilitres.
    expect(forPotsL).toBeCloseTo(recipes.get(mediumId)!, 2);
    expect(takeL).toBeCloseTo(1.2 * forPotsL, 9);
  }
  const settled = plants.reduce((sum, { litres }) => sum + litres, 0);
  expect(batches.reduce((sum, { potsL }) => sum + potsL, 0)).toBeCloseTo(settled, 9);
});

test('the same mix is one batch, whatever the order and scale of its parts', () => {
  const turned: SetupSpec = {
    ...setup('bark-6-12'),
    layers: [
      {
        role: 'main',
        mix: [
          { mediumId: 'perlite-3-6', parts: 0.5 },
          { mediumId: 'bark-6-12', parts: 2 },
        ],
        heightCm: 8,
      },
    ],
  };
  const { batches } = day({ plants: [six[0], { ...six[2], setup: turned }] });
  expect(batches.filter(({ roles }) => roles.includes('main'))).toHaveLength(1);
});

test('what is short is told with how much, for whom, and what would do instead', () => {
  const { shortages } = day();
  const bark = shortages.find(({ thing }) => thing.kind === 'medium' && thing.mediumId === 'bark-6-12')!;
  expect(bark.there).toBe(1);
  expect(bark.needed - bark.there).toBeCloseTo(bark.shortBy, 6);
  expect([...bark.plantIds].sort()).toEqual(['mealy', 'moth', 'no pot', 'rotten']);
  expect(bark.instead).toMatchObject([{ from: 'finer', pieces: 'finer', wets: 'wetter', isOtherFamily: false }]);
  // Six pots wanted, four there.
  expect(shortages.find(({ thing }) => thing.kind === 'pot')).toMatchObject({ shortBy: 2 });
  expect(day({ stock: [] }).shortages).toEqual([]);
});

test('cautions stand at their step, once a day, and again where another danger is in hand', () => {
  const { plants, bring } = day();
  const said = plants.flatMap(({ cautions }) => cautions.cautions.map(({ ruleId }) => ruleId));
  expect(new Set(said).size).toBe(said.length);
  expect(said).toEqual(
    expect.arrayContaining(['gloves-organic', 'mask-dust', 'label-of-the-peroxide', 'blade-and-flame']),
  );
  const rotten = plants.find(({ id }) => id === 'rotten')!;
  expect(rotten.cautions.cautions).toContainEqual(
    expect.objectContaining({ ruleId: 'label-of-the-peroxide', step: 'fizz' }),
  );
  expect(rotten.work.steps.map(({ kind }) => kind)).toEqual([
    'soak',
    'unpot',
    'clean',
    'fizz',
    'pot',
    'flush',
    'drain',
  ]);
  expect(bring).toEqual(expect.arrayContaining(['gloves', 'mask', 'peroxide', 'goggles', 'second blade', 'bucket']));
});

test('media are made ready the evening before, each once, and not said again with every plant', () => {
  const { beforehand, plants } = day();
  const ids = beforehand.map(({ ruleId }) => ruleId);
  expect(ids.filter((id) => id === 'new-bark-hardly-wets')).toHaveLength(1);
  expect(ids).toContain('rinse-dust');
  const told = plants.flatMap(({ cautions }) => cautions.steps.map(({ ruleId }) => ruleId));
  expect(told).not.toContain('new-bark-hardly-wets');
});

test('what sleeps or stands in water is not soaked; what moves whole is not washed', () => {
  const asleep = plant('asleep', 'catasetum', 'bark-6-12', { signs: { leavesShed: true, resting: true } });
  const wet = plant('wet', 'phalaenopsis', 'bark-6-12', {
    current: { vesselKind: 'side-hole-pot', mediumId: 'clay-pebbles-8-16' },
  });
  const stone: SetupSpec = {
    ...setup('pumice-3-6'),
    approach: 'moist inorganic',
    layers: [{ role: 'main', mix: [{ mediumId: 'pumice-3-6', parts: 1 }], heightCm: 8 }],
  };
  const whole = {
    ...plant('whole', 'phalaenopsis', 'bark-6-12', { current: { mediumId: 'pumice-3-6', yearsInMedium: 2 } }),
    setup: stone,
  };
  const { plants } = day({ plants: [asleep, wet, whole, six[0]] });
  const workOf = (id: string) => plants.find((one) => one.id === id)!.work;
  expect([workOf('asleep').soakMin, workOf('wet').soakMin]).toEqual([0, 0]);
  expect(workOf('whole').firstMin).toBeLessThan(workOf('moth').firstMin);
});

describe('when it does not fit', () => {
  test('those that can wait longest are left, never what cannot wait, until the rest is sure to be done', () => {
    const urgencies: Readonly<Record<string, number>> = {
      moth: 0.1,
      slipper: 0.4,
      spray: 0.6,
      rotten: 0.9,
      'no pot': 0.9,
      mealy: 0.5,
    };
    const plants = six.map((one) => ({ ...one, urgency: urgencies[one.id] }));
    const tight = day({ plants, hours: 2 });
    expect(tight.time.fits).toBe(false);
    expect(tight.drop.length).toBeGreaterThan(0);
    expect(tight.drop).not.toContain('no pot');
    expect(tight.drop).not.toContain('rotten');
    expect(tight.drop).toContain('moth');
    const left = plants.filter(({ id }) => !tight.drop.includes(id));
    expect(day({ plants: left, hours: 2 }).time.fits).toBe(true);
    expect(day({ plants, hours: 8 })).toMatchObject({ drop: [], time: { fits: true } });
  });

  test('a second pair of hands makes it shorter, though not by half', () => {
    const [alone, two] = [day().time, day({ helpers: 1 }).time];
    expect(two.endMin).toBeLessThan(alone.endMin);
    expect(two.endMin).toBeGreaterThan(alone.endMin / 2);
    expect(alone.leastMin).toBeLessThan(alone.endMin);
    expect(alone.mostMin).toBeGreaterThan(alone.endMin);
  });
});

test('one thing changed makes all of it follow', () => {
  const before = day();
  const worse = six.map((one) => (one.id === 'moth' ? { ...one, case: { ...one.case, signs: { rot: true } } } : one));
  const after = day({ plants: worse });
  expect(after.plants.slice(-3).map(({ id }) => id)).toContain('moth');
  const fizzOf = (prepared: typeof before) => prepared.plants.find(({ id }) => id === 'moth')!.work.fizzMin;
  expect([fizzOf(before), fizzOf(after)]).toEqual([0, 10]);
  const other = six.map((one) => (one.id === 'moth' ? { ...one, setup: setup('bark-3-6') } : one));
  const litres = (prepared: typeof before, mediumId: string) =>
    prepared.batches
      .flatMap(({ bags }) => bags)
      .filter((bag) => bag.mediumId === mediumId)
      .reduce((sum, { takeL }) => sum + takeL, 0);
  const changed = day({ plants: other });
  expect(litres(changed, 'bark-3-6')).toBeGreaterThan(litres(before, 'bark-3-6'));
  expect(litres(changed, 'bark-6-12')).toBeLessThan(litres(before, 'bark-6-12'));
});

test('the same question gives the same day; the order in which plants are named does not matter to what is mixed', () => {
  expect(day()).toEqual(day());
  expect(order()).toEqual(order());
  const [one, other] = [day().batches, day({ plants: [...six].reverse() }).batches];
  expect(other.map(({ key }) => key)).toEqual(one.map(({ key }) => key));
});

test('shade plants are kept out of the sun where the day leaves room for it', () => {
  const plants = [
    plant('sun lover', 'vanda', 'bark-6-12'),
    plant('jewel', 'ludisia', 'bark-6-12'),
    plant('other sun lover', 'vanda', 'bark-6-12'),
  ];
  const sun = { fromMinute: 540, untilMinute: 590 };
  expect(order({ plants, sun })[0]).not.toBe('jewel');
});

test('a question with faults is refused with the field', () => {
  const read = checkWith(dayQuestionSchema(), {
    on: 'today',
    hours: 40,
    plants: [six[0], six[0]],
    sun: { fromMinute: 700, untilMinute: 600 },
  });
  expect(read.status === 'faulty' && read.faults.map(({ path }) => path).sort()).toEqual([
    'hours',
    'on',
    'plants.1.id',
    'sun.untilMinute',
  ]);
  const twice = checkWith(dayQuestionSchema(), { on: '2027-03-06', hours: 4, plants: [six[0], six[0]] });
  expect(twice.status === 'faulty' && twice.faults.map(({ path }) => path)).toEqual(['plants.1.id']);
});
