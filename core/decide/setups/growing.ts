/** How the plant of a case grows in pots: its map or the pattern of its kind, its stride, and what slows it here. */
import { growsOneWay, type PlantInHand, plantsOnMap, widthTogether } from '../../case';
import {
  type Forecast,
  forecastOf,
  growthClock,
  leadsUsually,
  LIVES,
  type MappedPlant,
  plantByPattern,
  type Runs,
  SEED,
  strideOf,
} from '../../growth';
import { runsOneWay } from '../../catalogue/genera';
import type { PlaceFit } from '../place';
import { k } from './constants';
import { liveBallCm } from './live-ball';

/** So many plants are placed one by one; more stand in a ring and count as one clump. */
export const MOST_PLACED = 3;

/** What of a plant tells where its shoots stand. */
export type SeenFromAbove = Pick<
  PlantInHand,
  | 'genus'
  | 'habit'
  | 'plantCount'
  | 'fronts'
  | 'frontsRun'
  | 'shootCount'
  | 'growthMap'
  | 'rootBallDiameterCm'
  | 'liveRootShare'
>;

/** How growth runs where nobody has drawn it: only creepers and fans run one way. */
function runsOf(plant: Pick<PlantInHand, 'habit' | 'frontsRun'>): Runs {
  if (runsOneWay(plant.habit)) return plant.frontsRun;
  return plant.frontsRun === 'one way' ? 'all round' : plant.frontsRun;
}

/** The plants of a case as they lie on the bench, each about its own ball. */
export function plantsFromAbove(plant: SeenFromAbove): readonly MappedPlant[] {
  const { growthMap, plantCount, genus, habit } = plant;
  if (growthMap) return plantsOnMap(growthMap, liveBallCm(plant) / widthTogether(growthMap.plants.length));
  const isRing = plantCount > MOST_PLACED;
  const count = isRing ? 1 : plantCount;
  const each = Math.max(1, Math.round(plant.fronts / count));
  const run = plantCount === 1 ? runsOf(plant) : isRing || !runsOneWay(habit) ? 'all round' : 'one way';
  const shoots = Math.max(1, Math.round(plant.shootCount / count));
  const usual = leadsUsually(habit, run, shoots);
  const one = plantByPattern({
    habit,
    runs: run,
    // Nobody has counted the leads of several plants: each gets the room of two.
    leads: growsOneWay(plant) ? each : Math.max(usual, each, count > 1 && run === 'one way' ? 2 : 0),
    shoots,
    ballDiameterCm: liveBallCm(plant) / (isRing ? 1 : widthTogether(count)),
    stepCm: genus.rhizomeStepCm,
  });
  return Array.from({ length: count }, () => one);
}

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
