/** From what a hand finds to what is answered: as growers would (common practice, no source, unless a line says otherwise). */
import { decideTiming, makePlan, type PlanFacts } from '../advise';
import { type PlanCase, resolveCase } from '../case';
import { mediumById } from '../catalogue/media';
import { keepsWater } from '../catalogue/vessels';
import { type Inspection, toDoAfter, withInspection } from '../inspect';

const moth: PlanCase = { genus: 'phalaenopsis', place: 'heated-flat', month: 4 };
const inBark = (years: number, of: PlanCase = moth): PlanCase => ({
  ...of,
  current: { mediumId: 'bark-6-12', yearsInMedium: years, vesselKind: 'plastic-round', rimDiameterCm: 12 },
});
const spray: PlanCase = { genus: 'oncidium', place: 'heated-flat', month: 5 };
const inPumice: PlanCase = {
  ...spray,
  current: { mediumId: 'pumice-3-6', yearsInMedium: 4, vesselKind: 'plastic-round', rimDiameterCm: 12 },
};
const oneLeaf: PlanCase = { genus: 'cattleya-unifoliate', place: 'glasshouse', month: 5 };
const slipper: PlanCase = { genus: 'paphiopedilum', place: 'heated-flat', month: 4 };
const quiet = { tips: 'none', shoot: 'none' } as const;

const plans = new Map<string, PlanFacts>();
function answerTo(planCase: PlanCase, seen: Inspection): PlanFacts {
  const looked = withInspection(planCase, seen);
  const key = JSON.stringify(looked);
  const plan = plans.get(key) ?? makePlan(looked, { isRough: true });
  plans.set(key, plan);
  return plan;
}

interface Expected {
  readonly verdict: PlanFacts['timing']['verdict'];
  readonly code: PlanFacts['timing']['code'];
  readonly risk?: PlanFacts['timing']['risk'];
  readonly approach?: string;
}

describe('now or later', () => {
  test.each<[string, PlanCase, Inspection, Expected]>([
    ['nothing looked at', inBark(1), {}, { verdict: 'look first', code: 'not looked at' }],
    ['new tips just showing', inBark(2), { tips: 'starting', liveRootsPct: 75 }, { verdict: 'go', code: 'root tips' }],
    ['tips long already', inBark(1), { tips: 'long' }, { verdict: 'go', code: 'long tips' }],
    [
      'tips long already on fussy roots',
      { ...moth, genus: 'miltoniopsis' },
      { tips: 'long' },
      { verdict: 'wait', code: 'long tips of fussy roots' },
    ],
    ['no tips, no shoot', inBark(1), quiet, { verdict: 'wait', code: 'no sign', risk: 'little' }],
    [
      'no tips, no shoot, and the pieces crumble',
      inBark(1),
      { ...quiet, condition: 'breaking down' },
      { verdict: 'go', code: 'broken-down medium' },
    ],
    [
      'six years old, and still sound',
      inBark(6),
      { ...quiet, condition: 'sound' },
      { verdict: 'wait', code: 'no sign' },
    ],
    [
      'a mouldy smell, whatever the pieces look like',
      inBark(1),
      { ...quiet, condition: 'sound', smell: 'mouldy' },
      { verdict: 'go', code: 'broken-down medium' },
    ],
    [
      'a sour smell and half of the roots dead',
      inBark(1),
      { ...quiet, smell: 'sour or rotten', liveRootsPct: 50 },
      { verdict: 'go at once', code: 'souring medium' },
    ],
    [
      'mud, and wrinkled bulbs',
      inBark(1, spray),
      { ...quiet, condition: 'gone sour', bulbs: 'wrinkled' },
      { verdict: 'go at once', code: 'souring medium' },
    ],
    [
      'wrinkled bulbs in a sound medium',
      inBark(1, spray),
      { ...quiet, bulbs: 'wrinkled' },
      { verdict: 'wait', code: 'no sign' },
    ],
    [
      'no live root, no tip',
      inBark(2),
      { ...quiet, liveRootsPct: 0 },
      { verdict: 'go at once', code: 'failing roots', approach: 'recovery in moss' },
    ],
    [
      'a few live roots, no tip',
      inBark(2),
      { ...quiet, liveRootsPct: 15 },
      { verdict: 'go at once', code: 'failing roots', approach: 'recovery in moss' },
    ],
    [
      'a few live roots, and new tips',
      inBark(2),
      { tips: 'starting', liveRootsPct: 15 },
      { verdict: 'go', code: 'root tips' },
    ],
    [
      'in bloom',
      inBark(1),
      { ...quiet, season: 'in bud or bloom' },
      { verdict: 'wait', code: 'in bloom', risk: 'little' },
    ],
    [
      'in bloom, in crumbling bark',
      inBark(1),
      { ...quiet, season: 'in bud or bloom', condition: 'breaking down', liveRootsPct: 95 },
      { verdict: 'wait', code: 'in bloom', risk: 'medium is spent' },
    ],
    [
      'in bloom, and new tips',
      inBark(1),
      { tips: 'starting', season: 'in bud or bloom' },
      { verdict: 'go', code: 'root tips' },
    ],
    [
      'in bloom, in sound pumice',
      inPumice,
      { ...quiet, season: 'in bud or bloom', condition: 'sound' },
      { verdict: 'go', code: 'ball untouched' },
    ],
    [
      'pumice soured by dead roots',
      inPumice,
      { ...quiet, smell: 'sour or rotten', liveRootsPct: 75 },
      { verdict: 'go', code: 'broken-down medium' },
    ],
    ['at rest, in sound pumice', inPumice, { season: 'at rest', shoot: 'none' }, { verdict: 'wait', code: 'resting' }],
    ['at rest', oneLeaf, { season: 'at rest', ...quiet }, { verdict: 'wait', code: 'resting' }],
    [
      'a shoot just starting',
      oneLeaf,
      { shoot: 'starting', season: 'growing' },
      { verdict: 'wait', code: 'shoot just starting' },
    ],
    [
      'a shoot half grown',
      oneLeaf,
      { shoot: 'half grown', season: 'growing' },
      { verdict: 'go', code: 'shoot about to root' },
    ],
    ['a shoot making roots', oneLeaf, { shoot: 'rooting' }, { verdict: 'go', code: 'shoot about to root' }],
    [
      'leafless and asleep',
      { ...oneLeaf, genus: 'catasetum', month: 1 },
      { season: 'leaves shed', liveRootsPct: 0 },
      { verdict: 'go', code: 'asleep' },
    ],
    ['no pot any more', inBark(1), { ...quiet, reasons: ['pot broken'] }, { verdict: 'go at once', code: 'no pot' }],
    [
      'rot on the stem, in bloom',
      inBark(1),
      { rot: true, season: 'in bud or bloom' },
      { verdict: 'go at once', code: 'rot' },
    ],
    ['a soft bulb', inBark(1, spray), { ...quiet, bulbs: 'soft or oozing' }, { verdict: 'go at once', code: 'rot' }],
    [
      'a slipper in sour soil, half its roots brown and hollow',
      { ...slipper, current: { mediumId: 'bark-3-6', yearsInMedium: 2 } },
      { ...quiet, smell: 'sour or rotten', liveRootsPct: 50 },
      { verdict: 'go at once', code: 'souring medium' },
    ],
    [
      'only because it is time, with nothing to see',
      inBark(1),
      { reasons: ['routine'], ...quiet, condition: 'sound', smell: 'fresh', liveRootsPct: 95, pests: [], rot: false },
      { verdict: 'wait', code: 'no sign', risk: 'little' },
    ],
  ])('%s', (_name, planCase, seen, expected) => {
    const { approach, ...timing } = expected;
    expect(decideTiming(resolveCase(withInspection(planCase, seen)))).toMatchObject(timing);
    if (approach !== undefined) expect(answerTo(planCase, seen).setups[0]!.spec.approach).toBe(approach);
  });
});

