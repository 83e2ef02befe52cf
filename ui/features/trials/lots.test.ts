import { byLot } from './lots';

const ids = Array.from({ length: 11 }, (_, n) => `plant ${n}`);

test('every plant comes to one side, and sides are as even as can be', () => {
  for (const sides of [2, 3, 4]) {
    const dealt = byLot(ids, sides, Math.random);
    expect(dealt.flat().sort()).toEqual([...ids].sort());
    const sizes = dealt.map((side) => side.length);
    expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
  }
});

test('no plant has its side beforehand: over many lots each comes to each about as often', () => {
  const ten = ids.slice(0, 10);
  let first = 0;
  for (let n = 0; n < 2000; n += 1) if (byLot(ten, 2, Math.random)[0]!.includes('plant 0')) first += 1;
  expect(first / 2000).toBeGreaterThan(0.43);
  expect(first / 2000).toBeLessThan(0.57);
});
