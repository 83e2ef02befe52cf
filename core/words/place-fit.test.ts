import type { BetterPlace, PlaceFit } from '../advise';
import { metricWords } from './phrasing/format';
import { wordPlaceFit } from './place-fit';

const hotNights: PlaceFit = {
  verdict: 'does not suit',
  months: [],
  worstMonth: 6,
  cause: { code: 'hot nights', thereC: 22, wantedC: 16 },
  lightShare: 1,
  badness: 0.7,
};
const cellar: BetterPlace = { id: 'cellar', name: 'Larch Cellar room', verdict: 'suits' };

test('the place, the worst month, another place, and what helps', () => {
  const { headline, sentence } = wordPlaceFit(hotNights, 'Kiln Lane flat', [cellar], metricWords);
  expect(headline).toBe('Kiln Lane flat does not suit it');
  expect(sentence).toMatch(
    /^Nights in July are 22 °C; it wants them down to 16 °C\. Larch Cellar room suits it better\. Open a window/,
  );
});

test('a place called in small letters begins its sentence with a capital', () => {
  const { headline, sentence } = wordPlaceFit(hotNights, 'my sill', [{ ...cellar, name: 'my cellar' }], metricWords);
  expect(headline).toBe('My sill does not suit it');
  expect(sentence).toContain(' My cellar suits it better.');
});

test('in degrees Fahrenheit too, and without another place', () => {
  const { sentence } = wordPlaceFit(hotNights, 'Flat', [], { length: 'inch', temperature: 'F' });
  expect(sentence).toMatch(/^Nights in July are 72 °F; it wants them down to 61 °F\. Open/);
});

test('the light of the year names no month; what suits needs no words', () => {
  const dark: PlaceFit = {
    ...hotNights,
    worstMonth: null,
    cause: { code: 'too dark', thereMol: 0.68, wantedMol: 8 },
  };
  expect(wordPlaceFit(dark, 'Bathroom', [], metricWords).sentence).toMatch(
    /^In its bright months it gets about 0\.7 mol\/m² of light a day; it wants 8 at least\. A lamp/,
  );
  const fine: PlaceFit = { ...dark, verdict: 'suits', cause: null, badness: 0 };
  expect(wordPlaceFit(fine, 'Flat', [], metricWords)).toMatchObject({ headline: 'Flat suits it', sentence: '' });
});
