/** Several plants of one kind in one pot. */
import { roundHalf } from '../base';
import { k } from './constants';
import { usualDirection } from './lead-directions';
import type { PlantInHand } from './plant';
import { widthTogether } from './width-together';

/** What was said of all of them; where missing, so many times what one has. */
interface Said {
  readonly shootCount?: number | undefined;
  readonly rootBallDiameterCm?: number | undefined;
  readonly leafAreaCm2?: number | undefined;
}

/** The same of each of them. */
export function ofEach(said: Said, plantCount: number): Said {
  const { shootCount, rootBallDiameterCm, leafAreaCm2 } = said;
  return {
    shootCount: shootCount === undefined ? undefined : Math.max(1, Math.round(shootCount / plantCount)),
    rootBallDiameterCm: rootBallDiameterCm === undefined ? undefined : rootBallDiameterCm / widthTogether(plantCount),
    leafAreaCm2: leafAreaCm2 === undefined ? undefined : leafAreaCm2 / plantCount,
  };
}

/** So many plants like this one, as what goes into the pot. */
export function together(plant: PlantInHand, plantCount: number, said: Said): PlantInHand {
  if (plantCount === 1) return plant;
  const ballCm = roundHalf(Math.min(k.MOST_BALL_CM, plant.rootBallDiameterCm * widthTogether(plantCount)));
  return {
    ...plant,
    plantCount,
    // Set back to back they lead off to all sides.
    fronts: Math.max(2, plant.fronts * plantCount),
    frontsRun: usualDirection(Math.max(2, plant.fronts * plantCount)),
    shootCount: said.shootCount ?? plant.shootCount * plantCount,
    rootBallDiameterCm: said.rootBallDiameterCm ?? ballCm,
    leafAreaCm2: said.leafAreaCm2 ?? plant.leafAreaCm2 * plantCount,
  };
}
