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

/** Waters if the routine says so at this hour. */
export function waterNow(pot: Pot, day: number): boolean {
  const { column, state, needs, care } = pot;
  const { routine, feeding } = care;
  if (pot.waterShare <= 0) return false;
  if (routine.kind === 'when dry') {
    const asks = availableShare(column, state) <= needs.regime.waterAtShare;
    if (!asks && !(column.reservoirCapacityG > 0 && reservoirG(state) <= 0)) return false;
  } else {
    // At rest only so many of the usual rounds water it.
    pot.wateringsDue += pot.waterShare;
    if (pot.wateringsDue < 1 - ROUNDING) return false;
    pot.wateringsDue -= 1;
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
