/** Works out a potting day off the page's thread: setups for plants that came without one, and the day as a whole. */
import * as Comlink from 'comlink';
import {
  type DayAsked,
  type DayPlantAsked,
  makePlan,
  type PreparedDay,
  prepareDay,
  settlePlant,
  type SetupSpec,
} from '@core';

const MOST_CHOICES = 6;

const api = {
  settle: (plant: DayPlantAsked): SetupSpec => settlePlant(plant).setup,
  /** What else it could go into, the best first. */
  choices: (plant: DayPlantAsked): readonly SetupSpec[] =>
    makePlan(plant.case, { isRough: true })
      .setups.slice(0, MOST_CHOICES)
      .map(({ spec }) => spec),
  prepare: (asked: DayAsked): PreparedDay => prepareDay(asked),
};

export type DayApi = typeof api;

Comlink.expose(api);
