/** What holds of a few genera only, by their ids. */
import { practice } from '../../base';

/** Pests find cover in their dense growth. */
export const pestProneGenera = practice(['maxillaria']);
/** Old bulbs stay wrinkled for good; only new ones tell how the plant is. */
export const wrinkledForGoodGenera = practice(['maxillaria', 'maxillaria-climbing']);

export function drawsPests(genusId: string): boolean {
  return pestProneGenera.value.some((id) => id === genusId);
}

export function oldBulbsStayWrinkled(genusId: string): boolean {
  return wrinkledForGoodGenera.value.some((id) => id === genusId);
}
