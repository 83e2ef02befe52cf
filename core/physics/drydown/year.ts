/**
 * A whole year under the grower's real routine: 8,760 hourly steps, rain included, and each hour
 * judged against what the plant wants.
 */
import { daysInMonth, type MonthDrying } from '../places';
import { type Column, rootZoneWater } from './column';
import { k } from './constants';
import { HOURS_PER_DAY, monthHours } from './dry-down';
import { type ColumnState, createState, reservoirG, rootZoneC, stepHour, waterColumn } from './hour';
import type { RegimeFigures } from './regime';
import { availableShare, rootZoneAir } from './root-zone';
import { type Holiday, isAway, isWateringDay, type Routine } from './routine';

export interface MonthShares {
  /** Shares of the month's hours; they add up to 1. */
  readonly comfortable: number;
  readonly tooDry: number;
  readonly tooWet: number;
  readonly waterings: number;
  /** Mean air-filled porosity of the root zone, v/v. */
  readonly meanAir: number;
  /** Mean temperatures of the root zone and of the air about the pot, °C. */
  readonly rootZoneC: number;
  readonly airC: number;
}

export interface YearReport {
  readonly months: readonly MonthShares[];
  readonly comfortable: number;
  readonly tooDry: number;
  readonly tooWet: number;
  readonly waterings: number;
  readonly longestDrySpellDays: number;
  readonly longestWetSpellDays: number;
  /** Least air-filled porosity of the root zone over the year, v/v. */
  readonly leastAir: number;
}

interface Spell {
  dryHours: number;
  wetHours: number;
  longestDryHours: number;
  longestWetHours: number;
  leastAir: number;
}

/** Numbers, not words: this is told 8,760 times a year for every setup. */
const COMFORTABLE = 0;
const DRY = 1;
const WET = 2;
type Verdict = typeof COMFORTABLE | typeof DRY | typeof WET;

/** Judges one hour (or one longer step); only time beyond what the plant tolerates counts against the setup. */
function judgeHour(share: number, regime: RegimeFigures, spell: Spell, stepHours: number): Verdict {
  const isDry = share < regime.waterAtShare;
  const isWet = share > regime.driedOffShare;
  spell.dryHours = isDry ? spell.dryHours + stepHours : 0;
  spell.wetHours = isWet ? spell.wetHours + stepHours : 0;
  if (spell.dryHours > spell.longestDryHours) spell.longestDryHours = spell.dryHours;
  if (spell.wetHours > spell.longestWetHours) spell.longestWetHours = spell.wetHours;
  if (spell.dryHours > regime.longestDryDays * HOURS_PER_DAY) return DRY;
  if (regime.longestWetDays !== null && spell.wetHours > regime.longestWetDays * HOURS_PER_DAY) return WET;
  return COMFORTABLE;
}

/** Rain spread evenly: does it rain on this day of the month? */
function rainsOn(dayOfMonth: number, days: number, rainDays: number): boolean {
  return Math.floor(((dayOfMonth + 1) * rainDays) / days) > Math.floor((dayOfMonth * rainDays) / days);
}

function waterToday(column: Column, state: ColumnState, routine: Routine, day: number, regime: RegimeFigures): boolean {
  if (routine.kind === 'misting') {
    waterColumn(column, state, k.MISTING_G_M2 * column.topAreaM2 * routine.timesADay);
    return true;
  }
  const asks = availableShare(column, state) <= regime.waterAtShare;
  const isEmpty = column.reservoirCapacityG > 0 && reservoirG(state) <= 0;
  const due = routine.kind === 'when dry' ? asks || isEmpty : isWateringDay(routine, day);
  if (due) waterColumn(column, state);
  return due;
}

