import { type DatedMap, measuredPaceOf, shootsSince } from './measured-pace';

const kind = { habit: 'creeping', rhizomeStepCm: 3, shootsPerYear: 1.5 } as const;

/** A line to the right with so many bulbs behind its lead, one step apart. */
const line = (atYear: number, shoots: number, stepCm: number, turnDeg = 0): DatedMap => {
  const at = (n: number) => ({
    xCm: n * stepCm * Math.cos((turnDeg * Math.PI) / 180),
    yCm: n * stepCm * Math.sin((turnDeg * Math.PI) / 180),
  });
  const bulbs = Array.from({ length: shoots - 1 }, (_, n) => at(n));
  return { atYear, plants: [{ bulbs, leads: [{ ...at(shoots - 1), headingDeg: turnDeg }] }] };
};

test('one map, two of the same day, or two of different plants tell nothing', () => {
  expect(measuredPaceOf([line(0, 4, 3)], kind)).toBeNull();
  expect(measuredPaceOf([line(0, 4, 3), line(0.1, 5, 3)], kind)).toBeNull();
  expect(measuredPaceOf([line(0, 4, 3), line(1, 4, 3, 90)], kind)).toBeNull();
  expect(measuredPaceOf([line(0, 4, 3), line(1, 5, 3)], { ...kind, habit: 'single stem' })).toBeNull();
});

test('new are shoots that stand where none stood, however the hand shook', () => {
  const [before, after] = [line(0, 4, 3), line(1, 6, 3)];
  expect(shootsSince(before, after).map(({ xCm }) => xCm)).toEqual([12, 15]);
  expect(shootsSince(before, before)).toEqual([]);
  const shaken = line(1, 4, 3.1);
  expect(shootsSince(before, shaken)).toEqual([]);
});

test('new shoots are counted, in whatever order the maps come, and though old ones were cut off', () => {
  const maps = [line(2, 8, 3), line(0, 4, 3), line(1, 6, 3)];
  expect(measuredPaceOf(maps, kind)).toMatchObject({ newShoots: 4, years: 2 });
  const [plant] = line(2, 8, 3).plants;
  const cut: DatedMap = { atYear: 2, plants: [{ ...plant!, bulbs: plant!.bulbs.slice(2) }] };
  expect(measuredPaceOf([line(1, 6, 3), cut], kind)).toMatchObject({ newShoots: 2 });
});

test('a plant that steps as its kind does stays with it, more surely; turning the paper changes nothing', () => {
  const once = measuredPaceOf([line(0, 4, 3), line(2, 7, 3)], kind)!;
  expect(once.rhizomeStepCm.value).toBeCloseTo(3, 9);
  // Three shoots in two years are just its kind's pace.
  expect(once.shootsPerYear.value).toBeCloseTo(1.5, 9);
  expect(once.rhizomeStepCm.spread).toBeLessThan(3 * 0.35);
  expect(measuredPaceOf([line(0, 4, 3, 40), line(2, 7, 3, 40)], kind)!.rhizomeStepCm.value).toBeCloseTo(3, 9);
});

test('the more is seen, the more its own counts, between its kind and what was seen', () => {
  const own = [1, 3, 6, 12].map((years) => measuredPaceOf([line(0, 4, 2), line(years, 4 + 3 * years, 2)], kind)!);
  const [steps, pace] = [own.map((one) => one.rhizomeStepCm), own.map((one) => one.shootsPerYear)];
  for (const figure of [...steps, ...pace]) expect(figure.spread).toBeGreaterThan(0);
  const falls = (values: readonly number[]) => values.every((value, n) => n === 0 || value < values[n - 1]!);
  expect(falls(steps.map(({ value }) => value))).toBe(true);
  expect(falls(steps.map(({ spread }) => spread))).toBe(true);
  expect(steps.at(-1)!.value).toBeGreaterThan(2);
  expect(steps.at(-1)!.value).toBeLessThan(2.05);
  expect(falls(pace.map(({ value }) => -value))).toBe(true);
  expect(pace.at(-1)!.value).toBeGreaterThan(2.6);
  expect(pace.at(-1)!.value).toBeLessThan(3);
});

test('closed form: eight steps of 2 cm where 3 is usual', () => {
  const own = measuredPaceOf([line(0, 4, 2), line(4, 12, 2)], kind)!;
  const [usual, each] = [1 / 0.35 ** 2, 8 / 0.15 ** 2];
  expect(own.rhizomeStepCm.value).toBeCloseTo((3 * usual + 2 * each) / (usual + each), 9);
  expect(own.shootsPerYear.value).toBeCloseTo((4 + 8) / (4 / 1.5 + 4), 9);
});

test('where leads share the shoots of a plant, they are counted by the plant', () => {
  const clump = { habit: 'clump', rhizomeStepCm: 2, shootsPerYear: 2 } as const;
  const [before, after] = [line(0, 4, 2), line(1, 6, 2)];
  const twice = (map: DatedMap): DatedMap => ({
    ...map,
    plants: map.plants.map(({ bulbs, leads }) => ({ bulbs, leads: [...leads, { ...leads[0]!, yCm: 0.4 }] })),
  });
  expect(measuredPaceOf([twice(before), twice(after)], clump)!.shootsPerYear.value).toBeGreaterThanOrEqual(2);
  expect(measuredPaceOf([before, after], clump)!.shootsPerYear.value).toBeCloseTo(2, 9);
});
