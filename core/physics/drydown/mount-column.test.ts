import { mediumById } from '../../catalogue/media';
import { makeMount, makePot } from '../../catalogue/vessels';
import { constantPlace, yearDrying } from '../places';
import { buildCoarseColumn } from './build';
import { createState } from './hour';
import { mountColumn } from './mount-column';
import { potColumn } from './pot-column';
import { regimeFigures } from './regime';
import { totalWaterG } from './root-zone';
import type { Drinker } from './setup';
import { sampleComfort, simulateYear } from './year';

const drinker: Drinker = { leafAreaCm2: 200, photosynthesis: 'CAM', rootVolumeL: 0.02, rootDiameterMm: 4 };
const moss = [{ medium: mediumById('sphagnum-loose'), parts: 1 }];
const onMount = (padThicknessCm: number, rootDiameterMm = 4) => {
  const mount = { ...makeMount('mount-cork', 10, padThicknessCm), heightCm: 20 };
  return mountColumn({ kind: 'mount', mount, pad: moss }, { ...drinker, rootDiameterMm });
};
const volumeL = (column: ReturnType<typeof onMount>) => column.volumeL.reduce((sum, value) => sum + value, 0);

describe('what hangs on a mount', () => {
  test('bare roots are a film of half their thickness over the covered share of the face', () => {
    // 0.45 of 10 × 20 cm is 90 cm², 2 mm thick: 18 ml.
    expect(volumeL(onMount(0))).toBeCloseTo(0.018, 9);
    expect(volumeL(onMount(0, 8))).toBeCloseTo(0.036, 9);
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

  test('it dries from its face and its edges; a bare root from half of its round side', () => {
    expect(onMount(0).topAreaM2).toBeCloseTo((90 * Math.PI) / 2 / 1e4, 9);
    const edgeCm = 2 * (10 + 20) * Math.sqrt(0.45);
    expect(onMount(2).topAreaM2).toBeCloseTo((90 + edgeCm * 2) / 1e4, 9);
  });
});

describe('the quick look at some weeks', () => {
  const place = constantPlace({ temperatureC: 21, relativeHumidityPct: 50, airflow: 'still room' });
  const year = yearDrying(place);
  const pot = makePot('plastic-round', 12);
  const setup = {
    kind: 'pot' as const,
    pot,
    layers: [{ role: 'main' as const, mix: moss, heightCm: pot.heightCm - 1 }],
  };
  const regime = regimeFigures['evenly moist'];

  test.each([2, 7, 14, 21, 30])('watering every %i days: within a tenth of what the whole year gives', (days) => {
    const routine = { kind: 'every' as const, days };
    const sampled = sampleComfort(buildCoarseColumn(setup, drinker), year[0]!, routine, days, regime);
    const whole = simulateYear(potColumn(setup, drinker), year, routine, regime).comfortable;
    expect(Math.abs(sampled - whole)).toBeLessThan(0.1);
  });
});
