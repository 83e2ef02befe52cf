/**
 * What works stays (common practice, no source): roots know the medium they grew in, and a change of medium has to earn
 * what it costs them. How much that is hangs on how the roots take it and whether new ones are there to take over.
 */
import { isAsleep, isFailing, isRotting, isSideBySide, type PlantInHand, realiseMix, showsTips } from '../../case';
import { keepsWater } from '../../catalogue/vessels';
import { heaviestPart, type MediumFigures, type Mix } from '../../physics/media';
import { type CandidateFacts, type CaseContext, isSameSetup, shareIn } from '../setups';
import { changeShare, k, shockPoints } from './constants';

/** Nothing it shows says that its way of life is wrong. */
export function doesWell({ plant }: Pick<CaseContext, 'plant'>): boolean {
  const { bulbs, signs, liveRootShare } = plant;
  const isSound = bulbs !== 'wrinkled' && !isRotting({ bulbs, signs });
  return isSound && !isFailing(plant) && liveRootShare >= k.DOES_WELL_FROM;
}

function distanceOf(from: MediumFigures, to: MediumFigures): number {
  if (to.id === from.id) return 0;
  return to.family === from.family ? k.SAME_FAMILY : to.organic === from.organic ? k.SAME_NATURE : 1;
}

/**
 * How far the medium is from the one it stands in, 0 to 1, and half as much again from or onto water. Of a mix every part
 * counts with its share; what of the lesser ones is found again is no loss.
 */
function distance(from: Mix, fromVessel: string | null, facts: CandidateFacts): number {
  const to = heaviestPart(facts.mainMix).medium;
  const most = heaviestPart(from);
  const all = from.reduce((sum, { parts }) => sum + parts, 0);
  const ofMedium = from.reduce((sum, part) => {
    const found = part === most ? 0 : shareIn(facts.mainMix, part.medium.id);
    return sum + Math.max(0, part.parts / all - found) * distanceOf(part.medium, to);
  }, 0);
  const isOtherWater = fromVessel !== null && keepsWater(fromVessel) !== facts.hasReservoir;
  return ofMedium + (isOtherWater ? k.OTHER_WATER : 0);
}

/** Share of the shock that is left: new tips take over, a sleeping plant has no roots to lose, and without tips it is worse. */
function shockShare(plant: PlantInHand): number {
  if (isAsleep(plant)) return changeShare.asleep;
  if (showsTips(plant.signs)) return changeShare.tips;
  if (plant.signs.shoot === 'half grown' || plant.signs.shoot === 'rooting') return changeShare.shoot;
  return plant.signs.tips === 'none' ? changeShare['no tips'] : changeShare.unknown;
}

/** Points a change of medium costs; 0 where nobody said what it stands in, or where it does badly there. */
export function costOfChange(context: CaseContext, facts: CandidateFacts): number {
  const { mix, vesselKind } = context.resolved.current;
  if (mix === null || !doesWell(context)) return 0;
  const { plant } = context;
  const whole = distance(realiseMix(mix), vesselKind, facts);
  // Half of the roots stay in what they know.
  const far = isSideBySide(facts.spec) ? whole / 2 : whole;
  return far * shockPoints[plant.genus.rootHardiness] * shockShare(plant);
}

/** As it is, with room to grow; nothing is, where it does badly as it is. */
export function isAsItIs(context: Pick<CaseContext, 'resolved' | 'plant'>, facts: CandidateFacts): boolean {
  return doesWell(context) && isSameSetup(context.resolved.current, facts);
}
