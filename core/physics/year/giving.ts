/** Water as the grower gives it through the year: plain, with feed, or as a flush. */
import { availableShare, MISTING_G_M2, mistOf, reservoirG, waterColumn, type Watering } from '../drydown';
import { FLUSH_FROM_SHARE, FLUSH_THROUGH_SHARE, FLUSH_WATER_DS_M, isFed, saltWatering, wateredRootDsM } from '../salt';
import { k } from './constants';
import type { Pot } from './kept-pot';

/** Gives water of one conductivity, with its salts. */
export function give(pot: Pot, watering: Watering, waterDsM: number): void {
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

/** Shares add up to a whole watering but for rounding. */
const ROUNDING = 1e-9;

/** Whether the routine says so at this hour. Asked once for each round: rounds that are left out at rest are counted. */
function isDue(pot: Pot): boolean {
  const { column, state, needs, care } = pot;
  if (pot.waterShare <= 0) return false;
  if (care.routine.kind === 'when dry') {
    const asks = availableShare(column, state) <= needs.regime.waterAtShare;
    return asks || (column.reservoirCapacityG > 0 && reservoirG(state) <= 0);
  }
  // At rest only so many of the usual rounds water it.
  pot.wateringsDue += pot.waterShare;
  if (pot.wateringsDue < 1 - ROUNDING) return false;
  pot.wateringsDue -= 1;
  return true;
}

const wateringOf = ({ care, column, watering }: Pot): Watering =>
  care.routine.kind === 'misting' ? mistOf(MISTING_G_M2 * column.topAreaM2) : watering;

/** Waters if the routine says so at this hour, with feed and flushes. */
export function waterNow(pot: Pot, day: number): boolean {
  if (!isDue(pot)) return false;
  if (isFlushDue(pot, day)) {
    flush(pot, day);
    return true;
  }
  const { feeding } = pot.care;
  const fed = isFed(feeding, day - pot.fedOnDay);
  if (fed) pot.fedOnDay = day;
  give(pot, wateringOf(pot), fed ? feeding.feedDsM : feeding.waterDsM);
  return true;
}

/** The same where nobody asks after salts. */
export function waterOnly(pot: Pot): void {
  if (isDue(pot)) waterColumn(pot.column, pot.state, wateringOf(pot));
}
