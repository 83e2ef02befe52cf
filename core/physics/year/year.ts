/**
 * A whole year under the grower's real routine, hour by hour (hours alike in one go), rain and feed included, and what the plant's roots
 * meet in it told as stresses.
 */
import {
  availableShare,
  type Column,
  type ColumnState,
  createState,
  dailyThirstG,
  type Holiday,
  type HourClass,
  isAway,
  MISTING_G_M2,
  mistOf,
  monthHours,
  rainOf,
  reservoirG,
  rootZoneAir,
  rootZoneC,
  rootZoneWater,
  type Routine,
  setThirst,
  standingG,
  stepHour,
  takenUpG,
  waterColumn,
  waterFromDry,
  type Watering,
  wateringFor,
  wateringHours,
  type WetFoot,
  wetFootOf,
} from '../drydown';
import { daysInMonth, type MonthDrying } from '../places';
import {
  countFlow,
  crustGM2,
  type Feeding,
  FLUSH_FROM_SHARE,
  FLUSH_THROUGH_SHARE,
  FLUSH_WATER_DS_M,
  freshSalt,
  isFed,
  layerDsM,
  moveSalt,
  RAIN_DS_M,
  rootWaterDsM,
  type Salt,
  saltWatering,
  wateredRootDsM,
} from '../salt';
import {
  freshStrain,
  type Met,
  openShare,
  refillGH,
  type RootNeeds,
  type Strain,
  strainOn,
  stressesOf,
  stressFigures,
  type Ways,
  waysOf,
} from '../stress';
import { k } from './constants';
import { rainOfMonth } from './rain';
import { MonthTally, type YearReport, yearSums } from './tally';

/** How the grower keeps the plant. */
export interface Care {
  readonly routine: Routine;
  readonly feeding: Feeding;
  readonly holiday: Holiday | null;
  /** Flushes the pot when its salts near what the plant bears. */
  readonly flushes: boolean;
}

/** Everything of one pot that goes through the year. */
interface Pot {
  readonly column: Column;
  readonly state: ColumnState;
  readonly salt: Salt;
  readonly strain: Strain;
  readonly needs: RootNeeds;
  readonly care: Care;
  readonly watering: Watering;
  readonly ways: Ways;
  readonly foot: WetFoot;
  readonly zone: RootZone;
  /** What the roots meet: written over at every look, since there are two thousand in a year. */
  readonly met: { -readonly [Key in keyof Met]: Met[Key] };
  readonly reserveG: number;
  /** Days of the last feed and the last flush. */
  fedOnDay: number;
  flushedOnDay: number;
}