export function simulateYear(
  column: Column,
  year: readonly MonthDrying[],
  routine: Routine,
  regime: RegimeFigures,
  holiday: Holiday | null = null,
): YearReport {
  const state = createState(column);
  const { availableG, unavailableG } = rootZoneWater(column);
  // A local name spares the module look-up 8,760 times where modules are not bundled.
  const step = stepHour;
  const pores = rootZonePores(column);
  const spell: Spell = { dryHours: 0, wetHours: 0, longestDryHours: 0, longestWetHours: 0, leastAir: 1 };
  const months: MonthShares[] = [];
  let day = 0;
  year.forEach((month, monthIndex) => {
    const hours = monthHours(column, month);
    const days = daysInMonth[monthIndex]!;
    let dryHours = 0;
    let wetHours = 0;
    let waterings = 0;
    let waterHours = 0;
    let rootDegrees = 0;
    let airDegrees = 0;
    for (let dayOfMonth = 0; dayOfMonth < days; dayOfMonth += 1) {
      const rainMm = rainsOn(dayOfMonth, days, month.rainDays) ? month.rainMm / month.rainDays : 0;
      if (rainMm > 0) waterColumn(column, state, rainMm * 1000 * column.topAreaM2);
      if (!isAway(holiday, day) && waterToday(column, state, routine, day, regime)) waterings += 1;
      spell.leastAir = Math.min(spell.leastAir, rootZoneAir(column, state));
      for (let hour = 0; hour < HOURS_PER_DAY; hour += 1) {
        const kind = hours[hour]!;
        const rootZoneG = step(column, kind, state);
        const share = (rootZoneG - unavailableG) / availableG;
        waterHours += rootZoneG;
        if (hour % k.READ_EVERY_HOURS === 0) {
          rootDegrees += rootZoneC(kind, state);
          airDegrees += kind.temperatureC;
        }
        const verdict = judgeHour(share, regime, spell, 1);
        if (verdict === DRY) dryHours += 1;
        else if (verdict === WET) wetHours += 1;
      }
      day += 1;
    }
    const total = days * HOURS_PER_DAY;
    months.push({
      comfortable: (total - dryHours - wetHours) / total,
      tooDry: dryHours / total,
      tooWet: wetHours / total,
      waterings,
      meanAir: (pores.poreG - waterHours / total) / pores.volumeG,
      rootZoneC: (rootDegrees * k.READ_EVERY_HOURS) / total,
      airC: (airDegrees * k.READ_EVERY_HOURS) / total,
    });
  });
  const yearShare = (verdict: 'comfortable' | 'tooDry' | 'tooWet'): number =>
    months.reduce((sum, month, index) => sum + month[verdict] * daysInMonth[index]!, 0) / day;
  return {
    months,
    comfortable: yearShare('comfortable'),
    tooDry: yearShare('tooDry'),
    tooWet: yearShare('tooWet'),
    waterings: months.reduce((sum, month) => sum + month.waterings, 0),
    longestDrySpellDays: spell.longestDryHours / HOURS_PER_DAY,
    longestWetSpellDays: spell.longestWetHours / HOURS_PER_DAY,
    leastAir: spell.leastAir,
  };
}

/**
 * A quick look at some weeks of one month under the routine: the share of time in comfort, 0..1.
 * Long steps on a coarse column; for choosing what is worth the whole year, never shown.
 */
export function sampleComfort(
  column: Column,
  month: MonthDrying,
  routine: Routine,
  gapDays: number | null,
  regime: RegimeFigures,
): number {
  const state = createState(column);
  const { availableG, unavailableG } = rootZoneWater(column);
  const hours = monthHours(column, month);
  const spell: Spell = { dryHours: 0, wetHours: 0, longestDryHours: 0, longestWetHours: 0, leastAir: 1 };
  const days = Math.max(k.SAMPLE_DAYS, k.SAMPLE_WARM_UP_DAYS + k.SAMPLE_GAPS * (gapDays ?? 1));
  const rainEvery = month.rainDays > 0 ? Math.max(1, Math.round(30 / month.rainDays)) : 0;
  let comfortable = 0;
  let counted = 0;
  for (let day = 0; day < days; day += 1) {
    if (rainEvery > 0 && day % rainEvery === 0) {
      waterColumn(column, state, (month.rainMm / month.rainDays) * 1000 * column.topAreaM2);
    }
    waterToday(column, state, routine, day, regime);
    for (let hour = 0; hour < HOURS_PER_DAY; hour += k.SAMPLE_STEP_HOURS) {
      const share = (stepHour(column, hours[hour]!, state, k.SAMPLE_STEP_HOURS) - unavailableG) / availableG;
      const verdict = judgeHour(share, regime, spell, k.SAMPLE_STEP_HOURS);
      if (day < k.SAMPLE_WARM_UP_DAYS) continue;
      counted += 1;
      if (verdict === COMFORTABLE) comfortable += 1;
    }
  }
  return comfortable / counted;
}

/** Pore space and volume of the root zone, both in g of water. */
function rootZonePores(column: Column): { readonly poreG: number; readonly volumeG: number } {
  let poreG = 0;
  let volumeG = 0;
  for (let i = 0; i < column.cellCount; i += 1) {
    if (!column.isRootZone[i]) continue;
    poreG += column.poreG[i]!;
    volumeG += column.volumeL[i]! * 1000;
  }
  return { poreG, volumeG };
}
