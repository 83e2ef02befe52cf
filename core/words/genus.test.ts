import { genusById, genusIds } from '../catalogue/genera';
import { metricWords } from './format';
import { genusStory } from './genus';
import { Kin, kin } from './kin';

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

test('one name is said, a group is “this group”', () => {
  expect(Kin(genusById('phalaenopsis').name)).toBe('Phalaenopsis');
  expect(Kin(genusById('brassavola').name)).toBe('This group');
  expect(kin(genusById('brassavola').name)).toBe('this group');
});

test('inches where the grower reads inches', () => {
  expect(genusStory(genusById('vanda'), { length: 'inch', temperature: 'F' }).grows).toMatch(/ in /);
});
