import { mainLayer, type PlanCase, realise, type SetupSpec, specId, typicalRootBallCm } from '../../case';
import { mediumById } from '../../catalogue/media';
import { makePot, potKindById } from '../../catalogue/vessels';
import { fillPot } from './fill';
import { switchRootMm } from './grade';
import { contextOf } from './context';
import { growthOf } from './growing';
import { liveBallCm } from './live-ball';
import { chooseSize, neededWidthCm, potsToTry, sizesTried, widthNeeded, yearsOfRoom } from './size';
import { planCaseSchema, resolveCase } from '../../testing';

const caseOf = (planCase: PlanCase) => contextOf(resolveCase(planCaseSchema.parse(planCase)));
const asked = { genus: 'cattleya-unifoliate', place: 'heated-flat', rootBallDiameterCm: 10 } as const;
const cattleya = caseOf(asked);
const growing = (change: Partial<typeof cattleya.plant.genus>) => {
  const plant = { ...cattleya.plant, genus: { ...cattleya.plant.genus, ...change } };
  const growth = growthOf({ plant, monthIndex: 2, restMonths: [], fit: { lightShare: 1 }, certainty: null });
  return { plant, growth: () => growth };
};

// Common practice, no source, unless said otherwise.
describe('room for growth', () => {
  test.each([
    ['phalaenopsis', 1, 12, 12],
    ['cattleya-unifoliate', 3, 12, 14],
    ['cattleya-bifoliate', 5, 15, 18],
    ['zygopetalum', 4, 13, 15],
    ['coelogyne-warm', 5, 15, 17],
    ['ludisia', 3, 10, 13],
    ['oncidium', 4, 12, 14],
    ['cymbidium', 3, 15, 18],
    ['paphiopedilum', 3, 9, 10],
    ['dendrobium-kingianum', 12, 11, 12],
  ])('%s of %i shoots for two years: %i to %i cm, as growers choose', (genus, shootCount, least, most) => {
    const { rimDiameterCm } = chooseSize(caseOf({ genus, place: 'heated-flat', shootCount }), 'plastic-round', 2);
    expect(rimDiameterCm).toBeGreaterThanOrEqual(least);
    expect(rimDiameterCm).toBeLessThanOrEqual(most);
  });

  test('longer steps, more generations a year and more years want more room; the parts make the whole', () => {
    const inTwo = (change: Partial<typeof cattleya.plant.genus>) => neededWidthCm(growing(change), 2);
    expect(inTwo({ rhizomeStepCm: 4 })).toBeGreaterThan(inTwo({}) + 1);
    expect(inTwo({ shootsPerYear: 3 })).toBeGreaterThan(inTwo({}) + 1);
    const byYears = [0, 1, 2, 3, 4].map((years) => neededWidthCm(cattleya, years));
    byYears.slice(1).forEach((needed, i) => expect(needed).toBeGreaterThan(byYears[i]!));
    const parts = widthNeeded(cattleya, 2);
    expect(parts.liveBallCm + parts.growthCm + parts.marginCm).toBeCloseTo(neededWidthCm(cattleya, 2), 9);
    expect(parts.marginCm).toBe(1.5);
  });

  test('whoever wants to be surer takes a wider pot', () => {
    const sure = (certaintyPct: number) =>
      neededWidthCm(caseOf({ genus: 'cattleya-unifoliate', place: 'heated-flat', certaintyPct }), 3);
    expect(sure(70)).toBeGreaterThan(sure(50));
    expect(sure(90)).toBeGreaterThan(sure(70) + 0.5);
  });

  test('in poor light, and with few roots, it grows less and wants less room', () => {
    const slow = (lightShare: number, liveRootShare: number) => {
      const plant = { ...cattleya.plant, liveRootShare };
      const ball = { ...plant, rootBallDiameterCm: plant.rootBallDiameterCm };
      const growth = growthOf({ plant: ball, monthIndex: 2, restMonths: [], fit: { lightShare }, certainty: null });
      return neededWidthCm({ plant, growth: () => growth }, 3) - liveBallCm(plant);
    };
    expect(slow(0.4, 0.9)).toBeLessThan(slow(1, 0.9) - 1);
    expect(slow(1, 0.4)).toBeLessThan(slow(1, 0.9) - 1);
  });

  test('more shoots, taller plants and longer steps make a larger ball, without a jump', () => {
    const ballOf = (change: Partial<typeof cattleya.plant.genus>, shoots = 4) =>
      typicalRootBallCm({ ...cattleya.plant.genus, ...change }, shoots);
    for (const sizes of [
      [1, 2, 4, 8, 16, 32].map((shoots) => ballOf({}, shoots)),
      [2, 5, 10, 20, 40, 80].map((heightCm) => ballOf({ heightCm })),
      [0.5, 2, 3, 5, 8].map((rhizomeStepCm) => ballOf({ rhizomeStepCm })),
    ]) {
      sizes.slice(1).forEach((size, i) => expect(size).toBeGreaterThanOrEqual(sizes[i]!));
      expect(sizes[sizes.length - 1]!).toBeGreaterThan(sizes[0]!);
    }
  });

  test('long rhizomes need more room than clumps', () => {
    const clump = caseOf({ genus: 'masdevallia', place: 'cool-shade', rootBallDiameterCm: 10 });
    expect(widthNeeded(cattleya, 3).growthCm).toBeGreaterThan(3 * widthNeeded(clump, 3).growthCm);
  });

  test('two years in organic media, three in inorganic, or as many as are wanted', () => {
    const bark = [{ medium: mediumById('bark-6-12'), parts: 1 }];
    const pumice = [{ medium: mediumById('pumice-3-6'), parts: 1 }];
    expect(yearsOfRoom(bark, null)).toBe(2);
    expect(yearsOfRoom(pumice, null)).toBe(3);
    expect(yearsOfRoom(pumice, 5)).toBe(5);
  });

  test('the smallest pot with the room is taken; where none has it, the largest, and it says so', () => {
    const choice = chooseSize(cattleya, 'plastic-round', 2);
    expect(choice).toMatchObject({ rimDiameterCm: 15, isTight: false });
    expect(choice.rimDiameterCm).toBeGreaterThanOrEqual(choice.neededCm);
    const sizes = potKindById('net-pot').rimDiametersCm;
    expect(chooseSize(cattleya, 'net-pot', 2)).toMatchObject({ rimDiameterCm: sizes[sizes.length - 1], isTight: true });
  });

  test('schools: small steps take the smaller pot, one big pot the larger; what the grower asks beats both', () => {
    const bark = [{ medium: mediumById('bark-6-12'), parts: 1 }];
    expect(yearsOfRoom(bark, null, { steps: 'small-steps' })).toBe(1);
    expect(yearsOfRoom(bark, null, { steps: 'one-big' })).toBe(4);
    expect(yearsOfRoom(bark, 3, { steps: 'one-big' })).toBe(3);
  });

  test('dead roots take no room: the ball shrinks with the third root of what is alive, against what is usual', () => {
    const poor = caseOf({
      genus: 'cattleya-unifoliate',
      place: 'heated-flat',
      rootBallDiameterCm: 10,
      liveRootsPct: 50,
    });
    expect(liveBallCm(poor.plant)).toBeCloseTo(10 * Math.cbrt(0.5 / 0.85), 9);
  });

  test('from the grower’s own shelf only the pots on it are tried, with their own measures', () => {
    const own = [
      { potKindId: 'clay-unglazed', rimDiameterCm: 11, count: 2 },
      { potKindId: 'clay-unglazed', rimDiameterCm: 18, heightCm: 12, count: 1 },
      { potKindId: 'plastic-round', rimDiameterCm: 20, count: 1 },
    ];
    expect(potsToTry(caseOf({ ...asked, ownPots: own }), 'clay-unglazed', 2, sizesTried({ steps: 'open' }))).toEqual([
      { kind: 'pot', potKindId: 'clay-unglazed', rimDiameterCm: 18, heightCm: 12 },
    ]);
    expect(potsToTry(caseOf({ ...asked, ownPots: own }), 'net-pot', 2, 2)).toEqual([]);
  });

  test('no pot is wider than the shelf has room for; where it needs one, the widest that fits is tried', () => {
    const rims = (shelfRoomCm: number, years: number) =>
      potsToTry(caseOf({ ...asked, shelfRoomCm }), 'plastic-round', years, 2).map(({ rimDiameterCm }) => rimDiameterCm);
    expect(rims(60, 2)).toEqual(potsToTry(cattleya, 'plastic-round', 2, 2).map(({ rimDiameterCm }) => rimDiameterCm));
    expect(rims(13, 1)).toEqual([12, 13]);
    expect(rims(12, 4)).toEqual([12]);
  });

  test('whoever takes small steps is offered the smallest pot with the room only', () => {
    const rims = (steps: string) =>
      potsToTry(cattleya, 'plastic-round', 1, sizesTried({ steps })).map(({ rimDiameterCm }) => rimDiameterCm);
    expect(rims('small-steps')).toEqual([12]);
    expect(rims('one-big')).toEqual([12, 13]);
  });

  test('in a square pot the diagonal gives a runner room', () => {
    expect(neededWidthCm(cattleya, 3, 'square')).toBeLessThan(neededWidthCm(cattleya, 3) - 1);
    const square = chooseSize(cattleya, 'plastic-square', 3);
    expect(square.rimDiameterCm).toBeGreaterThanOrEqual(square.neededCm);
    expect(square.neededCm).toBe(neededWidthCm(cattleya, 3, 'square'));
  });
});

