/** A pot as it goes through the year: its water, salts and plant, and how it is kept. */
import {
  type Column,
  type ColumnState,
  createState,
  dailyDemandG,
  type Holiday,
  rootZoneWater,
  type Routine,
  waterFromDry,
  type Watering,
  wateringFor,
  type WetFoot,
  wetFootOf,
} from '../drydown';
import { type Feeding, freshSalt, type Salt } from '../salt';
import {
  freshStrain,
  type Met,
  type RestWatering,
  type RootNeeds,
  type Strain,
  stressFigures,
  type Ways,
  waysOf,
} from '../stress';

/** How the grower keeps the plant. */
export interface YearRoutine {
  readonly routine: Routine;
  readonly feeding: Feeding;
  readonly holiday: Holiday | null;
  /** Flushes the pot when its salts near what the plant bears. */
  readonly flushes: boolean;
  /** Its months of rest; null or absent where it has none. */
  readonly rest?: RestWatering | null;
}

/** Everything of one pot that goes through the year. */
export interface Pot {
  readonly column: Column;
  readonly state: ColumnState;
  readonly salt: Salt;
  readonly strain: Strain;
  /** As they are in this month. */
  needs: RootNeeds;
  readonly care: YearRoutine;
  readonly watering: Watering;
  ways: Ways;
  readonly foot: WetFoot;
  readonly zone: RootZone;
  /** What the roots meet: written over at every look, since there are two thousand in a year. */
  readonly met: { -readonly [Key in keyof Met]: Met[Key] };
  reserveG: number;
  /** Share of the ordinary demand and of the usual waterings in this month, and what of a watering has come together. */
  demandShare: number;
  waterShare: number;
  wateringsDue: number;
  /** Growing and resting; the same where it has no rest. */
  readonly awake: Season;
  readonly resting: Season;
  /** Days of the last feed and the last flush. */
  fedOnDay: number;
  flushedOnDay: number;
}

export interface RootZone {
  readonly availableG: number;
  readonly unavailableG: number;
  readonly poreG: number;
  readonly volumeG: number;
  readonly decay: number;
  readonly ventilation: number;
}

function rootZoneOf(column: Column): RootZone {
  let [poreG, volumeG, decay, ventilation] = [0, 0, 0, 0];
  for (let i = 0; i < column.cellCount; i += 1) {
    if (!column.isRootZone[i]) continue;
    poreG += column.poreG[i]!;
    volumeG += column.volumeL[i]! * 1000;
    decay += column.decay[i]! * column.volumeL[i]! * 1000;
    ventilation += column.ventilation[i]! * column.volumeL[i]! * 1000;
  }
  return {
    ...rootZoneWater(column),
    poreG,
    volumeG,
    decay: decay / volumeG,
    ventilation: ventilation / volumeG,
  };
}

/** What changes with the season. */
type Season = Pick<Pot, 'needs' | 'ways' | 'reserveG' | 'demandShare' | 'waterShare'>;

/** From here on it grows, or rests. */
export function enterMonth(pot: Pot, month: number): void {
  Object.assign(pot, pot.care.rest?.months.includes(month) ? pot.resting : pot.awake);
}

export function potOf(column: Column, care: YearRoutine, needs: RootNeeds, lookHours: number): Pot {
  const watering = wateringFor(care.routine);
  const zone = rootZoneOf(column);
  const state = createState(column);
  const seasonOf = (own: RootNeeds, demandShare: number, waterShare: number): Season => ({
    needs: own,
    ways: waysOf(own, zone, lookHours),
    reserveG: own.regime.reserveDays * dailyDemandG(column.drinker, stressFigures.ORDINARY_DEFICIT_KPA),
    demandShare,
    waterShare,
  });
  const awake = seasonOf(needs, 1, 1);
  const { rest } = care;
  const resting = rest ? seasonOf({ ...needs, regime: rest.regime }, rest.demandShare, rest.waterShare) : awake;
  waterFromDry(column, state, needs.regime.waterAtShare, watering);
  return {
    column,
    state,
    salt: freshSalt(column, state, care.feeding.waterDsM),
    strain: freshStrain(needs),
    ...awake,
    awake,
    resting,
    wateringsDue: 0,
    care,
    watering,
    foot: wetFootOf(column),
    zone,
    met: nothingMet(care),
    fedOnDay: -Infinity,
    flushedOnDay: -Infinity,
  };
}

function nothingMet({ feeding }: YearRoutine): Met {
  return {
    availableShare: 1,
    wettestAir: 0,
    meanAir: 0,
    rootZoneC: 0,
    airC: 0,
    deficitKPa: 0,
    lightShare: 0,
    rootWaterDsM: feeding.waterDsM,
    demandG: 0,
    takenUpG: 0,
  };
}
