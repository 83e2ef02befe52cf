/** Wind against statics worked by hand, and against what the Beaufort scale says of such winds. */
import { makePot } from '../../catalogue/vessels';
import type { Pot } from './pot';
import { stonesAgainstG, tippingWindMS } from './wind';

const pot: Pot = { ...makePot('plastic-round', 12), baseDiameterCm: 10, rimDiameterCm: 10, heightCm: 12 };
const leaves = { areaCm2: 500, heightCm: 30 };

test('push on leaves and side about the edge of the base against the weight', () => {
  // 1 kg × 9.81 × 0.05 m = ½ × 1.2 v² (0.5 × 0.05 m² × 0.3 m + 0.9 × 0.012 m² × 0.06 m).
  const byHand = Math.sqrt((1 * 9.81 * 0.05) / (0.6 * (0.5 * 0.05 * 0.3 + 0.9 * 0.012 * 0.06)));
  expect(tippingWindMS(pot, 1000, leaves)).toBeCloseTo(byHand, 9);
});

test('four times the weight stands twice the wind; a wider base stands more, taller and larger leaves less', () => {
  const speed = tippingWindMS(pot, 1000, leaves);
  expect(tippingWindMS(pot, 4000, leaves)).toBeCloseTo(2 * speed, 9);
  expect(tippingWindMS({ ...pot, baseDiameterCm: 14 }, 1000, leaves)).toBeGreaterThan(speed);
  expect(tippingWindMS(pot, 1000, { ...leaves, heightCm: 60 })).toBeLessThan(speed);
  expect(tippingWindMS(pot, 1000, { ...leaves, areaCm2: 1000 })).toBeLessThan(speed);
});

test('the stones that are asked for hold it in that gust, to the last gram', () => {
  const speed = tippingWindMS(pot, 800, leaves);
  const stonesG = stonesAgainstG(800, speed, 14);
  expect(tippingWindMS(pot, 800 + stonesG, leaves)).toBeCloseTo(14, 9);
  expect(stonesAgainstG(800, speed, speed / 2)).toBe(0);
});

// Beaufort scale, WMO Manual on Codes: 5, fresh breeze, 8.0-10.7 m/s: small trees in leaf begin to sway; 3, gentle, 3.4-5.4 m/s: leaves
// and small twigs in constant motion. That a light leafy pot falls in the one and not in the other is common practice, no source.
test('a light pot with large leaves falls in a fresh breeze and not in a gentle one', () => {
  const speed = tippingWindMS(pot, 700, { areaCm2: 600, heightCm: 30 });
  expect(speed).toBeGreaterThan(5.4);
  expect(speed).toBeLessThan(10.7);
});
