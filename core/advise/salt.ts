/** When a pot wants flushing, and how much water that takes: from its salts over the year. */
import type { Column } from '../physics/drydown';
import { FLUSH_FROM_SHARE, FLUSH_TO_SHARE, FLUSH_WATER_DS_M, flushL, releaseOf } from '../physics/salt';
import type { RootNeeds } from '../physics/stress';
import type { YearReport } from '../physics/year';

export interface SaltAdvice {
  readonly highestDsM: number;
  readonly toleranceDsM: number;
  /** Flushes a year, and litres of low-mineral water for each; 0 where there is no need. */
  readonly flushesPerYear: number;
  readonly flushL: number;
  readonly crustGM2: number;
}

export function saltAdvice(column: Column, year: YearReport, needs: RootNeeds): SaltAdvice {
  const toleranceDsM = needs.saltToleranceDsM;
  const potL = column.volumeL.reduce((sum, litres) => sum + litres, 0);
  const [fromDsM, toDsM] = [toleranceDsM * FLUSH_FROM_SHARE, toleranceDsM * FLUSH_TO_SHARE];
  const litres = flushL(fromDsM, toDsM, FLUSH_WATER_DS_M, potL, releaseOf(column)) ?? 0;
  return {
    highestDsM: Math.max(...year.months.map((month) => month.highestDsM)),
    toleranceDsM,
    flushesPerYear: year.flushes,
    flushL: year.flushes > 0 ? litres : 0,
    crustGM2: year.crustGM2,
  };
}
