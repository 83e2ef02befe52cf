/**
 * Lack of air. Two things take it from roots.
 *
 * Oxygen: it comes through the air-filled pores; passage goes by ε^(4/3) (Millington 1959), what roots and decay use up
 * by Q10 = 2 about the warmth the plant is used to, so the porosity needed is airNeed · (Q10^((T-T₀)/10) · (1 + decay))^(3/4). It is judged in the wettest
 * quarter of the root zone, where roots die first; air that moves between coarse pieces brings more.
 *
 * Water about the roots without a pause: the share by which they are wetter than "dried off", averaged over the days in
 * which that tells, worse in media that decay, and by the genus's need of air against what the root zone has.
 */
import { k } from './constants';
import type { RootNeeds } from './needs';

/** Air-filled porosity needed, v/v. atC: the warmth such plants live in, to which their breathing has settled. */
export function neededAir(airNeed: number, rootZoneC: number, atC: number, decay: number): number {
  return airNeed * Math.exp(WARMING_PER_C * (rootZoneC - atC)) * (1 + decay) ** PASSAGE_EXPONENT;
}

/** Passage goes by ε^(4/3), so the porosity needed by demand^(3/4). */
const PASSAGE_EXPONENT = 3 / 4;
const WARMING_PER_C = (PASSAGE_EXPONENT * Math.log(k.RESPIRATION_Q10)) / 10;

/** What the root zone is made of, as far as its air goes. */
export interface Bedding {
  /** Decay going on in the medium, 0 to 1. */
  readonly decay: number;
  /** Gain of exchange by air that moves between the pieces, 0 = none. */
  readonly ventilation: number;
}

/** Warmth that such plants are used to, °C. */
export function usualC({ warmth }: RootNeeds): number {
  return (warmth.cool + warmth.dayWarm) / 2;
}

/** Air in the wettest part at which roots are at the line of harm in their usual warmth, v/v. */
export function leastBorneAir(needs: RootNeeds, { decay, ventilation }: Bedding): number {
  const airing = k.SUFFOCATES_AT * (1 + ventilation) ** k.VENTILATION_EXPONENT;
  return neededAir(needs.airNeed, 0, 0, decay) / airing;
}

/** How far the wettest part is from giving enough oxygen: above 1 roots suffocate. borneAir: of `leastBorneAir`. */
export function suffocation(needs: RootNeeds, borneAir: number, wettestAir: number, rootZoneC: number): number {
  const warming = Math.exp(WARMING_PER_C * (rootZoneC - usualC(needs)));
  return (borneAir * warming) / Math.max(k.LEAST_AIR, wettestAir);
}

/** Wetness beyond "dried off", 0 to 1, of a share of the available water. */
export function wetterThanDried(needs: RootNeeds, availableShare: number): number {
  const dried = needs.regime.driedOffShare;
  return Math.min(1, Math.max(0, (availableShare - dried) / (1 - dried)));
}

/** Burden of lying wet: mean wetness over the days in which it tells, 0 to 1. */
export function soddenness(needs: RootNeeds, meanWetness: number, meanAir: number, decay: number): number {
  const ease = needs.takesToWater ? k.WATER_ROOTS_EASE : 1;
  const unease = needs.regime.wetMinded * ease * (k.WET_IN_STONE + k.WET_IN_DECAY * decay);
  return meanWetness * unease * Math.sqrt(needs.airNeed / Math.max(k.LEAST_AIR, meanAir));
}
