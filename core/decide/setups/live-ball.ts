/** What is left of a root ball when the dead roots are off. */
import { LIVE_USUALLY, type PlantInHand } from '../../case';
import { k } from './constants';

/**
 * The ball that is left when the dead roots are off, cm: live volume goes by the third power of its width. A ball as it is
 * usually found counts whole.
 */
export function liveBallCm(plant: Pick<PlantInHand, 'liveRootShare' | 'rootBallDiameterCm'>): number {
  const share = Math.min(1, plant.liveRootShare / LIVE_USUALLY);
  return plant.rootBallDiameterCm * Math.max(k.LEAST_BALL_SHARE, Math.cbrt(share));
}
