import { type PlanCase, resolveCase } from '../case';
import { demoPlaces } from '../catalogue/places';
import type { Place } from '../physics/places';
import { decideTiming, type Timing } from './timing';

const flat = {
  genus: 'phalaenopsis',
  place: 'heated-flat',
  current: { mediumId: 'bark-6-12', yearsInMedium: 1 },
} as const;
const timingOf = (planCase: PlanCase): Timing => decideTiming(resolveCase(planCase));

// All: common practice, no source.
test.each([
  [{ tips: 'starting' }, 'go', 'root tips'],
  [{ tips: 'long' }, 'go', 'long tips'],
  [{ shoot: 'starting' }, 'wait', 'shoot just starting'],
  [{ shoot: 'half grown' }, 'go', 'shoot about to root'],
  [{ shoot: 'rooting' }, 'go', 'shoot about to root'],
  [{ inBloom: true }, 'wait', 'in bloom'],
  [{ resting: true }, 'wait', 'resting'],
  [{ tips: 'none', shoot: 'none' }, 'wait', 'no sign'],
  [{ noPot: true }, 'go at once', 'no pot'],
  [{ rot: true }, 'go at once', 'rot'],
  [{}, 'look first', 'not looked at'],
] as const)('%j: %s (%s)', (signs, verdict, code) => {
  const timing = timingOf({ ...flat, signs });
  expect(timing).toMatchObject({ verdict, code });
  expect(timing.sign !== null).toBe(verdict === 'wait');
  expect(timing.risk !== null).toBe(verdict === 'wait');
});

describe('signs have an order', () => {
  const urgent = { rot: true, inBloom: true, resting: true, tips: 'none' } as const;
  test('rot comes before bloom and rest', () => {
    expect(timingOf({ ...flat, signs: urgent }).code).toBe('rot');
  });
  test('a spent medium that goes backwards comes before bloom', () => {
    const spent = { ...flat, current: { mediumId: 'bark-6-12', yearsInMedium: 6 }, signs: { inBloom: true } } as const;
    expect(timingOf({ ...spent, liveRootsPct: 40 })).toMatchObject({ verdict: 'go at once', code: 'souring medium' });
    // While the plant holds its own, the flowers may finish; but what waiting risks is said.
    expect(timingOf(spent)).toMatchObject({ verdict: 'wait', risk: 'medium is spent' });
  });
  test('root tips come before bloom', () => {
    expect(timingOf({ ...flat, signs: { tips: 'starting', inBloom: true } }).code).toBe('root tips');
  });
  test('a ball that moves untouched comes before bloom, not before rest', () => {
    const stone = { ...flat, genus: 'oncidium', current: { mediumId: 'pumice-3-6', yearsInMedium: 4 } } as const;
    expect(timingOf({ ...stone, signs: { inBloom: true } })).toMatchObject({ verdict: 'go', code: 'ball untouched' });
    expect(timingOf({ ...stone, signs: { resting: true } }).verdict).toBe('wait');
  });
});

describe('the medium as it was found counts for more than its age', () => {
  const quiet = { ...flat, signs: { tips: 'none', shoot: 'none' } } as const;
  const found = (yearsInMedium: number, condition: 'sound' | 'breaking down' | 'gone sour', mediumId = 'bark-6-12') =>
    timingOf({ ...quiet, current: { mediumId, yearsInMedium, condition } } as PlanCase);
  test('young and broken down, or old and sound', () => {
    expect(found(1, 'gone sour')).toMatchObject({ verdict: 'go', code: 'broken-down medium' });
    expect(found(1, 'breaking down')).toMatchObject({ verdict: 'go', code: 'broken-down medium' });
    expect(found(6, 'sound')).toMatchObject({ verdict: 'wait', risk: 'little' });
  });
  test('dead roots sour what is inorganic, too', () => {
    expect(found(4, 'sound', 'pumice-3-6')).toMatchObject({ code: 'ball untouched' });
    expect(found(4, 'gone sour', 'pumice-3-6')).toMatchObject({ code: 'broken-down medium' });
  });
  test('sour, and the plant goes backwards: at once, though nobody knows the medium', () => {
    const sour = { ...quiet, current: { condition: 'gone sour' }, liveRootsPct: 40 } as const;
    expect(timingOf(sour)).toMatchObject({ verdict: 'go at once', code: 'souring medium' });
  });
});

