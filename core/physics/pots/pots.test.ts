import fc from 'fast-check';
import { makePot, potKindById, potKindIds, vesselCatalogue } from '../../catalogue/vessels';
import { coneDiameterCm, heightForVolumeCm, potVolumeL, volumeBetweenL, wallAreaCm2 } from './geometry';
import type { Pot } from './pot';
import { emptyPotWeight, stability } from './stability';

const bare: Pot = {
  kind: 'pot',
  potKindId: 'plastic-round',
  shape: 'round',
  rimDiameterCm: 12,
  baseDiameterCm: 9,
  heightCm: 11,
  cone: null,
  wall: 'plastic',
  wallThicknessMm: 1,
  openShare: 0,
  baseOpenAreaCm2: 4,
  reservoir: { kind: 'none' },
};

test('there are at least 8 kinds of pot and a mount, each with sizes', () => {
  expect(potKindIds.length).toBeGreaterThanOrEqual(8);
  expect(vesselCatalogue.some((kind) => kind.vessel === 'mount')).toBe(true);
  for (const id of potKindIds) expect(potKindById(id).rimDiametersCm.length).toBeGreaterThan(3);
});

describe('volumes against closed forms', () => {
  test('a cone frustum: πh/12 (D² + Dd + d²)', () => {
    expect(potVolumeL(bare)).toBeCloseTo(((Math.PI * 11) / 12) * (144 + 108 + 81) * 1e-3, 9);
  });

  test('a truncated pyramid: h/3 (A + √(Aa) + a)', () => {
    expect(potVolumeL({ ...bare, shape: 'square' })).toBeCloseTo((11 / 3) * (144 + 108 + 81) * 1e-3, 9);
  });

  test('the air cone is a frustum less', () => {
    const cone = { heightCm: 2.5, baseDiameterCm: 5, tipDiameterCm: 2 };
    const coneL = ((Math.PI * 2.5) / 12) * (25 + 10 + 4) * 1e-3;
    expect(potVolumeL(bare) - potVolumeL({ ...bare, cone })).toBeCloseTo(coneL, 9);
    expect(coneDiameterCm({ ...bare, cone }, 2.5)).toBe(0);
  });

  test('a straight cylinder has the wall area πdh', () => {
    expect(wallAreaCm2({ ...bare, baseDiameterCm: 12 }, 0, 11)).toBeCloseTo(Math.PI * 12 * 11, 9);
  });
});

test('height for a volume is the inverse of volume between heights', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...potKindIds),
      fc.double({ min: 7, max: 30, noNaN: true }),
      fc.double({ min: 0.05, max: 0.95, noNaN: true }),
      (id, rim, share) => {
        const pot = makePot(id, rim);
        const volume = volumeBetweenL(pot, 0, pot.heightCm * share);
        expect(heightForVolumeCm(pot, 0, volume)!).toBeCloseTo(pot.heightCm * share, 6);
      },
    ),
  );
});

test('more than the pot holds has no height', () => {
  expect(heightForVolumeCm(bare, 0, 5)).toBeNull();
});

test('layers add up to the pot', () => {
  const pot = makePot('plastic-clear-cone', 15);
  const parts = volumeBetweenL(pot, 0, 1) + volumeBetweenL(pot, 1, 6) + volumeBetweenL(pot, 6, pot.heightCm);
  expect(parts).toBeCloseTo(potVolumeL(pot), 9);
});

describe('stability', () => {
  const layers = [{ heightCm: 10, densityGL: 300 }];
  test('a uniform full cylinder tips at atan(radius / half height)', () => {
    const cylinder: Pot = { ...bare, baseDiameterCm: 12, heightCm: 10, wallThicknessMm: 0.0001 };
    const answer = stability(cylinder, layers, { weightG: 0, heightCm: 0 });
    expect(answer.centreOfGravityCm).toBeCloseTo(5, 2);
    expect(answer.tippingAngleDeg).toBeCloseTo((Math.atan(6 / 5) * 180) / Math.PI, 1);
  });

  test('a tall plant makes it tip sooner, stones below later', () => {
    const light = stability(bare, layers, { weightG: 50, heightCm: 20 });
    const tall = stability(bare, layers, { weightG: 300, heightCm: 40 });
    const stony = stability(
      bare,
      [
        { heightCm: 3, densityGL: 1500 },
        { heightCm: 7, densityGL: 300 },
      ],
      { weightG: 300, heightCm: 40 },
    );
    expect(tall.tippingAngleDeg).toBeLessThan(light.tippingAngleDeg);
    expect(stony.tippingAngleDeg).toBeGreaterThan(tall.tippingAngleDeg);
  });

  test('clay weighs several times what plastic does', () => {
    expect(emptyPotWeight(makePot('clay-unglazed', 12)).weightG).toBeGreaterThan(
      5 * emptyPotWeight(makePot('plastic-round', 12)).weightG,
    );
  });
});
