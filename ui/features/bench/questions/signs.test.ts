import { tipStates } from '@core';
import { plainSigns, shootStates } from '@core/testing';
import { chosenSigns, inShort, signGroups, withSigns } from './signs';

test('every sign the core knows can be chosen', () => {
  const keys = signGroups.flatMap(({ signs }) => signs.map(({ key }) => key));
  const wanted = [...tipStates.map((tips) => `tips ${tips}`), ...shootStates.map((shoot) => `shoot ${shoot}`)];
  expect([...keys].sort()).toEqual([...wanted, ...plainSigns].sort());
});

test('several things at once, and of two that exclude one another the newest', () => {
  const first = withSigns([], ['inBloom']);
  expect(first).toEqual({ inBloom: true });
  const both = withSigns(chosenSigns(first), ['inBloom', 'tips starting']);
  expect(both).toEqual({ inBloom: true, tips: 'starting' });
  const chosen = chosenSigns(both);
  expect(withSigns(chosen, [...chosen, 'tips none'])).toEqual({ inBloom: true, tips: 'none' });
});

test('the closed field says all of it in a few words', () => {
  expect(inShort(['wobbles', 'inBloom'])).toBe('bloom, wobbles');
});

test('nothing chosen is nothing said, and what a draft holds by mistake is left out', () => {
  expect(withSigns(['rot'], [])).toBeUndefined();
  expect(chosenSigns({ tips: 'purple', rot: true })).toEqual(['rot']);
  expect(chosenSigns('rot')).toEqual([]);
});
