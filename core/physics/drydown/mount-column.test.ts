import { mediumById } from '../../catalogue/media';
import { makeMount } from '../../catalogue/vessels';
import { mountColumn, velamenThicknessMm } from './mount-column';
import { totalWaterG } from './root-zone';
import type { PlantWaterUse } from './setup';
import { createState } from './state';

const drinker: PlantWaterUse = { leafAreaCm2: 200, photosynthesis: 'CAM', rootVolumeL: 0.02, rootDiameterMm: 4 };
const moss = [{ medium: mediumById('sphagnum-loose'), parts: 1 }];
const onMount = (padThicknessCm: number, rootDiameterMm = 4) => {
  const mount = { ...makeMount('mount-cork', 10, padThicknessCm), heightCm: 20 };
  return mountColumn({ kind: 'mount', mount, pad: moss }, { ...drinker, rootDiameterMm });
};
const volumeL = (column: ReturnType<typeof onMount>) => column.volumeL.reduce((sum, value) => sum + value, 0);

describe('what hangs on a mount', () => {
  test('bare roots are a sheet of velamen round the plant’s own roots, whatever they hang on', () => {
    // 20 mL of roots 4 mm thick have 4 × 20 / 0.4 = 200 cm² of side; their velamen is 0.35 mm: 7 mL.
    expect(volumeL(onMount(0))).toBeCloseTo(0.007, 9);
    // Thicker roots show less side for the same volume, under a thicker velamen: 100 cm² × 0.5 mm.
    expect(volumeL(onMount(0, 8))).toBeCloseTo(0.005, 9);
    expect(onMount(0).topAreaM2).toBeCloseTo((0.7 * 200) / 1e4, 9);
  });

  test('velamen is 0.2 to 0.5 mm thick, more on thick roots, without a jump', () => {
    expect(velamenThicknessMm(0.5)).toBe(0.2);
    expect(velamenThicknessMm(12)).toBe(0.5);
    const all = Array.from({ length: 120 }, (_, i) => velamenThicknessMm(i / 10));
    all.slice(1).forEach((thickness, i) => {
      expect(thickness).toBeGreaterThanOrEqual(all[i]!);
      expect(thickness - all[i]!).toBeLessThan(0.006);
    });
  });

  test('a pad has its own thickness, and holds water in proportion to it', () => {
    expect(volumeL(onMount(2))).toBeCloseTo(0.18, 9);
    const waterG = (padCm: number) => totalWaterG(onMount(padCm), createState(onMount(padCm)));
    expect(waterG(4) / waterG(2)).toBeCloseTo(2, 6);
  });

  test('its cells lie on one another, from the wood outwards, and share the roots', () => {
    const column = onMount(2);
    const last = column.cellCount - 1;
    expect(column.floorCm[last]).toBeCloseTo(0, 9);
    expect(column.floorCm[0]! + column.thicknessCm[0]!).toBeCloseTo(2, 9);
    for (let i = 0; i < last; i += 1) {
      expect(column.floorCm[i]).toBeCloseTo(column.floorCm[i + 1]! + column.thicknessCm[i + 1]!, 9);
    }
    expect(column.rootShare.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
  });

  test('it dries from its face and its edges', () => {
    const edgeCm = 2 * (10 + 20) * Math.sqrt(0.45);
    expect(onMount(2).topAreaM2).toBeCloseTo((90 + edgeCm * 2) / 1e4, 9);
  });
});
