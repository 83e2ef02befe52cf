/** Setups for the plants that came without one: the bench's first choice, as it is ranked. */
import { makePlan } from '../advise';
import type { PlaceBook } from '../case';
import type { DayAsked, DayPlant, DayPlantAsked, DayQuestion } from './day-case';

export function settlePlant(plant: DayPlantAsked, places: PlaceBook): DayPlant {
  const setup = plant.setup ?? makePlan(plant.case, places, { isRough: true }).setups[0]!.spec;
  return { ...plant, setup };
}

/** onSettled: called after each plant; done, of how many. */
export function settleDay(
  question: DayQuestion,
  places: PlaceBook,
  onSettled?: (done: number, total: number) => void,
): DayAsked {
  const plants = question.plants.map((plant, n) => {
    const settled = settlePlant(plant, places);
    onSettled?.(n + 1, question.plants.length);
    return settled;
  });
  return { ...question, plants };
}
