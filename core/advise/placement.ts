/** Where in the pot the plant goes, how deep, and how long it stays inside there. */
import { roundHalf } from '../base';
import { isToBeRooted, type PlantInHand } from '../case';
import type { DepthRule } from '../catalogue/genera';
import type { CandidateFacts, CaseContext } from '../decide/setups';
import { growthInPot, type PlantPlacement, type PlacementKind, type StaysInside } from '../growth';
import { DRY_HOME_PCT } from '../physics/air';
import type { Pot } from '../physics/pots';
import { k } from './constants';

export type Position = PlacementKind | 'on the mount';

export interface Placement {
  readonly position: Position;
  /** Distance of the middle of the (first) root ball from the middle of the pot, cm (0 = centre). */
  readonly offsetCm: number;
  /** Where each plant stands, from the middle of the pot, growth to the right; none on a mount. */
  readonly stands: readonly PlantPlacement[];
  /** null on a mount: nothing ends there. */
  readonly inside: StaysInside | null;
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

type Standing = Pick<Placement, 'position' | 'offsetCm' | 'stands' | 'inside'>;

const onTheMount: Standing = { position: 'on the mount', offsetCm: 0, stands: [], inside: null };

/** The way of standing in which growth stays inside for longest, as the search finds it. */
function standingIn({ growth }: CaseContext, { shape, rimDiameterCm }: Pot): Standing {
  const { position, stands, years, isBeyond, chances } = growthInPot(growth(), { shape, widthCm: rimDiameterCm }, null);
  const { xCm, yCm } = stands[0]!;
  return { position, offsetCm: Math.hypot(xCm, yCm), stands, inside: { years, isBeyond, chances } };
}

/** The placement in a setup of a case. */
export function placementOf(context: CaseContext, { setup, pieceMm }: CandidateFacts): Placement {
  const { plant, climate } = context;
  const depth = depthOf(plant);
  if (setup.kind === 'mount') return { ...onTheMount, depth, baseAboveSurfaceCm: 0, deeperForDryAirCm: 0 };
  const isFussyInDryAir =
    climate.meanHumidityPct < DRY_HOME_PCT && plant.genus.rootHardiness === 'fussy' && depth !== 'bulb 4 cm under';
  const deeperForDryAirCm = isFussyInDryAir ? roundHalf((k.DEEPER_PIECES * pieceMm) / 10) : 0;
  return {
    ...standingIn(context, setup.pot),
    depth,
    baseAboveSurfaceCm: baseHeightCm[depth] - deeperForDryAirCm,
    deeperForDryAirCm,
  };
}
