/** What lies in stock, in a grower's words. */
import { mountKindById, potKindById } from '../catalogue/vessels';
import { mediumById } from '../catalogue/media';
import { type StockThing, stockUnitOf, type UsedMediumState } from '../stock';
import { cm, litres, number, type WordUnits } from './phrasing/format';
import { gradeText } from './phrasing/titles';

const usedMedium: Readonly<Record<UsedMediumState, string>> = {
  'same plant': 'used, for the same plant',
  boiled: 'used, boiled',
  crocking: 'used, for crocking',
};

function base(thing: StockThing, units: WordUnits): string {
  switch (thing.kind) {
    case 'medium': {
      const { name, pieceShape, d10Mm: smallMm, d90Mm: largeMm } = mediumById(thing.mediumId);
      return thing.ownName ?? gradeText({ name, pieceShape, smallMm, largeMm }, units);
    }
    case 'pot':
      return `${potKindById(thing.potKindId).name} ${cm(thing.rimDiameterCm, units)}`;
    case 'mount':
      return `${mountKindById(thing.mountKindId).name} ${cm(thing.widthCm, units)}`;
    case 'sundry': {
      const { sundry, ownName } = thing;
      const name = sundry === 'other' ? (ownName ?? 'Other') : [sundry, ownName].filter(Boolean).join(', ');
      return name.charAt(0).toUpperCase() + name.slice(1);
    }
  }
}

/** How it was used before; null of what is new. */
export function usedText(thing: StockThing): string | null {
  if (thing.kind === 'sundry' || thing.used === undefined) return null;
  if (thing.kind !== 'medium') return thing.used === 'washed' ? 'used, washed' : 'to be washed';
  return thing.usedWith === undefined ? usedMedium[thing.used] : `${usedMedium[thing.used]} (${thing.usedWith})`;
}

/** "Clear plastic pot with air cone 12 cm", and how it was used before. */
export function thingText(thing: StockThing, units: WordUnits): string {
  const used = usedText(thing);
  return used === null ? base(thing, units) : `${base(thing, units)}, ${used}`;
}

/** "3.4 L", "7". */
export function stockAmountText(thing: Pick<StockThing, 'kind'>, amount: number): string {
  return stockUnitOf(thing) === 'L' ? litres(amount) : number(amount, 0);
}
