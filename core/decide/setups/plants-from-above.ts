/** The plants of a case as they lie on the bench: as drawn, or by the pattern of their kind. */
import { growsOneWay, type PlantInHand, plantsOnMap, widthTogether } from '../../case';
import { runsOneWay } from '../../catalogue/genera';
import { leadsUsually, type MappedPlant, plantByPattern, type Runs, withALead } from '../../growth';
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
  | 'signs'
>;

/** How growth runs where nobody has drawn it: only creepers and fans run one way. */
function runsOf(plant: Pick<PlantInHand, 'habit' | 'frontsRun'>): Runs {
  if (runsOneWay(plant.habit)) return plant.frontsRun;
  return plant.frontsRun === 'one way' ? 'all round' : plant.frontsRun;
}

/** The plants of a case as they lie on the bench, each about its own ball. */
export function plantsFromAbove(plant: SeenFromAbove): readonly MappedPlant[] {
  const { growthMap, plantCount, genus, habit } = plant;
  if (growthMap) {
    const drawn = plantsOnMap(growthMap, liveBallCm(plant) / widthTogether(growthMap.plants.length));
    return habit === 'single stem' ? drawn : drawn.map(withALead);
  }
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
