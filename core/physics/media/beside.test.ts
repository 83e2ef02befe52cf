/** Two media side by side in one layer. */
import { mediumById } from '../../catalogue/media';
import { hydraulicsOfLayer } from '../drydown';
import { bagMeasures, capacityBetween, hydraulicsOfMix, type Mix } from '.';

const mixOf = (...ids: readonly string[]): Mix => ids.map((id) => ({ medium: mediumById(id), parts: 1 }));
const bark = hydraulicsOfMix(mixOf('bark-12-25'));
const clay = hydraulicsOfMix(mixOf('fired-clay-2-5'));
const both = mixOf('bark-12-25', 'fired-clay-2-5');

test('beside each other they keep the pores of each; mixed, the fine fills the coarse', () => {
  const beside = hydraulicsOfLayer({ mix: both, isSideBySide: true });
  expect(beside.totalPorosity).toBeCloseTo((bark.totalPorosity + clay.totalPorosity) / 2, 9);
  expect(hydraulicsOfLayer({ mix: both }).totalPorosity).toBeLessThan(beside.totalPorosity - 0.02);
});

test('what a layer of both holds lies between the two, at any height', () => {
  const beside = hydraulicsOfLayer({ mix: both, isSideBySide: true });
  for (const [fromCm, toCm] of [
    [0, 2],
    [2, 6],
    [6, 12],
  ] as const) {
    const held = [bark, clay].map((medium) => capacityBetween(medium, fromCm, toCm)).sort((a, b) => a - b);
    const of = capacityBetween(beside, fromCm, toCm);
    expect(of).toBeGreaterThan(held[0]!);
    expect(of).toBeLessThan(held[1]!);
  }
});

test('each bag gives half of the layer and what it settles by, no more', () => {
  const alone = bagMeasures(mixOf('bark-12-25'), 1)[0]!.takeL;
  const [first, second] = bagMeasures(both, 2, true);
  expect(first!.takeL).toBeCloseTo(alone, 9);
  const mixed = bagMeasures(both, 2);
  expect(first!.takeL + second!.takeL).toBeLessThan(mixed[0]!.takeL + mixed[1]!.takeL);
});
