/** An orchid without a name is put into its group by what is seen of it. The plants are from memory; none of them set the table. */
import { genusById, genusIds } from '../catalogue/genera';
import { appearanceCatalogue } from '../catalogue/appearances';
import { groupsByAppearance, isLikely, rootKinds, type SeenAppearance } from './groups-by-appearance';

const rankOf = (genusId: string, seen: SeenAppearance): number =>
  1 + groupsByAppearance(seen).findIndex((guess) => guess.genusId === genusId);

test('every group of the catalogue has its looks, once, with where they come from', () => {
  expect(appearanceCatalogue.map(({ genusId }) => genusId).sort()).toEqual([...genusIds].sort());
  for (const { bases, leaves, flowers, timesAsCommon } of appearanceCatalogue) {
    for (const { provenance } of [bases, leaves, flowers, timesAsCommon]) expect(provenance.kind).toBe('memory');
    expect(Math.min(bases.value.length, leaves.value.length, flowers.value.length)).toBeGreaterThan(0);
  }
});

const plants: readonly (readonly [string, string, SeenAppearance])[] = [
  [
    'a moth orchid from the supermarket',
    'phalaenopsis',
    { roots: 'thick', base: 'one stem', leaves: 'broad and thick', spacing: 'one point', flower: 'flat, moth-like' },
  ],
  [
    'the same out of flower',
    'phalaenopsis',
    { roots: 'thick', base: 'one stem', leaves: 'broad and thick', spacing: 'one point' },
  ],
  [
    'a lady’s slipper with marbled leaves',
    'paphiopedilum',
    { roots: 'middling', base: 'tufts', leaves: 'patterned', spacing: 'close', flower: 'pouch' },
  ],
  [
    'a dancing lady',
    'oncidium',
    { roots: 'thin', base: 'bulbs', leaves: 'thin and narrow', spacing: 'apart', flower: 'many small ones on a spray' },
  ],
  [
    'a corsage orchid',
    'cattleya-unifoliate',
    { roots: 'thick', base: 'bulbs', leaves: 'broad and thick', spacing: 'apart', flower: 'frilled lip' },
  ],
  [
    'a pansy orchid',
    'miltoniopsis',
    { roots: 'thin', base: 'bulbs', leaves: 'thin and narrow', spacing: 'close', flower: 'pansy face' },
  ],
  [
    'a big grassy plant with waxy flowers',
    'cymbidium',
    { roots: 'thick', base: 'bulbs', leaves: 'thin and narrow', spacing: 'apart', flower: 'waxy spray on a spike' },
  ],
  ['a jewel orchid', 'ludisia', { base: 'chain', leaves: 'patterned' }],
  [
    'a tailed one in tufts',
    'masdevallia',
    { roots: 'thin', base: 'tufts', leaves: 'broad and thick', spacing: 'close', flower: 'tails or triangle' },
  ],
  [
    'straps on one stem with roots in the air',
    'vanda',
    { roots: 'thick', base: 'one stem', leaves: 'leathery strap', spacing: 'one point' },
  ],
  ['a spider orchid', 'brassia', { base: 'bulbs', leaves: 'leathery strap', spacing: 'apart', flower: 'spidery' }],
];

test.each(plants)('%s is found first', (_what, genusId, seen) => {
  expect(rankOf(genusId, seen)).toBe(1);
});

test('by what it is known by, a group is found among the first six in nine of ten, and shares add up', () => {
  const ranks = appearanceCatalogue.map(({ genusId, bases, leaves, flowers }) => {
    const { rootThinnestMm, rootThickestMm, rhizomeStepCm } = genusById(genusId);
    const middleMm = Math.sqrt(rootThinnestMm * rootThickestMm);
    const roots = rootKinds[middleMm < 1.4 ? 0 : middleMm < 3.2 ? 1 : 2]!;
    const spacing = rhizomeStepCm === 0 ? 'one point' : rhizomeStepCm < 2.2 ? 'close' : 'apart';
    const seen = {
      roots,
      base: bases.value[0]!,
      leaves: leaves.value[0]!,
      spacing,
      flower: flowers.value[0]!,
    } as const;
    expect(groupsByAppearance(seen).reduce((sum, { sure }) => sum + sure, 0)).toBeCloseTo(1);
    return rankOf(genusId, seen);
  });
  expect(ranks.filter((rank) => rank <= 6).length / ranks.length).toBeGreaterThan(0.9);
});

test('with nothing seen the commonest leads and is not called likely; one slip does not lose a plant', () => {
  const [first] = groupsByAppearance({});
  expect(first).toMatchObject({ genusId: 'phalaenopsis' });
  expect(isLikely(first!)).toBe(false);
  const slip: SeenAppearance = {
    roots: 'thin',
    base: 'tufts',
    leaves: 'leathery strap',
    spacing: 'close',
    flower: 'pouch',
  };
  expect(rankOf('paphiopedilum', slip)).toBeLessThanOrEqual(2);
});

test('each further answer that fits makes a group surer', () => {
  const seen: SeenAppearance[] = [{}, { base: 'tufts' }, { base: 'tufts', flower: 'pouch' }];
  const sure = seen.map((looks) => groupsByAppearance(looks).find(({ genusId }) => genusId === 'paphiopedilum')!.sure);
  expect(sure).toEqual([...sure].sort((a, b) => a - b));
});
