/** How the plant of a case grows in pots: as it lies on the bench, its stride, and what slows it here. */
import type { PlantInHand } from '../../case';
import { type Forecast, forecastOf, growthClock, LIVES, SEED, strideOf } from '../../growth';
import type { PlaceFit } from '../place';
import { k } from './constants';
import { plantsFromAbove } from './plants-from-above';

export interface GrowingIn {
  readonly plant: PlantInHand;
  readonly monthIndex: number;
  readonly restMonths: readonly number[];
  readonly fit: Pick<PlaceFit, 'lightShare'>;
  /** Share of futures that are to stay inside; null = as usual. */
  readonly certainty: number | null;
}

/** What becomes of the plant of a case in pots. */
export function growthOf({ plant, monthIndex, restMonths, fit, certainty }: GrowingIn): Forecast {
  const plants = plantsFromAbove(plant);
  const leads = Math.max(...plants.map((one) => one.leads.length), 1);
  return forecastOf({
    plants,
    stride: strideOf(plant.genus, plant.habit, leads),
    clock: growthClock({ monthIndex, restMonths, lightShare: fit.lightShare, liveRootShare: plant.liveRootShare }),
    certainty: certainty ?? k.CERTAINTY,
    seed: SEED,
    lives: LIVES,
  });
}
