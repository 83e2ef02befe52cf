/** @jest-environment node */
import type { SetupSpec } from '@core';
import { commonScale, extentCm } from './setup-section';

const pot = (rimDiameterCm: number, potKindId = 'plastic-round'): SetupSpec => ({
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId, rimDiameterCm },
  layers: [{ role: 'main', mix: [{ mediumId: 'bark-6-12', parts: 1 }], heightCm: 5 }],
});
const mount: SetupSpec = {
  approach: 'mount',
  vessel: { kind: 'mount', mountKindId: 'mount-cork', widthCm: 16, padThicknessCm: 1 },
  layers: [{ role: 'main', mix: [{ mediumId: 'sphagnum-loose', parts: 1 }], heightCm: 1 }],
};

test('a pot needs its rim and some plant above it; an outer pot needs more', () => {
  const plain = extentCm(pot(12));
  expect(plain.widthCm).toBeGreaterThan(12);
  expect(plain.heightCm).toBeGreaterThan(12 * 0.9);
  expect(extentCm(pot(12, 'wick-pot')).widthCm).toBeGreaterThan(plain.widthCm);
  expect(extentCm(mount).heightCm).toBeGreaterThan(16 * 1.6);
});

test('one scale for all: everything fits, and the largest just does', () => {
  const specs = [pot(9), pot(24), mount];
  const scale = commonScale(specs, 240, 230);
  for (const spec of specs) {
    const { widthCm, heightCm } = extentCm(spec);
    expect(widthCm * scale).toBeLessThanOrEqual(240);
    expect(heightCm * scale).toBeLessThanOrEqual(230);
  }
  expect(commonScale([pot(24)], 240, 230)).toBeLessThan(commonScale([pot(9)], 240, 230));
});
