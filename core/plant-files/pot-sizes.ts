/** How wide a pot is as a grower writes it: "12", "12 cm", `4.5"`, "5 inch", "120 mm". */
import { inchToCm, ranges } from '../base';
import { k } from './constants';

type Unit = 'cm' | 'mm' | 'inch';

function unitIn(text: string): Unit | null {
  if (/cm/i.test(text)) return 'cm';
  if (/mm/i.test(text)) return 'mm';
  return /"|″|inch|\bin\b/i.test(text) ? 'inch' : null;
}

const toCm: Readonly<Record<Unit, (value: number) => number>> = {
  cm: (value) => value,
  mm: (value) => value / k.MM_PER_CM,
  inch: inchToCm,
};

/** Inside width, cm; null where it is none. heading: a unit may stand there alone: "Pot (in)". */
export function potWidthOf(cell: string, heading: string): number | null {
  const number = /\d+(?:[.,]\d+)?/.exec(cell)?.[0];
  if (number === undefined) return null;
  const cm = toCm[unitIn(cell) ?? unitIn(heading) ?? 'cm'](Number(number.replace(',', '.')));
  const { min, max } = ranges.rimDiameterCm;
  return cm >= min && cm <= max ? Math.round(cm * 10) / 10 : null;
}
