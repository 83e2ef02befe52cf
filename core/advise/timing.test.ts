import { genusById } from '../catalogue/genera';
import { decideTiming, type TimingInput } from './timing';

const base: TimingInput = {
  genus: genusById('phalaenopsis'),
  state: 'no new growth',
  yearsInMedium: 1,
  mediumLifeYears: 3,
  mediumIsOrganic: true,
};

// All: common practice, no source.
test.each([
  ['growing, new root tips', 'go'],
  ['new shoot starting', 'go'],
  ['in bud or bloom', 'wait'],
  ['dormant', 'wait'],
  ['no new growth', 'wait'],
  ['failing, poor roots', 'go at once'],
] as const)('%s: %s', (state, verdict) => {
  expect(decideTiming({ ...base, state }).verdict).toBe(verdict);
});

test('whoever waits is told the sign to wait for', () => {
  const signs = (['in bud or bloom', 'dormant', 'no new growth'] as const).map(
    (state) => decideTiming({ ...base, state }).sign,
  );
  expect(signs).toEqual([
    'flowers over or new roots',
    'root tips on the new shoot',
    'root tips or a shoot about to root',
  ]);
});

test('rotten organic medium does not wait for a sign; lasting stone does', () => {
  expect(decideTiming({ ...base, yearsInMedium: 5 })).toMatchObject({ verdict: 'go', code: 'broken-down medium' });
  expect(decideTiming({ ...base, yearsInMedium: 5, mediumIsOrganic: false }).verdict).toBe('wait');
});

test('deciduous plants with bulbs are potted while dormant', () => {
  expect(decideTiming({ ...base, genus: genusById('catasetum'), state: 'dormant' }).verdict).toBe('go');
});
