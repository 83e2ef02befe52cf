import { celsiusToFahrenheit, cmToInch, fahrenheitToCelsius, inchToCm } from '../base';
import { cm, days, joinAnd, litres, metricWords, mm, mmRange, number, percent, temperature } from './phrasing/format';
import { planInWords } from '../testing';

const imperial = { length: 'inch', temperature: 'F' } as const;

test('lengths and temperatures in both systems', () => {
  expect(cm(12, metricWords)).toBe('12 cm');
  expect(cm(12.7, imperial)).toBe('5 in');
  expect(mm(4.5, metricWords)).toBe('4.5 mm');
  expect(mmRange(6.35, 12.7, imperial)).toBe('0.25–0.5 in');
  expect(temperature(20, metricWords)).toBe('20 °C');
  expect(temperature(20, imperial)).toBe('68 °F');
});

test('conversions undo each other', () => {
  expect(fahrenheitToCelsius(celsiusToFahrenheit(17.3))).toBeCloseTo(17.3, 12);
  expect(inchToCm(cmToInch(17.3))).toBeCloseTo(17.3, 12);
});

test('numbers as growers read them', () => {
  expect(percent(0.256)).toBe('26 %');
  expect(days(0)).toBe('1 hour');
  expect(days(0.1)).toBe('2 hours');
  expect(days(0.5)).toBe('12 hours');
  expect(days(0.75)).toBe('1 day');
  expect(days(1)).toBe('1 day');
  expect(days(2.4)).toBe('2.5 days');
  expect(days(6.6)).toBe('7 days');
  expect(litres(0.456)).toBe('0.46 L');
  expect(number(1234.56, 0)).toBe('1,235');
  expect([number(-0.04), number(-0.06)]).toEqual(['0', '-0.1']);
  expect(joinAnd(['a', 'b', 'c'])).toBe('a, b and c');
});

test('a plan can be worded in inches and °F, and its sentences then hold no centimetres', () => {
  const answer = planInWords(
    { genus: 'zygopetalum', place: 'heated-flat', routine: { kind: 'every', days: 4 } },
    imperial,
  );
  for (const setup of answer.setups) {
    expect(setup.vesselText).toMatch(/ in/);
    for (const reason of setup.reasons.filter(({ code }) => code === 'size' || code === 'pieces' || code === 'depth')) {
      expect(reason.sentence).not.toMatch(/\d (cm|mm)/);
    }
  }
});