describe('filling a pot', () => {
  const round14 = { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 14 } as const;

  test('layers end a finger under the rim, crocking below where it is wanted', () => {
    const mix = [{ mediumId: 'bark-6-12', parts: 1 }];
    const flat = fillPot(round14, mix, 0.15, null);
    expect(flat.map((layer) => layer.role)).toEqual(['crocking', 'main']);
    expect(flat.reduce((sum, layer) => sum + layer.heightCm, 0)).toBeCloseTo(
      makePot('plastic-round', 14).heightCm - 1,
      1,
    );
    expect(fillPot(round14, mix, 0, null).map((layer) => layer.role)).toEqual(['main']);
  });

  test('crocking is coarser than what lies on it', () => {
    for (const mediumId of ['bark-2-4', 'bark-6-12', 'pumice-3-6', 'fired-clay-5-10']) {
      const [crocking, main] = fillPot(round14, [{ mediumId, parts: 1 }], 0.15, null);
      expect(mediumById(crocking!.mix[0]!.mediumId).d10Mm).toBeGreaterThanOrEqual(
        mediumById(main!.mix[0]!.mediumId).d90Mm * 0.8,
      );
    }
  });

  test('a top dressing takes its height from the main layer', () => {
    const layers = fillPot(round14, [{ mediumId: 'bark-6-12', parts: 1 }], 0.15, {
      mediumId: 'gravel-4-8',
      heightCm: 1,
    });
    expect(layers[2]).toMatchObject({ role: 'top dressing', heightCm: 1 });
  });
});

