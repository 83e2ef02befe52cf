/** Setups for the plants that came without one: the bench's first choice, as it is ranked. */
import { makePlan } from '../advise';
import type { DayAsked, DayPlant, DayPlantAsked, DayQuestion } from './day-case';

export function settlePlant(plant: DayPlantAsked): DayPlant {
  const setup = plant.setup ?? makePlan(plant.case, { isRough: true }).setups[0]!.spec;
  return { ...plant, setup };
}

/** onSettled: called after each plant; done, of how many. */
export function settleDay(question: DayQuestion, onSettled?: (done: number, total: number) => void): DayAsked {
  const plants = question.plants.map((plant, n) => {
    const settled = settlePlant(plant);
    onSettled?.(n + 1, question.plants.length);
    return settled;
  });
  return { ...question, plants };
}
