import type { PlanCase, SetupSpec } from '../case';
import { cornersAt } from './corners';
import { setupCurve } from '../testing';

const planCase: PlanCase = { genus: 'oncidium', place: 'heated-flat' };
const spec: SetupSpec = {
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 13 },
  layers: [
    { role: 'crocking', mix: [{ mediumId: 'clay-pebbles-8-16', parts: 1 }], heightCm: 2 },
    { role: 'main', mix: [{ mediumId: 'bark-3-6', parts: 1 }], heightCm: 7 },
    { role: 'top dressing', mix: [{ mediumId: 'gravel-4-8', parts: 1 }], heightCm: 1 },
  ],
};
const curve = setupCurve(planCase, spec, 0);

describe('curve by layer', () => {
  test('one for each layer from the bottom, as full at the start as a watering makes it, drying', () => {
    expect(curve.layers.map((layer) => layer.role)).toEqual(['crocking', 'main', 'top dressing']);
    for (const layer of curve.layers) {
      expect(layer.shareByHour).toHaveLength(curve.hours.length);
      expect(layer.shareByHour[0]).toBeGreaterThan(0.7);
      expect(layer.shareByHour[0]).toBeLessThanOrEqual(1);
      expect(layer.shareByHour[layer.shareByHour.length - 1]!).toBeLessThan(1);
    }
  });

  test('the main layer’s curve is the root zone’s', () => {
    const main = curve.layers[1]!;
    const middle = Math.floor(curve.hours.length / 2);
    expect(main.shareByHour[middle]).toBeCloseTo(curve.hours[middle]!.availableShare, 5);
  });

  test('the top dries before the crocking', () => {
    const at = Math.min(48, curve.hours.length - 1);
    expect(curve.layers[2]!.shareByHour[at]!).toBeLessThan(curve.layers[0]!.shareByHour[at]!);
  });
});

describe('corners', () => {
  test('right after watering the wettest corner is the foot of the main layer', () => {
    const { wettest } = cornersAt(curve, 0);
    expect(wettest.fromCm).toBeGreaterThanOrEqual(2 - 1e-6);
    expect(wettest.fromCm).toBeLessThan(2.5);
    expect(wettest.air).toBeGreaterThanOrEqual(0);
  });

  test('when it has dried the driest corner lies above the wettest', () => {
    const late = curve.hours.length - 1;
    const { wettest, driest } = cornersAt(curve, late);
    expect(driest.fromCm).toBeGreaterThan(wettest.fromCm);
    expect(driest.share).toBeLessThanOrEqual(wettest.share + 1e-9);
  });

  test('corners are about a finger high, however thin the cells are cut', () => {
    for (const hour of [0, curve.hours.length - 1]) {
      for (const { fromCm, toCm } of Object.values(cornersAt(curve, hour))) expect(toCm - fromCm).toBeCloseTo(1, 9);
    }
    expect(Math.min(...curve.thicknessCm)).toBeLessThan(0.1);
  });

  test('hours beyond the curve read its end', () => {
    expect(cornersAt(curve, 1e6)).toEqual(cornersAt(curve, curve.hours.length - 1));
  });
});
