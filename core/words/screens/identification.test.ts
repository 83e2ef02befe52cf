import { bases, flowerKinds, leafKinds } from '../../catalogue/appearances';
import { rootKinds, spacings } from '../../identification';
import { baseWords, flowerKindWords, leafKindWords, rootKindWords, spacingWords, sureWords } from './identification';

test('each answer has its own words', () => {
  const said = [
    bases.map((base) => baseWords[base]),
    leafKinds.map((kind) => leafKindWords[kind]),
    flowerKinds.map((kind) => flowerKindWords[kind]),
    rootKinds.map((kind) => rootKindWords[kind]),
    spacings.map((spacing) => spacingWords[spacing]),
  ].flat();
  expect(new Set(said).size).toBe(said.length);
});

test('how sure a group is', () => {
  expect(sureWords({ genusId: 'vanda', sure: 0.717 })).toBe('Likely, 72 of 100');
  expect(sureWords({ genusId: 'vanda', sure: 0.18 })).toBe('Perhaps, 18 of 100');
});