describe('a setup as written down', () => {
  const spec: SetupSpec = {
    approach: 'wick reservoir',
    vessel: { kind: 'pot', potKindId: 'wick-pot', rimDiameterCm: 15, wickCount: 3 },
    layers: [{ role: 'main', mix: [{ mediumId: 'pumice-3-6', parts: 1 }], heightCm: 12 }],
  };

  test('keeps the grower’s own number of wicks', () => {
    const setup = realise(spec);
    expect(setup.kind === 'pot' && setup.pot.reservoir).toMatchObject({ kind: 'wicks', wickCount: 3 });
  });

  test('has one id for one setup', () => {
    expect(specId(spec)).toBe(specId(structuredClone(spec)));
    expect(specId({ ...spec, vessel: { ...spec.vessel, rimDiameterCm: 18 } as SetupSpec['vessel'] })).not.toBe(
      specId(spec),
    );
  });

  test('without a main layer is refused, with an unknown pot answered with the known ones', () => {
    expect(() => mainLayer({ ...spec, layers: [] })).toThrow(/one main layer/);
    expect(() => realise({ ...spec, vessel: { kind: 'pot', potKindId: 'bucket', rimDiameterCm: 12 } })).toThrow(
      /plastic-round/,
    );
  });
});

test('grades switch where both fit equally: at the geometric mean of their sizes over the middle ratio', () => {
  const rootMm = switchRootMm(8, 18);
  expect((rootMm * Math.sqrt(2.5 * 3.5)) ** 2).toBeCloseTo(8 * 18, 9);
});
