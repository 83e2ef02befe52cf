/**
 * The stresses of one plant through time: told hour by hour what its roots meet, it keeps what has gathered and
 * gives each stress between 0 and 1. Everything slow is an average that forgets over some days, so that an hour more
 * or less never changes a verdict, and a plant recovers as gradually as it suffered.
 */
import { type Bedding, leastBorneAir, soddenness, suffocation, wetterThanDried } from './air';
import { k } from './constants';
import { stressOf, wayIn } from './curve';
import { drawnDown, drierThanAsked, openShare, parching } from './drought';
import type { RootNeeds } from './needs';
import { cold, feltC, heat } from './warmth';

export const stressKinds = ['air', 'drought', 'heat', 'cold', 'salt'] as const;
export type StressKind = (typeof stressKinds)[number];
export type Stresses = Readonly<Record<StressKind, number>>;

/** What the roots met in one stretch of hours. */
export interface Met {
  readonly availableShare: number;
  /** Air-filled porosity of the wettest part and of the whole root zone, v/v. */
  readonly wettestAir: number;
  readonly meanAir: number;
  readonly rootZoneC: number;
  readonly airC: number;
  /** Vapour pressure deficit of the air, kPa. */
  readonly deficitKPa: number;
  readonly lightShare: number;
  /** Conductivity of the water about the roots, dS/m. */
  readonly rootWaterDsM: number;
  /** Water the leaves wanted at full opening, and what the roots took up, g. */
  readonly demandG: number;
  readonly takenUpG: number;
}

/** What has gathered. Mutable: it is stepped through a year. */
export interface Strain {
  /** Share of bulbs, stems and leaves that is full, 0 to 1. */
  reserve: number;
  suffocated: number;
  wetness: number;
  meanAir: number;
  dryness: number;
  heat: number;
  cold: number;
  salt: number;
}

export function freshStrain(needs: RootNeeds): Strain {
  return {
    reserve: 1,
    suffocated: 0,
    wetness: 0.5,
    meanAir: needs.airNeed,
    dryness: 0,
    heat: 0,
    cold: 0,
    salt: 0,
  };
}

/** What a step of so many hours needs, worked out once: the averages' ways, and the air still borne. */
export interface Ways {
  readonly borneAir: number;
  readonly wet: number;
  readonly dry: number;
  readonly warmth: number;
  readonly salt: number;
}

export function waysOf(needs: RootNeeds, bedding: Bedding, hours: number): Ways {
  return {
    borneAir: leastBorneAir(needs, bedding),
    wet: wayIn(hours, needs.regime.wetTellsDays),
    dry: wayIn(hours, needs.regime.dryTellsDays),
    warmth: wayIn(hours, k.WARMTH_TELLS_DAYS),
    salt: wayIn(hours, k.SALT_TELLS_DAYS),
  };
}

/** One step. reserveG: what bulbs, stems and leaves hold. */
export function strainOn(strain: Strain, needs: RootNeeds, met: Met, ways: Ways, reserveG: number): void {
  const suffocating = suffocation(needs, ways.borneAir, met.wettestAir, met.rootZoneC);
  strain.suffocated += (stressOf(suffocating) - strain.suffocated) * ways.wet;
  strain.wetness += (wetterThanDried(needs, met.availableShare) - strain.wetness) * ways.wet;
  strain.meanAir += (met.meanAir - strain.meanAir) * ways.wet;
  strain.dryness += (drierThanAsked(needs, met.availableShare, met.deficitKPa) - strain.dryness) * ways.dry;
  const felt = feltC(met.airC, met.rootZoneC);
  strain.heat += (stressOf(heat(needs.warmth, felt, met.lightShare)) - strain.heat) * ways.warmth;
  strain.cold += (stressOf(cold(needs.warmth, felt)) - strain.cold) * ways.warmth;
  strain.salt += (met.rootWaterDsM - strain.salt) * ways.salt;
  const change = met.takenUpG - met.demandG * openShare(strain.reserve);
  strain.reserve = Math.min(1, Math.max(0, strain.reserve + change / reserveG));
}

/** The worse of two, and a little more where both weigh. */
function either(first: number, second: number): number {
  return 1 - (1 - first) * (1 - second);
}

export function stressesOf(strain: Strain, needs: RootNeeds, decay: number): Stresses {
  return {
    air: either(strain.suffocated, stressOf(soddenness(needs, strain.wetness, strain.meanAir, decay))),
    drought: either(stressOf(drawnDown(strain.reserve)), stressOf(parching(needs, strain.dryness))),
    heat: strain.heat,
    cold: strain.cold,
    salt: stressOf(strain.salt / (k.SALT_HARMS_AT * needs.saltToleranceDsM)),
  };
}

/** All stresses together, 0 to 1. */
export function wholeStress(stresses: Stresses): number {
  const { air, drought, heat, cold, salt } = stresses;
  return 1 - (1 - air) * (1 - drought) * (1 - heat) * (1 - cold) * (1 - salt);
}

export function worstKind(stresses: Stresses): StressKind {
  return stressKinds.reduce((worst, kind) => (stresses[kind] > stresses[worst] ? kind : worst), 'air');
}

/** How much of a day of such stress is fine, to watch, and harm; they add up to 1, and nothing jumps at the lines. */
export function dayShares(stress: number): { readonly fine: number; readonly watch: number; readonly harm: number } {
  const notFine = past(stress, k.FINE_BELOW);
  const harm = past(stress, k.HARM_ABOVE);
  return { fine: 1 - notFine, watch: notFine - harm, harm };
}

function past(stress: number, line: number): number {
  return Math.min(1, Math.max(0, (stress - line) / k.LINE_WIDTH + 0.5));
}
