/**
 * A whole year under the grower's real routine: 8,760 hourly steps, rain included, and each hour
 * judged against what the plant wants.
 */
import { daysInMonth, type MonthDrying } from '../air';
import { rootZoneWater, type Column } from './column';
import { HOURS_PER_DAY, monthHours } from './dry-down';
import { createState, reservoirG, rootZoneC, stepHour, waterColumn, type ColumnState } from './hour';
import type { RegimeFigures } from './regime';
import { availableShare, rootZoneAir } from './root-zone';
import { isAway, isWateringDay, MISTING_G_M2, type Holiday, type Routine } from './routine';

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

type Verdict = 'comfortable' | 'tooDry' | 'tooWet';

/** Judges one hour; only hours beyond what the plant tolerates count against the setup. */
function judgeHour(share: number, regime: RegimeFigures, spell: Spell): Verdict {
  const isDry = share < regime.waterAtShare;
  const isWet = share > regime.driedOffShare;
  spell.dryHours = isDry ? spell.dryHours + 1 : 0;
  spell.wetHours = isWet ? spell.wetHours + 1 : 0;
  spell.longestDryHours = Math.max(spell.longestDryHours, spell.dryHours);
  spell.longestWetHours = Math.max(spell.longestWetHours, spell.wetHours);
  if (spell.dryHours > regime.longestDryDays * HOURS_PER_DAY) return 'tooDry';
  if (regime.longestWetDays !== null && spell.wetHours > regime.longestWetDays * HOURS_PER_DAY) return 'tooWet';
  return 'comfortable';
}

/** Rain spread evenly: does it rain on this day of the month? */
function rainsOn(dayOfMonth: number, days: number, rainDays: number): boolean {
  return Math.floor(((dayOfMonth + 1) * rainDays) / days) > Math.floor((dayOfMonth * rainDays) / days);
}

function waterToday(column: Column, state: ColumnState, routine: Routine, day: number, regime: RegimeFigures): boolean {
  if (routine.kind === 'misting') {
    waterColumn(column, state, MISTING_G_M2 * column.topAreaM2 * routine.timesADay);
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
  const { availableG, tightG } = rootZoneWater(column);
  // A local name spares the module look-up 8,760 times where modules are not bundled.
  const step = stepHour;
  const pores = rootZonePores(column);
  const spell: Spell = { dryHours: 0, wetHours: 0, longestDryHours: 0, longestWetHours: 0, leastAir: 1 };
  const months: MonthShares[] = [];
  let day = 0;
  year.forEach((month, monthIndex) => {
    const hours = monthHours(column, month);
    const days = daysInMonth[monthIndex]!;
    const count: Record<Verdict, number> = { comfortable: 0, tooDry: 0, tooWet: 0 };
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
        const share = (rootZoneG - tightG) / availableG;
        waterHours += rootZoneG;
        rootDegrees += rootZoneC(kind, state);
        airDegrees += kind.temperatureC;
        count[judgeHour(share, regime, spell)] += 1;
      }
      day += 1;
    }
    const total = days * HOURS_PER_DAY;
    months.push({
      comfortable: count.comfortable / total,
      tooDry: count.tooDry / total,
      tooWet: count.tooWet / total,
      waterings,
      meanAir: (pores.poreG - waterHours / total) / pores.volumeG,
      rootZoneC: rootDegrees / total,
      airC: airDegrees / total,
    });
  });
  const yearShare = (verdict: Verdict): number =>
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
