import { findTowns, plainName } from './find-towns';

const first = (text: string) => findTowns(text)[0]?.name ?? null;

test.each([
  ['Göteborg', 'Göteborg'],
  ['goteborg', 'Göteborg'],
  ['Gohtenburg', 'Göteborg'],
  ['München', 'Munich'],
  ['Munchen', 'Munich'],
  ['wien', 'Vienna'],
  ['Cologne', 'Köln'],
  ['sao paolo', 'São Paulo'],
  ['CHIANG MAI', 'Chiang Mai'],
  ['New York', 'New York City'],
  ['Bogota', 'Bogotá'],
])('%s is found as %s', (typed, name) => expect(first(typed)).toBe(name));

test('a country after a comma decides between namesakes; one that fits none of them hides none', () => {
  expect(findTowns('Cuenca, Spain')[0]).toMatchObject({ countryCode: 'ES' });
  expect(findTowns('Cuenca, Ecuador')[0]).toMatchObject({ countryCode: 'EC' });
  expect(findTowns('Cuenca, Nowhere')[0]).toMatchObject({ name: 'Cuenca' });
});

test('at most eight, the likeliest first, each once, with a place on the earth', () => {
  const found = findTowns('san');
  expect(found).toHaveLength(8);
  expect(new Set(found.map(({ latitudeDeg, longitudeDeg }) => `${latitudeDeg} ${longitudeDeg}`)).size).toBe(8);
  for (const { latitudeDeg, longitudeDeg } of found) {
    expect(Math.abs(latitudeDeg)).toBeLessThanOrEqual(90);
    expect(Math.abs(longitudeDeg)).toBeLessThanOrEqual(180);
  }
});

test('nothing, signs alone and nonsense find nothing', () => {
  for (const text of ['', '  ', ',,', '…', 'qqzzxxy']) expect(findTowns(text)).toEqual([]);
});

test('names are compared without accents, signs and capitals', () => {
  expect(plainName("L'Hospitalet de Llobregat")).toBe('lhospitaletdellobregat');
  expect(plainName('Großenhain')).toBe('grossenhain');
  expect(plainName('Łódź')).toBe('lodz');
});