test('rotten organic medium does not wait for a sign', () => {
  const old = {
    ...flat,
    signs: { tips: 'none', shoot: 'none' },
    current: { mediumId: 'bark-6-12', yearsInMedium: 6 },
  } as const;
  expect(timingOf(old)).toMatchObject({ verdict: 'go', code: 'broken-down medium' });
});

test('long roots of a fussy plant are not risked', () => {
  expect(timingOf({ ...flat, genus: 'miltoniopsis', signs: { tips: 'long' } })).toMatchObject({
    verdict: 'wait',
    sign: 'the next root tips',
  });
});

test('deciduous plants with bulbs are potted asleep, roots or none', () => {
  const asleep = { genus: 'catasetum', place: 'glasshouse', liveRootsPct: 0, signs: { leavesShed: true } } as const;
  expect(timingOf(asleep)).toMatchObject({ verdict: 'go', code: 'asleep' });
});

describe('asleep and waking are not failing (common practice, no source)', () => {
  const rootless = { place: 'glasshouse', liveRootsPct: 5 } as const;
  const deadRootsByNature = ['catasetum', 'calanthe-deciduous', 'pleione'] as const;
  test.each(deadRootsByNature)('%s with a short shoot and no roots wakes: potted now, kept dry', (genus) => {
    const waking = timingOf({ ...rootless, genus, signs: { shoot: 'starting', tips: 'none' } });
    expect(waking).toMatchObject({ verdict: 'go', code: 'waking' });
    expect(timingOf({ ...rootless, genus, signs: { shoot: 'starting', leavesShed: false } }).code).toBe(
      'failing roots',
    );
    expect(timingOf({ ...rootless, genus, signs: { shoot: 'half grown', tips: 'none' } }).code).toBe('failing roots');
  });
  test.each(['cypripedium', 'bletilla'] as const)('%s sleeps just moist', (genus) => {
    expect(timingOf({ ...rootless, genus, signs: { leavesShed: true } }).code).toBe('asleep, kept moist');
    const waking = { leavesShed: true, shoot: 'starting' } as const;
    expect(timingOf({ ...rootless, genus, signs: waking }).code).toBe('waking, kept moist');
  });
  test('a kind that keeps its leaves and has lost its roots fails, whatever shoots', () => {
    const lost = { ...rootless, genus: 'oncidium', signs: { shoot: 'starting', tips: 'none' } } as const;
    expect(timingOf(lost)).toMatchObject({ verdict: 'go at once', code: 'failing roots' });
  });
});

describe('what is fresh is left alone, what cannot drink is not (common practice, no source)', () => {
  const fresh = { mediumId: 'bark-6-12', yearsInMedium: 0.17 } as const;
  test('potted two months ago, tips or none: it waits, unless something is wrong', () => {
    for (const signs of [{ tips: 'starting' }, { tips: 'long' }, { shoot: 'half grown' }, {}] as const)
      expect(timingOf({ ...flat, current: fresh, signs })).toMatchObject({ verdict: 'wait', code: 'fresh medium' });
    expect(timingOf({ ...flat, current: fresh, signs: { rot: true } }).code).toBe('rot');
    expect(timingOf({ ...flat, current: fresh, signs: { noPot: true } }).code).toBe('no pot');
    expect(timingOf({ ...flat, current: fresh, signs: { tips: 'starting', wobbles: true } }).code).toBe('root tips');
    expect(timingOf({ ...flat, current: { ...fresh, condition: 'gone sour' }, signs: { tips: 'none' } }).code).not.toBe(
      'fresh medium',
    );
    expect(timingOf({ ...flat, current: { ...fresh, yearsInMedium: 1 }, signs: { tips: 'starting' } }).verdict).toBe(
      'go',
    );
  });
  test('asleep as well: it was potted for this sleep', () => {
    const asleep = { genus: 'catasetum', place: 'glasshouse', liveRootsPct: 0, signs: { leavesShed: true } } as const;
    expect(timingOf({ ...asleep, current: fresh }).code).toBe('fresh medium');
    expect(timingOf({ ...asleep, current: { ...fresh, yearsInMedium: 1 } }).code).toBe('asleep');
  });
  test('few roots alive and wrinkled goes now', () => {
    const weak = { genus: 'oncidium', place: 'heated-flat', liveRootsPct: 40, bulbs: 'wrinkled' } as const;
    expect(timingOf({ ...weak, signs: { tips: 'none' } })).toMatchObject({ verdict: 'go', code: 'going backwards' });
    expect(timingOf({ ...weak, signs: { tips: 'none' }, current: fresh }).code).toBe('fresh medium');
    expect(timingOf({ ...weak, bulbs: 'plump', signs: { tips: 'none' } }).verdict).toBe('wait');
  });
  test('an oozing bulb is rot, whoever says so', () => {
    expect(timingOf({ genus: 'oncidium', place: 'heated-flat', bulbs: 'soft or oozing' }).code).toBe('rot');
  });
});

