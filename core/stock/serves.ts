/** Whether a thing in stock may be used now, as far as it was used before (common practice, no source). */
import type { StockThing } from './thing';

/** plantName: used pieces serve the plant they came from; null for a plant not on record. */
export function servesNow(thing: StockThing, plantName: string | null): boolean {
  if (thing.kind === 'sundry' || thing.used === undefined) return true;
  switch (thing.used) {
    case 'boiled':
    case 'washed':
      return true;
    case 'same plant':
      return plantName !== null && thing.kind === 'medium' && thing.usedWith === plantName;
    case 'crocking':
    case 'to be washed':
      return false;
  }
}
