/** What is left of a root ball when the dead roots are off. */
import { isAsleep, LIVE_USUALLY, type PlantInHand } from '../../case';
import { k } from './constants';

type Known = Pick<PlantInHand, 'genus' | 'signs' | 'liveRootShare' | 'rootBallDiameterCm'>;

/**
 * The ball that is left when the dead roots are off, cm: live volume goes by the third power of its width. A ball as it is
 * usually found counts whole.
 */
export function liveBallCm(plant: Known): number {
  // Asleep, its bulbs take the room: roots that die back by nature are no loss.
  if (isAsleep(plant)) return plant.rootBallDiameterCm;
  const share = Math.min(1, plant.liveRootShare / LIVE_USUALLY);
  return plant.rootBallDiameterCm * Math.max(k.LEAST_BALL_SHARE, Math.cbrt(share));
}
