/** @jest-environment node */
import { genusTraits } from '@core';
import { genusFields } from '../../../controls/fields';
import { moreCount } from './more-count';

test('counts what was told beyond the first questions', () => {
  expect(moreCount({})).toBe(0);
  expect(moreCount({ genus: 'vanda', place: 'bathroom' })).toBe(0);
  expect(moreCount({ liveRootsPct: 50, bulbs: 'plump', schools: { top: 'moss', holes: undefined } })).toBe(3);
  expect(moreCount({ genusOverrides: { regime: 'wet-dry', light: 'sun' }, ownPots: [] })).toBe(3);
});

test('every trait a grower may change has its words in the library', () => {
  const keys = genusFields.map((field) => field.key);
  for (const trait of Object.keys(genusTraits.shape)) expect(keys).toContain(trait);
});
