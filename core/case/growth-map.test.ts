/** The growth map as it is said, and what the case takes from it. */
import { faultsOf } from '../base';
import { planCaseSchema, resolveCase } from '../testing';
import { leadsOn, plantsOnMap, shootsOn } from './growth-map';
import { growthMapSchema } from './growth-map-schema';

const line = {
  bulbs: [
    { xCm: -6, yCm: 0, isSpent: true },
    { xCm: -3, yCm: 0 },
    { xCm: 0, yCm: 0.5 },
  ],
  leads: [{ xCm: 3, yCm: 0, headingDeg: 10 }],
};
const asked = { genus: 'cattleya-unifoliate', place: 'heated-flat' } as const;

test('shoots, leads and plants are counted on it, whatever else was said of them', () => {
  const two = { plants: [line, line] };
  expect([shootsOn(two), leadsOn(two)]).toEqual([8, 2]);
  const { plant, assumed } = resolveCase(
    planCaseSchema.parse({ ...asked, growthMap: two, shootCount: 3, plantCount: 1, fronts: 5 }),
  );
  expect(plant).toMatchObject({ shootCount: 8, plantCount: 2, fronts: 2 });
  expect(assumed).not.toContain('shootCount');
});

test('the root ball lies about what lives: a spent end does not pull it back', () => {
  const [plant] = plantsOnMap({ plants: [line] }, 7);
  expect(plant!.ball).toEqual({ xCm: 0, yCm: 0.25, diameterCm: 7 });
  expect(plant!.bulbs).toHaveLength(3);
});

test.each<[string, unknown, RegExp]>([
  ['no plant', { plants: [] }, /plants/],
  ['four plants', { plants: [line, line, line, line] }, /plants/],
  ['a plant of nothing', { plants: [{ bulbs: [], leads: [] }] }, /bulbs/],
  ['a bulb a metre away', { plants: [{ bulbs: [{ xCm: 100, yCm: 0 }], leads: [] }] }, /xCm/],
  ['a heading that is none', { plants: [{ bulbs: [], leads: [{ xCm: 0, yCm: 0, headingDeg: NaN }] }] }, /headingDeg/],
  ['nine leads', { plants: [{ bulbs: [], leads: Array(9).fill(line.leads[0]) }] }, /leads/],
  ['a rim of no shape', { plants: [line], rim: { shape: 'oval', widthCm: 10 } }, /shape/],
])('%s is refused, and the place is named', (_, map, where) => {
  const read = growthMapSchema.safeParse(map);
  expect(read.success).toBe(false);
  expect(
    faultsOf(read.error!)
      .map(({ path }) => path)
      .join(' '),
  ).toMatch(where);
});