interface RootZone {
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

function potOf(column: Column, care: Care, needs: RootNeeds, lookHours: number): Pot {
  const watering = wateringFor(care.routine);
  const zone = rootZoneOf(column);
  const state = createState(column);
  waterFromDry(column, state, needs.regime.waterAtShare, watering);
  return {
    column,
    state,
    salt: freshSalt(column, state, care.feeding.waterDsM),
    strain: freshStrain(needs),
    needs,
    care,
    watering,
    ways: waysOf(needs, zone, lookHours),
    foot: wetFootOf(column),
    zone,
    reserveG: needs.regime.reserveDays * dailyThirstG(column.drinker, stressFigures.ORDINARY_DEFICIT_KPA),
    met: nothingMet(care),
    fedOnDay: -Infinity,
    flushedOnDay: -Infinity,
  };
}

function nothingMet({ feeding }: Care): Met {
  return {
    availableShare: 1,
    wettestAir: 0,
    meanAir: 0,
    rootZoneC: 0,
    airC: 0,
    deficitKPa: 0,
    lightShare: 0,
    rootWaterDsM: feeding.waterDsM,
    thirstG: 0,
    takenUpG: 0,
  };
}

function give(pot: Pot, watering: Watering, waterDsM: number): void {
  const before = reservoirG(pot.state);
  waterColumn(pot.column, pot.state, watering);
  saltWatering(pot.column, pot.state, pot.salt, waterDsM, reservoirG(pot.state) - before);
}

/** Is the next watering to be a flush? Mists run off nothing, so they flush nothing. */
function isFlushDue({ care, column, salt, needs, flushedOnDay }: Pot, day: number): boolean {
  if (!care.flushes || care.routine.kind === 'misting' || day - flushedOnDay < k.FLUSH_PAUSE_DAYS) return false;
  return wateredRootDsM(column, salt) > FLUSH_FROM_SHARE * needs.saltToleranceDsM;
}

/** Plain water, purer than what it gathered from if need be, until a pot and a half of it have run through. */
function flush(pot: Pot, day: number): void {
  const through = { ...pot.watering, throughShare: FLUSH_THROUGH_SHARE };
  give(pot, through, Math.min(pot.care.feeding.waterDsM, FLUSH_WATER_DS_M));
  pot.flushedOnDay = day;
}

/** Waters if the routine says so at this hour. */
function waterNow(pot: Pot, day: number): boolean {
  const { column, state, needs, care } = pot;
  const { routine, feeding } = care;
  if (routine.kind === 'when dry') {
    const asks = availableShare(column, state) <= needs.regime.waterAtShare;
    if (!asks && !(column.reservoirCapacityG > 0 && reservoirG(state) <= 0)) return false;
  }
  if (isFlushDue(pot, day)) {
    flush(pot, day);
    return true;
  }
  const watering = routine.kind === 'misting' ? mistOf(MISTING_G_M2 * column.topAreaM2) : pot.watering;
  const fed = isFed(feeding, day - pot.fedOnDay);
  if (fed) pot.fedOnDay = day;
  give(pot, watering, fed ? feeding.feedDsM : feeding.waterDsM);
  return true;
}

/** Air-filled porosity of the wettest quarter, v/v. Where plants take to water, what stands in it is not held against it. */
function wettestAir({ column, state, foot, needs }: Pot): number {
  if (column.hangsInAir) return 1;
  let waterG = needs.takesToWater ? 0 : standingG(column, state);
  for (let i = foot.firstCell; i <= foot.lastCell; i += 1) waterG += state.wetness[i]! * column.capacityG[i]!;
  return Math.max(0, (foot.poreG - waterG) / foot.volumeG);
}

/** One look at the plant. */
function look(
  pot: Pot,
  kind: HourClass,
  thirstG: number,
  takenUp: number,
  rootZoneG: number,
  tally: MonthTally | null,
): void {
  const { column, state, strain, needs, zone, met } = pot;
  const meanAir = column.hangsInAir ? 1 : Math.max(0, (zone.poreG - rootZoneG) / zone.volumeG);
  const warmth = rootZoneC(state);
  met.availableShare = (rootZoneG - zone.unavailableG) / zone.availableG;
  met.wettestAir = wettestAir(pot);
  met.meanAir = meanAir;
  met.rootZoneC = warmth;
  met.airC = kind.temperatureC;
  met.deficitKPa = kind.deficitKPa;
  met.lightShare = kind.lightShare;
  met.thirstG = thirstG;
  met.takenUpG = takenUp;
  strainOn(strain, needs, met, pot.ways, pot.reserveG);
  setThirst(state, openShare(strain.reserve), refillGH(strain.reserve, pot.reserveG));
  if (tally === null) return;
  const { readings } = tally;
  readings.air += meanAir;
  readings.rootC += warmth;
  readings.airC += kind.temperatureC;
  readings.dsM += met.rootWaterDsM;
  if (met.rootWaterDsM > readings.highestDsM) readings.highestDsM = met.rootWaterDsM;
  readings.looks += 1;
}

interface Spells {
  dryHours: number;
  wetHours: number;
  longestDryHours: number;
  longestWetHours: number;
  leastAir: number;
}

function countSpells(spells: Spells, share: number, pot: Pot, hours: number): void {
  const { regime } = pot.needs;
  spells.dryHours = share < regime.waterAtShare ? spells.dryHours + hours : 0;
  spells.wetHours = share > regime.driedOffShare ? spells.wetHours + hours : 0;
  if (spells.dryHours > spells.longestDryHours) spells.longestDryHours = spells.dryHours;
  if (spells.wetHours > spells.longestWetHours) spells.longestWetHours = spells.wetHours;
}

/** Hours from `hour` on that are all alike: the same kind, no watering among them, within one look. */
function alikeHours(hours: readonly HourClass[], hour: number, nextWatering: number): number {
  const kind = hours[hour]!;
  const most = k.JUDGE_EVERY_HOURS - (hour % k.JUDGE_EVERY_HOURS);
  let count = 1;
  while (count < most && hour + count !== nextWatering && hours[hour + count] === kind) count += 1;
  return count;
}

/** One day from the morning round on. */
function liveDay(pot: Pot, hours: readonly HourClass[], day: number, spells: Spells, tally: MonthTally): void {
  const { column, state, salt, zone } = pot;
  const round = isAway(pot.care.holiday, day) ? [] : wateringHours(pot.care.routine, day);
  let next = 0;
  let takenBefore = takenUpG(state);
  let reservoirBefore = reservoirG(state);
  let [drawnG, drunkG, thirstG] = [0, 0, 0];
  let hour = 0;
  while (hour < HOURS_PER_DAY) {
    if (round[next] === hour) {
      drawnG += reservoirBefore - reservoirG(state);
      if (waterNow(pot, day)) tally.readings.waterings += 1;
      if (pot.flushedOnDay === day) tally.readings.flushes += 1;
      reservoirBefore = reservoirG(state);
      next += 1;
      spells.leastAir = Math.min(spells.leastAir, rootZoneAir(column, state));
    }
    const kind = hours[hour]!;
    const count = alikeHours(hours, hour, round[next] ?? HOURS_PER_DAY);
    countFlow(column, state, salt, count);
    const rootZoneG = stepHour(column, kind, state, count);
    thirstG += kind.uptakeGH * count;
    countSpells(spells, (rootZoneG - zone.unavailableG) / zone.availableG, pot, count);
    hour += count;
    if (hour % JUDGE_EVERY_HOURS === 0) {
      const taken = takenUpG(state) - takenBefore;
      look(pot, kind, thirstG, taken, rootZoneG, tally);
      drunkG += taken;
      takenBefore = takenUpG(state);
      thirstG = 0;
    }
  }
  drawnG += reservoirBefore - reservoirG(state);
  moveSalt(column, state, salt, drawnG, drunkG);
  pot.met.rootWaterDsM = rootWaterDsM(column, state, salt);
}

/** Copies in this module's scope: the compiler folds them into the loop. */
const JUDGE_EVERY_HOURS = k.JUDGE_EVERY_HOURS;
const HOURS_PER_DAY = k.HOURS_PER_DAY;

/** column: of the setup; year: its twelve months of air; needs: of the plant. */
export function simulateYear(column: Column, year: readonly MonthDrying[], care: Care, needs: RootNeeds): YearReport {
  const pot = potOf(column, care, needs, k.JUDGE_EVERY_HOURS);
  const spells: Spells = { dryHours: 0, wetHours: 0, longestDryHours: 0, longestWetHours: 0, leastAir: 1 };
  const layersDsM = Array.from({ length: Math.max(...column.layerIndex) + 1 }, () => 0);
  let day = 0;
  const months = year.map((month, monthIndex) => {
    const tally = new MonthTally();
    const hours = monthHours(column, month);
    const days = daysInMonth[monthIndex]!;
    const rain = rainOfMonth(days, month.rainMm, month.rainDays);
    for (let dayOfMonth = 0; dayOfMonth < days; dayOfMonth += 1) {
      if (rain[dayOfMonth]! > 0) give(pot, rainOf(rain[dayOfMonth]! * 1000 * column.topAreaM2), RAIN_DS_M);
      liveDay(pot, hours, day, spells, tally);
      tally.day(stressesOf(pot.strain, needs, pot.zone.decay));
      day += 1;
    }
    layersDsM.forEach((dsM, layer) => {
      layersDsM[layer] = Math.max(dsM, layerDsM(column, pot.salt, layer));
    });
    return tally.report();
  });
  return {
    months,
    ...yearSums(months, daysInMonth),
    longestDrySpellDays: spells.longestDryHours / k.HOURS_PER_DAY,
    longestWetSpellDays: spells.longestWetHours / k.HOURS_PER_DAY,
    leastAir: Math.max(0, spells.leastAir),
    layersDsM,
    crustGM2: crustGM2(column, pot.salt),
  };
}

/**
 * A quick look at some weeks of one month under the routine: root health, 0 to 1. Long steps on a coarse column; for
 * choosing what is worth the whole year, never shown.
 */
export function sampleHealth(
  column: Column,
  month: MonthDrying,
  care: Care,
  gapDays: number | null,
  needs: RootNeeds,
): number {
  const pot = potOf(column, { ...care, holiday: null }, needs, k.SAMPLE_STEP_HOURS);
  const hours = monthHours(column, month);
  const days = Math.round(Math.max(k.SAMPLE_DAYS, k.SAMPLE_GAPS * (gapDays ?? 1)));
  const rain = rainOfMonth(30, month.rainMm, month.rainDays);
  let health = 0;
  for (let day = 0; day < days; day += 1) {
    const rainMm = rain[day % 30]!;
    if (rainMm > 0) give(pot, rainOf(rainMm * 1000 * column.topAreaM2), RAIN_DS_M);
    const round = wateringHours(care.routine, day);
    let next = 0;
    for (let hour = 0; hour < k.HOURS_PER_DAY; hour += k.SAMPLE_STEP_HOURS) {
      while (next < round.length && round[next]! < hour + k.SAMPLE_STEP_HOURS) {
        waterNow(pot, day);
        next += 1;
      }
      const before = takenUpG(pot.state);
      const kind = hours[hour]!;
      const rootZoneG = stepHour(column, kind, pot.state, k.SAMPLE_STEP_HOURS, k.SAMPLE_MOST_LOST);
      look(pot, kind, kind.uptakeGH * k.SAMPLE_STEP_HOURS, takenUpG(pot.state) - before, rootZoneG, null);
    }
    const { air, drought } = stressesOf(pot.strain, needs, pot.zone.decay);
    health += (1 - air) * (1 - drought);
  }
  return health / days;
}