describe('what it goes into', () => {
  const rimOf = ({ setups }: PlanFacts): number => {
    const { vessel } = setups.find(({ spec }) => spec.vessel.kind === 'pot')!.spec;
    return vessel.kind === 'pot' ? vessel.rimDiameterCm : 0;
  };
  const coarsestMm = ({ setups }: PlanFacts): number =>
    Math.max(
      ...setups[0]!.spec.layers
        .filter(({ role }) => role === 'main')
        .flatMap(({ mix }) => mix.map(({ mediumId }) => mediumById(mediumId).d90Mm)),
    );

  test('a pot hard as a rock needs a wider one than a pot that flexes', () => {
    const [hard, flexes] = (['hard as a rock', 'flexes'] as const).map((squeeze) =>
      rimOf(answerTo(inBark(2), { squeeze, tips: 'starting' })),
    );
    expect(hard).toBeGreaterThan(flexes!);
  });

  test('more shoots counted, a pot no narrower', () => {
    const rims = [2, 5, 12].map((shootCount) => rimOf(answerTo(oneLeaf, { shootCount, shoot: 'half grown' })));
    expect(rims).toEqual([...rims].sort((a, b) => a - b));
    expect(rims[2]).toBeGreaterThan(rims[0]!);
  });

  test('thin roots, finer pieces', () => {
    const [thin, thick] = [1, 5].map((rootDiameterMm) =>
      coarsestMm(answerTo(oneLeaf, { rootDiameterMm, shoot: 'half grown' })),
    );
    expect(thin).toBeLessThan(thick!);
  });

  test('two plants counted, a wider pot', () => {
    const [one, two] = [1, 2].map((plantCount) => rimOf(answerTo(spray, { plantCount, tips: 'starting' })));
    expect(two).toBeGreaterThan(one!);
  });

  test('with few live roots and no tips nothing that leads stands in water', () => {
    const { spec } = answerTo(inBark(2), { ...quiet, liveRootsPct: 15 }).setups[0]!;
    expect(spec.vessel.kind === 'pot' && keepsWater(spec.vessel.potKindId)).toBe(false);
  });

  test('what wobbles is told of, whatever else is found', () => {
    expect(answerTo(inBark(1), { reasons: ['wobbles'], tips: 'starting' }).timing.isLoose).toBe(true);
  });
});

describe('what is done before it goes anywhere', () => {
  test.each<[Inspection, readonly string[]]>([
    [{ pests: ['mealybug'], sheaths: 'dry ones' }, ['keep apart', 'strip sheaths', 'pests']],
    [{ rot: true, liveRootsPct: 50 }, ['keep apart', 'brown may live', 'cut dead roots', 'cut rot']],
    [{ reasons: ['salt crust', 'wobbles'] }, ['flush salt', 'hold fast']],
    [{ plantCount: 2 }, ['several plants']],
    [{ liveRootsPct: 95, pests: [], rot: false, sheaths: 'taken off' }, []],
  ])('%j', (seen, codes) => {
    expect(toDoAfter(seen, { rootsBranch: true }).map(({ code }) => code)).toEqual(codes);
  });
});
