/** Made-up potting days for tests: the same seed gives the same day. */
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { DaySetting, PlantWork } from '../day';

/** 0 to 1, one after another. */
export function chances(seed: number): () => number {
  const generator = xoroshiro128plus(seed);
  return () => uniformFloat64(generator);
}

export function madeUpWork(chance: () => number, n: number): PlantWork {
  const [soakMin, fizzMin] = [chance() < 0.8 ? 20 : 0, chance() < 0.25 ? 10 : 0];
  return {
    id: `plant ${n}`,
    steps: [],
    soakMin,
    firstMin: 4 + 12 * chance(),
    fizzMin,
    secondMin: 5 + 10 * chance(),
    soakCm: 8 + 15 * chance(),
    mixKey: `mix ${Math.floor(4 * chance())}`,
    litres: 0.3 + 4 * chance(),
    isUrgent: chance() < 0.15,
    isSuspect: chance() < 0.12,
    isDirty: chance() < 0.3,
    isTender: chance() < 0.4,
  };
}

export interface MadeUpDay {
  readonly works: readonly PlantWork[];
  readonly setting: DaySetting;
}

export function madeUpDay(seed: number, count: number): MadeUpDay {
  const chance = chances(seed);
  const works = Array.from({ length: count }, (_, n) => madeUpWork(chance, n));
  return {
    works,
    setting: {
      beginsAtMinute: 540,
      hands: 1 + Math.floor(3 * chance()),
      benchCm: 40 + 120 * chance(),
      mixingMin: 30 * chance(),
      sun: chance() < 0.5 ? { fromMinute: 600, untilMinute: 840 } : null,
    },
  };
}
