/** Rounding, statistics, conversions, provenance and versions, against figures worked by hand. */
import * as z from 'zod';
import {
  celsiusToFahrenheit,
  checkWith,
  cmToInch,
  fahrenheitToCelsius,
  faultCode,
  FaultError,
  faultsOf,
  fromMemory,
  inchToCm,
  meanOf,
  medianOf,
  memory,
  mmToInch,
  numbersOf,
  plain,
  practice,
  provenanceLabel,
  ranges,
  round1,
  roundHalf,
  upgraded,
  upperMedianOf,
  upperMedianOfCounts,
} from '.';

describe('small statistics', () => {
  // NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.5.1: the median of an even number of values is
  // the mean of the two in the middle.
  test.each([
    [[3, 1, 2], 2, 2],
    [[4, 1, 3, 2], 2.5, 3],
    [[5], 5, 5],
    [[1, 1, 1, 100], 1, 1],
  ])('median of %p', (values, median, upper) => {
    expect(medianOf(values)).toBe(median);
    expect(upperMedianOf(values)).toBe(upper);
    const counts = new Map(values.map((value) => [value, values.filter((other) => other === value).length]));
    expect(upperMedianOfCounts(counts)).toBe(upper);
  });

  test('the values are left in their order', () => {
    const values = [3, 1, 2];
    medianOf(values);
    upperMedianOf(values);
    meanOf(values);
    expect(values).toEqual([3, 1, 2]);
  });

  test('of nothing there is no middle', () => {
    expect(upperMedianOf([])).toBeNaN();
    expect(upperMedianOfCounts(new Map())).toBeNaN();
    expect(() => medianOf([])).toThrow();
    expect(() => meanOf([])).toThrow();
  });

  test('mean', () => {
    expect(meanOf([1, 2, 6])).toBe(3);
  });
});

describe('rounding', () => {
  test.each([
    [0.04, 0],
    [0.05, 0.1],
    [12.34, 12.3],
    [-0.25, -0.2],
  ])('%d to one decimal', (value, rounded) => {
    expect(round1(value)).toBeCloseTo(rounded, 12);
  });

  test.each([
    [0.24, 0],
    [0.25, 0.5],
    [9.8, 10],
    [10.7, 10.5],
  ])('%d to halves', (value, rounded) => {
    expect(roundHalf(value)).toBe(rounded);
  });
});

describe('units at the edge', () => {
  // The inch is 25.4 mm and water freezes at 32 °F, boils at 212 °F: by definition.
  test('inches and Fahrenheit', () => {
    expect([cmToInch(2.54), inchToCm(4), mmToInch(25.4)]).toEqual([1, 10.16, 1]);
    expect([0, 100, -40].map(celsiusToFahrenheit)).toEqual([32, 212, -40]);
    expect([32, 212, -40].map(fahrenheitToCelsius)).toEqual([0, 100, -40]);
  });

  test.each([-20, -0.1, 0, 18.3, 50])('%d °C there and back', (temperatureC) => {
    expect(fahrenheitToCelsius(celsiusToFahrenheit(temperatureC))).toBeCloseTo(temperatureC, 10);
  });
});

describe('where a value comes from', () => {
  test('an entry loses its origins and keeps its values, and what has none stays', () => {
    const entry = { id: 'x', width: practice(3), life: memory([1, 2]) };
    expect(plain(entry)).toEqual({ id: 'x', width: 3, life: [1, 2] });
  });

  test('each kind has a label of its own', () => {
    const labels = [
      provenanceLabel(practice(1).provenance),
      provenanceLabel(memory(1).provenance),
      provenanceLabel({ kind: 'published', source: 'A Handbook, 1999' }),
    ];
    expect(new Set(labels).size).toBe(3);
    expect(labels[2]).toMatch(/A Handbook, 1999/);
  });

  test('a table of constants gives its numbers under the same names', () => {
    expect(numbersOf({ A: fromMemory(2, 'cm', 'a width'), B: fromMemory(0, '', 'nothing') })).toEqual({ A: 2, B: 0 });
  });

  test('every range of an input is one: a label, and a least below a most', () => {
    const wrong = Object.entries(ranges).filter(([, { label, min, max }]) => label.length < 4 || !(min < max));
    expect(wrong).toEqual([]);
  });
});

describe('versions', () => {
  const versions = {
    newest: 3,
    upgrades: {
      1: (old: unknown) => ({ ...(old as object), two: true }),
      2: (old: unknown) => ({ ...(old as object), three: true }),
    },
  };

  test.each([
    [1, { one: true, two: true, three: true }],
    [2, { one: true, three: true }],
    [3, { one: true }],
  ])('of version %d: every upgrade from there, in order', (version, value) => {
    expect(upgraded({ one: true }, version, versions)).toEqual({ status: 'ok', value });
  });

  test.each([[0], [4], [1.5], ['1'], [null], [undefined], [Number.NaN]])('%p is no version known here', (version) => {
    expect(upgraded({}, version, versions)).toEqual({ status: 'unknown version' });
  });

  test('a gap in the upgrades is a mistake of ours and says which', () => {
    expect(() => upgraded({}, 1, { newest: 3, upgrades: { 1: (old) => old } })).toThrow(/from version 2 to 3/);
  });
});

describe('faults', () => {
  const schema = z.strictObject({ pots: z.array(z.strictObject({ n: z.number().min(1).max(9) })) });

  test('what is right is its value', () => {
    expect(checkWith(schema, { pots: [{ n: 3 }] })).toEqual({ status: 'ok', value: { pots: [{ n: 3 }] } });
  });

  test('each fault stands at its field, and all are told at once', () => {
    const checked = checkWith(schema, { pots: [{ n: 0 }, { n: 1 }, { n: 'x' }], more: 1 });
    expect(checked.status).toBe('faulty');
    const paths = checked.status === 'faulty' ? checked.faults.map(({ path }) => path) : [];
    expect(paths).toEqual(expect.arrayContaining(['pots.0.n', 'pots.2.n']));
    expect(paths).toHaveLength(3);
  });

  test('a message that carries a fact gives it back', () => {
    const coded = z.string().refine(() => false, { error: faultCode({ code: 'weekdays' }) });
    const checked = checkWith(coded, 'x');
    expect(checked.status === 'faulty' && checked.faults[0]!.fact).toEqual({ code: 'weekdays' });
  });

  test('of a union, the branch that came closest speaks', () => {
    const either = z.union([
      z.strictObject({ every: z.strictObject({ days: z.number().min(1) }) }),
      z.literal('never'),
    ]);
    const checked = checkWith(either, { every: { days: 0 } });
    expect(checked.status === 'faulty' && checked.faults.map(({ path }) => path)).toEqual(['every.days']);
  });

  test('what is wrong with the whole has the path of the whole', () => {
    const result = z.string().safeParse(1);
    expect(result.success ? [] : faultsOf(result.error).map(({ path }) => path)).toEqual(['(whole)']);
  });

  test('thrown, they are named with their fields', () => {
    const error = new FaultError([{ path: 'mix.0', fact: { code: 'weekdays' } }]);
    expect(error).toBeInstanceOf(Error);
    expect(error.message).toMatch(/mix\.0.*weekdays/);
  });
});