describe('bloom before a half-grown shoot, rest before a spent mix (common practice, no source)', () => {
  const spent = { mediumId: 'bark-6-12', yearsInMedium: 6 } as const;
  test('flowers are not risked for a shoot that roots in some weeks as well', () => {
    expect(timingOf({ ...flat, signs: { inBloom: true, shoot: 'half grown' } }).code).toBe('in bloom');
    expect(timingOf({ ...flat, signs: { inBloom: true, shoot: 'rooting' } }).code).toBe('shoot about to root');
  });
  test('at rest it waits in a spent mix, and is told what that risks; rot does not wait', () => {
    const resting = { ...flat, current: spent, signs: { resting: true, tips: 'none' } } as const;
    expect(timingOf(resting)).toMatchObject({ verdict: 'wait', code: 'resting', risk: 'medium is spent' });
    expect(timingOf({ ...resting, signs: { ...resting.signs, rot: true } }).code).toBe('rot');
  });
});

test('a loose plant is told of, whatever else', () => {
  expect(timingOf({ ...flat, signs: { wobbles: true } }).isLoose).toBe(true);
  expect(timingOf(flat).isLoose).toBe(false);
});

describe('seasons', () => {
  const cattleya = { genus: 'cattleya-unifoliate', place: 'glasshouse' } as const;

  test('the same plant in January and in June', () => {
    expect(timingOf({ ...cattleya, month: 1 })).toMatchObject({ code: 'not looked at, rest months', verdict: 'wait' });
    expect(timingOf({ ...cattleya, month: 6 })).toMatchObject({ code: 'not looked at', verdict: 'look first' });
    expect(timingOf({ genus: 'catasetum', place: 'glasshouse', month: 1 })).toMatchObject({
      code: 'not looked at, leafless months',
      verdict: 'look first',
    });
  });

  test('on the other side of the equator everything is six months later', () => {
    const here = demoPlaces.find((place) => place.id === 'glasshouse')!;
    const turned: Place = {
      ...here,
      id: 'turned',
      latitudeDeg: -here.latitudeDeg,
      months: here.months.map((_, i) => here.months[(i + 6) % 12]!),
    };
    for (let month = 1; month <= 12; month += 1) {
      const { restMonths: north, ...there } = timingOf({ ...cattleya, month });
      const { restMonths: south, ...overThere } = timingOf({
        ...cattleya,
        place: turned,
        month: ((month + 5) % 12) + 1,
      } as PlanCase);
      expect(overThere).toEqual(there);
      expect(south).toEqual(north.map((rest) => (rest + 6) % 12));
    }
  });

  test('where days are all alike the driest months are those of rest; where nothing changes there are none', () => {
    const here = demoPlaces.find((place) => place.id === 'glasshouse')!;
    const alike = here.months.map(() => ({ ...here.months[0]!, lightHours: 12 }));
    const dry = alike.map((month, i) =>
      i >= 6 && i <= 8
        ? { ...month, day: { ...month.day, relativeHumidityPct: 30 } }
        : { ...month, day: { ...month.day, relativeHumidityPct: 80 } },
    );
    const restOf = (months: Place['months']) =>
      timingOf({ ...cattleya, place: { ...here, id: 'lit', months } } as PlanCase).restMonths;
    expect(restOf(dry as Place['months'])).toEqual([6, 7, 8]);
    expect(restOf(alike as Place['months'])).toEqual([]);
  });
});
