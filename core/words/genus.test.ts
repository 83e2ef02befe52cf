import { generaCatalogue, genusById, genusIds } from '../catalogue/genera';
import { metricWords } from './phrasing/format';
import { genusStory } from './genus';
import { Kin, kin } from './phrasing/kin';

describe.each(genusIds.map((id) => [id, genusById(id)] as const))('%s', (_id, genus) => {
  test('is told in whole sentences with its own numbers', () => {
    const story = genusStory(genus, metricWords);
    for (const text of Object.values(story)) {
      expect(text).toMatch(/^[A-Z].*\.$/);
      expect(text).not.toMatch(/undefined|NaN|Infinity|null|\.\./);
    }
    expect(story.roots).toContain('mm');
    expect(story.lives).not.toMatch(/^A [aeiou]/);
  });
});

test('every genus is called by a name, never “this group”', () => {
  for (const [id, name] of [
    ['phalaenopsis', 'Phalaenopsis'],
    ['brassavola', 'Brassavola'],
    ['masdevallia', 'Masdevallia'],
    ['cattleya-unifoliate', 'one-leaved Cattleya'],
    ['cattleya-bifoliate', 'two-leaved Cattleya'],
    ['sophronitis', 'Sophronitis'],
    ['dendrobium-kingianum', 'Australian Dendrobium'],
    ['laelia-rupicolous', 'rock-dwelling Laelia'],
    ['catasetum', 'Catasetum'],
    ['haraella', 'Haraella'],
  ] as const) {
    expect(kin(genusById(id).name)).toBe(name);
    expect(Kin(genusById(id).name)).toBe(name.charAt(0).toUpperCase() + name.slice(1));
  }
  for (const { name } of generaCatalogue) expect(kin(name)).not.toMatch(/,| and |undefined/);
});

test('inches where the grower reads inches', () => {
  expect(genusStory(genusById('vanda'), { length: 'inch', temperature: 'F' }).grows).toMatch(/ in /);
});
