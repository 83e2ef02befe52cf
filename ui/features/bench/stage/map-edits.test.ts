import { contextOf, type GrowthMapSaid, growthView, makePot } from '@core';
import { planCaseSchema, resolveCase } from '@core/testing';
import { added, headedTo, mapAsUsual, movedTo, removed, shootIn, turnedBy, withAnotherPlant } from './map-edits';

const map: GrowthMapSaid = {
  plants: [{ bulbs: [{ xCm: -3, yCm: 0 }], leads: [{ xCm: 2, yCm: 0, headingDeg: 0 }] }],
  rim: { shape: 'round', widthCm: 12 },
};
const bulb = { plant: 0, list: 'bulbs', index: 0 } as const;
const lead = { plant: 0, list: 'leads', index: 0 } as const;
const isMap = (growthMap: GrowthMapSaid) =>
  planCaseSchema.safeParse({ genus: 'vanda', place: 'heated-flat', growthMap }).success;

test('a lead put down heads away from the plant, a spent bulb is marked so', () => {
  const more = added(added(map, 0, 'lead', 0, 4.04), 0, 'spent', -4.96, 0);
  expect(more.plants[0]!.leads[1]).toEqual({ xCm: 0, yCm: 4, headingDeg: 83 });
  expect(more.plants[0]!.bulbs[1]).toEqual({ xCm: -5, yCm: 0, isSpent: true });
  expect(isMap(more)).toBe(true);
});

test('moved, turned and taken away, each alone; what was before stays as it was', () => {
  expect(shootIn(movedTo(map, bulb, 1.26, -2), bulb)).toEqual({ xCm: 1.3, yCm: -2 });
  expect(shootIn(turnedBy(map, lead, -15), lead)).toMatchObject({ headingDeg: 345 });
  expect(turnedBy(map, bulb, 15)).toBe(map);
  expect(removed(map, bulb).plants[0]!.bulbs).toEqual([]);
  expect(shootIn(map, bulb)).toEqual({ xCm: -3, yCm: 0 });
});

test('the arrow of a lead goes where it is dragged, all the way round', () => {
  for (const headingDeg of [90, -90, 179.6, 360])
    expect(shootIn(headedTo(map, lead, headingDeg), lead)).toMatchObject({
      headingDeg: ((Math.round(headingDeg) % 360) + 360) % 360,
    });
  expect(headedTo(map, bulb, 90)).toBe(map);
});

test('the last shoot of the last plant stays; a plant that has lost its last is gone', () => {
  const one = removed(map, bulb);
  expect(removed(one, lead)).toBe(one);
  const two = withAnotherPlant(map, 6);
  expect(two.plants).toHaveLength(2);
  expect(removed(two, { plant: 1, list: 'leads', index: 0 }).plants).toHaveLength(1);
});

test('three plants and no more', () => {
  const three = withAnotherPlant(withAnotherPlant(map, 6), 6);
  expect(three.plants).toHaveLength(3);
  expect(withAnotherPlant(three, 6)).toBe(three);
  expect(isMap(three)).toBe(true);
});

test('it begins as the plants usually stand: one in the middle, several apart; both are maps that can be said', () => {
  const begun = (plantCount: number) => {
    const planCase = planCaseSchema.parse({ genus: 'cattleya-unifoliate', place: 'heated-flat', plantCount });
    const view = growthView(contextOf(resolveCase(planCase)), makePot('plastic-round', 20), null);
    return mapAsUsual(view, { shape: 'round', widthCm: 20 });
  };
  const one = begun(1);
  expect(one.plants[0]!.bulbs).toHaveLength(3);
  expect(one.plants[0]!.leads).toEqual([expect.objectContaining({ headingDeg: 0 })]);
  const two = begun(2);
  const [left, right] = two.plants.map(({ leads }) => leads[0]!.xCm);
  expect(Math.abs(left! - right!)).toBeGreaterThan(2);
  expect([isMap(one), isMap(two)]).toEqual([true, true]);
});
