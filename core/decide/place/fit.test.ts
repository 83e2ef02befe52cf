import { genusById, genusIds } from '../../catalogue/genera';
import { demoPlaces } from '../../catalogue/places';
import { constantPlace, type Place } from '../../physics/places';
import { betterPlaces, placeFit } from './fit';

const placeOf = (id: string): Place => demoPlaces.find((place) => place.id === id)!;
const room = (temperatureC: number, relativeHumidityPct = 60, lightWattsPerM2 = 30): Place =>
  constantPlace({ temperatureC, relativeHumidityPct, airflow: 'still room', lightHours: 12, lightWattsPerM2 });

// All: common practice, no source.
describe('as growers would say', () => {
  test.each([
    ['phalaenopsis', 'heated-flat', 'suits'],
    ['phalaenopsis', 'cool-shade', 'does not suit', 'cold'],
    ['masdevallia', 'heated-flat', 'does not suit', 'hot nights'],
    ['masdevallia', 'cool-shade', 'suits'],
    ['masdevallia', 'monsoon-balcony', 'does not suit', 'hot days'],
    ['vanda', 'humid-terrace', 'suits'],
    ['vanda', 'heated-flat', 'does not suit', 'dry air'],
    ['cattleya-unifoliate', 'bathroom', 'does not suit', 'too dark'],
    ['cattleya-unifoliate', 'heated-flat', 'with care', 'dry air'],
    ['ludisia', 'humid-terrace', 'with care', 'too bright'],
    ['oncidium-equitant', 'humid-terrace', 'suits'],
  ])('%s in %s: %s', (genus, place, verdict, cause: string | null = null) => {
    const fit = placeFit(genusById(genus), placeOf(place));
    expect([fit.verdict, fit.cause?.code ?? null]).toEqual([verdict, cause]);
    expect(fit.badness > 0).toBe(verdict !== 'suits');
  });
});

test('every genus has a demo place that suits it, but for those that want frost, and one that does not', () => {
  for (const id of genusIds) {
    const verdicts = demoPlaces.map((place) => placeFit(genusById(id), place).verdict);
    expect(verdicts).toContain('does not suit');
    expect(verdicts.some((verdict) => verdict !== 'does not suit')).toBe(true);
  }
});

test('cool growers are told of a hot flat, warm growers of a cold yard: in the worst month', () => {
  for (const id of genusIds) {
    const genus = genusById(id);
    const [hot, cold] = [placeFit(genus, room(31)), placeFit(genus, room(4))];
    if (genus.temperature !== 'warm') expect(hot.verdict).toBe('does not suit');
    if (genus.temperature === 'warm' || genus.temperature === 'intermediate')
      expect(cold).toMatchObject({ verdict: 'does not suit', cause: { code: 'cold' } });
  }
  expect(placeFit(genusById('masdevallia'), placeOf('heated-flat')).worstMonth).toBe(6);
});

test('hardy kinds want a cold winter, and hill plants bear warm days and cool nights', () => {
  const bletilla = genusById('bletilla');
  expect(placeFit(bletilla, placeOf('slate-yard')).verdict).not.toBe('does not suit');
  expect(placeFit(bletilla, room(19))).toMatchObject({
    verdict: 'does not suit',
    cause: { code: 'no winter' },
    worstMonth: null,
  });
  expect(placeFit(genusById('cymbidium'), placeOf('southern-porch')).verdict).not.toBe('does not suit');
  expect(placeFit(genusById('masdevallia'), placeOf('southern-porch')).verdict).toBe('does not suit');
});

test('no jumps: a degree, a point of humidity or a little light moves the badness by little', () => {
  const genus = genusById('masdevallia');
  for (const [from, to, step, at] of [
    [0, 34, 0.1, (value: number) => room(value)],
    [10, 95, 0.5, (value: number) => room(15, value)],
    [1, 120, 0.5, (value: number) => room(15, 70, value)],
  ] as const) {
    let before: number | null = null;
    for (let value = from; value <= to; value += step) {
      const { badness } = placeFit(genus, at(value));
      if (before !== null) expect(Math.abs(badness - before)).toBeLessThan(0.08);
      before = badness;
    }
  }
});

test('better places come best first, and only better ones', () => {
  const genus = genusById('masdevallia');
  const now = placeFit(genus, placeOf('heated-flat'));
  const better = betterPlaces(genus, now, demoPlaces);
  expect(better[0]!.place.id).toBe('cool-shade');
  expect(better.map(({ fit }) => fit.verdict)).not.toContain('does not suit');
  expect(betterPlaces(genus, placeFit(genus, placeOf('cool-shade')), demoPlaces)).toEqual([]);
});
