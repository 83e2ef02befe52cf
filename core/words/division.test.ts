import { pieceRuleOf } from '../advise';
import { genusById, genusIds } from '../catalogue/genera';
import { wordPieceRule, wordShares } from './division';

const rule = (id: string) => pieceRuleOf(genusById(id));

// Common practice, no source.
test('pieces are taken as the kind grows', () => {
  expect(wordPieceRule(rule('phalaenopsis'))).toBe(
    'It has one stem: only a keiki, or a top, with roots of its own can go.',
  );
  expect(wordPieceRule(rule('oncidium'))).toBe(
    'Cut where the rhizome parts by itself. 3 or 4 bulbs with roots of their own make a piece; fewer flower years later.',
  );
  expect(wordPieceRule(rule('paphiopedilum'))).toMatch(/^Pull it apart .* 3 fans with roots/);
  expect(wordPieceRule(rule('miltoniopsis'))).toMatch(/forgives a division slowly/);
  expect(wordPieceRule(rule('catasetum'))).toMatch(/while it sleeps/);
  expect(wordPieceRule(rule('vanilla'))).toMatch(/length of stem/);
  for (const id of genusIds) expect(wordPieceRule(rule(id))).toMatch(/^[A-Z].*\.$/);
});

test('what both get, and what it costs', () => {
  const bulbs = rule('oncidium');
  expect(wordShares(bulbs, 9, 4)).toBe('The piece takes 4 shoots, 5 stay.');
  expect(wordShares(bulbs, 6, 4)).toBe('The piece takes 4 shoots, 2 stay. What stays will need years to flower again.');
  expect(wordShares(bulbs, 4, 2)).toBe(
    'The piece takes 2 shoots, 2 stay. The piece and what stays will need years to flower again.',
  );
  expect(wordShares(bulbs, 3, 3)).toBe('It has 3 shoots: at least one must stay.');
  expect(wordShares(bulbs, 6, 3)).toBe('The piece takes 3 shoots, 3 stay.');
  expect(wordShares(bulbs, null, 2)).toBe('The piece will need years to flower again.');
  expect(wordShares(bulbs, null, 4)).toBe('');
});
