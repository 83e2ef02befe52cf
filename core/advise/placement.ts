/** Where in the pot the plant goes, and how deep. */
import { roundHalf } from '../base';
import { growsOneWay, isToBeRooted, type PlantInHand } from '../case';
import type { DepthRule } from '../catalogue/genera';
import type { CandidateFacts, CaseContext } from '../decide/setups';
import { DRY_HOME_PCT } from '../physics/air';
import type { Pot } from '../physics/pots';
import { k } from './constants';

export type Position = 'back to the wall' | 'centre' | 'backs together' | 'on the diagonal' | 'on the mount';

export interface Placement {
  readonly position: Position;
  /** Distance of the oldest growth from the middle of the pot, cm (0 = centre). */
  readonly offsetCm: number;
  readonly depth: DepthRule;
  /** Height of the base of the growth above (+) or below (-) the surface, cm. */
  readonly baseAboveSurfaceCm: number;
  /** Set deeper because the air is dry, cm. */
  readonly deeperForDryAirCm: number;
}

/** Base of the growth against the surface, cm. */
const baseHeightCm: Readonly<Record<DepthRule, number>> = {
  'on the surface': k.ON_TOP_CM,
  'base just tucked in': -k.TUCKED_IN_CM,
  'all roots covered': -k.COVERED_CM,
  'bulb 4 cm under': -k.BULB_UNDER_CM,
};

/** Old bulbs lie on the surface and rot below it; a cutting stands just in. */
function depthOf({ stage, genus }: PlantInHand): DepthRule {
  if (!isToBeRooted(stage) || genus.depth === 'bulb 4 cm under') return genus.depth;
  return stage === 'backbulb' ? 'on the surface' : 'base just tucked in';
}

/**
 * Several plants stand back to back in the middle and grow apart. Oldest bulbs against the wall when growth runs one way, on the diagonal in a square pot; in the
 * middle for a single stem, a clump or growth that rambles (common practice).
 */
export function place(plant: PlantInHand, pot: Pot | null, meanHumidityPct: number, pieceMm: number): Placement {
  const depth = depthOf(plant);
  const isFussyInDryAir =
    meanHumidityPct < DRY_HOME_PCT && plant.genus.rootHardiness === 'fussy' && depth !== 'bulb 4 cm under';
  const deeperForDryAirCm = isFussyInDryAir ? roundHalf((k.DEEPER_PIECES * pieceMm) / 10) : 0;
  const baseAboveSurfaceCm = baseHeightCm[depth] - deeperForDryAirCm;
  if (!pot) return { position: 'on the mount', offsetCm: 0, depth, baseAboveSurfaceCm: 0, deeperForDryAirCm: 0 };
  if (plant.plantCount > 1) {
    return { position: 'backs together', offsetCm: 0, depth, baseAboveSurfaceCm, deeperForDryAirCm };
  }
  if (!growsOneWay(plant)) {
    return { position: 'centre', offsetCm: 0, depth, baseAboveSurfaceCm, deeperForDryAirCm };
  }
  const roomCm = Math.max(0, (pot.rimDiameterCm - plant.rootBallDiameterCm) / 2);
  const isSquare = pot.shape === 'square';
  return {
    position: isSquare ? 'on the diagonal' : 'back to the wall',
    offsetCm: isSquare ? roomCm * k.CORNER_GAIN : roomCm,
    depth,
    baseAboveSurfaceCm,
    deeperForDryAirCm,
  };
}

/** The placement in a setup of a case. */
export function placementOf({ plant, climate }: CaseContext, { setup, pieceMm }: CandidateFacts): Placement {
  return place(plant, setup.kind === 'pot' ? setup.pot : null, climate.meanHumidityPct, pieceMm);
}
