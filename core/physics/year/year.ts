/**
 * A whole year under the grower's real routine, hour by hour (hours alike in one go), rain and feed included, and what the
 * plant's roots meet in it told as stresses.
 */
import { HOURS_PER_DAY } from '../../base';
import {
  type Column,
  type HourClass,
  isAway,
  monthHours,
  rainOf,
  reservoirG,
  rootZoneAir,
  stepHour,
  takenUpG,
  waterColumn,
  wateringHours,
} from '../drydown';
import { daysInMonth, type MonthDrying } from '../places';
import { crustGM2, layerDsM, moveSalt, RAIN_DS_M, rootWaterDsM } from '../salt';
import { type RootNeeds, stressesOf } from '../stress';
import { k } from './constants';
import { rainOfMonth } from './rain';
import { MonthTally, type YearReport, yearSums } from './tally';
import { type YearRoutine, enterMonth, type Pot, potOf } from './kept-pot';
import { give, waterNow, waterOnly } from './giving';
import { checkMoisture } from './moisture-check';

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
  let [drawnG, drunkG, demandG] = [0, 0, 0];
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
    const rootZoneG = stepHour(column, kind, state, count);
    demandG += kind.uptakeGH * count * pot.demandShare;
    countSpells(spells, (rootZoneG - zone.unavailableG) / zone.availableG, pot, count);
    hour += count;
    if (hour % JUDGE_EVERY_HOURS === 0) {
      const taken = takenUpG(state) - takenBefore;
      checkMoisture(pot, kind, demandG, taken, rootZoneG, tally);
      drunkG += taken;
      takenBefore = takenUpG(state);
      demandG = 0;
      // Half way from one round to the next: waterings that drift through the day and ones that keep its hour read alike.
      if (hour === MIDDLE_HOUR) {
        pot.met.rootWaterDsM = rootWaterDsM(column, state, salt);
        tally.day(stressesOf(pot.strain, pot.needs, zone.decay));
      }
    }
  }
  drawnG += reservoirBefore - reservoirG(state);
  moveSalt(column, state, salt, drawnG, drunkG);
}

/** Copies in this module's scope: the compiler folds them into the loop. */
const JUDGE_EVERY_HOURS = k.JUDGE_EVERY_HOURS;
const MIDDLE_HOUR = HOURS_PER_DAY / 2;

const freshSpells = (): Spells => ({
  dryHours: 0,
  wetHours: 0,
  longestDryHours: 0,
  longestWetHours: 0,
  leastAir: 1,
});

/** One month from its first day on. day: of the year, of that first day. */
function liveMonth(pot: Pot, month: MonthDrying, monthIndex: number, day: number, spells: Spells): MonthTally {
  const { column } = pot;
  const tally = new MonthTally();
  const hours = monthHours(column, month);
  const days = daysInMonth[monthIndex]!;
  const rain = rainOfMonth(days, month.rainMm, month.rainDays);
  for (let dayOfMonth = 0; dayOfMonth < days; dayOfMonth += 1) {
    if (rain[dayOfMonth]! > 0) give(pot, rainOf(rain[dayOfMonth]! * 1000 * column.topAreaM2), RAIN_DS_M);
    liveDay(pot, hours, day + dayOfMonth, spells, tally);
  }
  return tally;
}

/** A plant that sleeps over the turn of the year goes into it as its dry December leaves it, not newly watered. */
function sleepIn(pot: Pot, year: readonly MonthDrying[]): void {
  const { rest } = pot.care;
  if (!rest || rest.waterShare > 0 || !rest.months.includes(0)) return;
  const last = year.length - 1;
  enterMonth(pot, 0);
  liveMonth(pot, year[last]!, last, -daysInMonth[last]!, freshSpells());
}

/** column: of the setup; year: its twelve months of air; needs: of the plant. */
export function simulateYear(
  column: Column,
  year: readonly MonthDrying[],
  care: YearRoutine,
  needs: RootNeeds,
): YearReport {
  const pot = potOf(column, care, needs, k.JUDGE_EVERY_HOURS);
  sleepIn(pot, year);
  const spells = freshSpells();
  const layersDsM = Array.from({ length: Math.max(...column.layerIndex) + 1 }, () => 0);
  let day = 0;
  const months = year.map((month, monthIndex) => {
    enterMonth(pot, monthIndex);
    const tally = liveMonth(pot, month, monthIndex, day, spells);
    day += daysInMonth[monthIndex]!;
    layersDsM.forEach((dsM, layer) => {
      layersDsM[layer] = Math.max(dsM, layerDsM(column, pot.salt, layer));
    });
    return tally.report();
  });
  return {
    months,
    ...yearSums(months, daysInMonth),
    longestDrySpellDays: spells.longestDryHours / HOURS_PER_DAY,
    longestWetSpellDays: spells.longestWetHours / HOURS_PER_DAY,
    leastAir: Math.max(0, spells.leastAir),
    layersDsM,
    crustGM2: crustGM2(column, pot.salt),
  };
}

/**
 * A quick look at some weeks of one month under the routine: root health, 0 to 1. Long steps on a coarse column; for
 * choosing what is worth the whole year, never shown. worthFrom: once so much health is out of reach, it goes no further and
 * says what would have been left had all else been fine.
 */
export function sampleHealth(
  column: Column,
  month: MonthDrying,
  care: YearRoutine,
  gapDays: number | null,
  needs: RootNeeds,
  monthIndex: number,
  worthFrom = 0,
): number {
  const pot = potOf(column, { ...care, holiday: null }, needs, k.SAMPLE_STEP_HOURS);
  enterMonth(pot, monthIndex);
  const hours = monthHours(column, month);
  const days = Math.round(Math.max(k.SAMPLE_DAYS, k.SAMPLE_GAPS * (gapDays ?? 1)));
  const rain = rainOfMonth(30, month.rainMm, month.rainDays);
  let health = 0;
  for (let day = 0; day < days; day += 1) {
    const rainMm = rain[day % 30]!;
    if (rainMm > 0) waterColumn(column, pot.state, rainOf(rainMm * 1000 * column.topAreaM2));
    const round = wateringHours(care.routine, day);
    let next = 0;
    for (let hour = 0; hour < HOURS_PER_DAY; hour += k.SAMPLE_STEP_HOURS) {
      while (next < round.length && round[next]! < hour + k.SAMPLE_STEP_HOURS) {
        waterOnly(pot);
        next += 1;
      }
      const before = takenUpG(pot.state);
      const kind = hours[hour]!;
      const rootZoneG = stepHour(column, kind, pot.state, k.SAMPLE_STEP_HOURS, k.SAMPLE_MOST_LOST);
      checkMoisture(
        pot,
        kind,
        kind.uptakeGH * k.SAMPLE_STEP_HOURS * pot.demandShare,
        takenUpG(pot.state) - before,
        rootZoneG,
        null,
      );
    }
    const { air, drought } = stressesOf(pot.strain, pot.needs, pot.zone.decay);
    health += (1 - air) * (1 - drought);
    const atBest = (health + days - 1 - day) / days;
    if (atBest < worthFrom) return atBest;
  }
  return health / days;
}
