/** Sentences on the screens of the bench. */
import { monthNames, number, percent } from '../phrasing/format';

export const isPotted = (plantName: string): string => `${plantName} is potted.`;
export const keptInLogOf = (plantName: string): string => `Kept in the log of ${plantName}`;
export const untilDay = (day: number): string => `to day ${day}`;
export const outOfMedium = (medium: string): string => `Out of ${medium}`;
export const assumedAnswers = (count: string): string => ` ${count} answers are assumed: measure them to narrow it.`;
export const airAfterWatering = (air: string): string => ` ${air} air after watering.`;
export const saltCrust = (gramsPerM2: string): string => `Dried on at the surface in a year: ${gramsPerM2} g/m².`;
export const saltsByLayer = (layers: readonly { readonly role: string; readonly dsM: number }[]): string =>
  `${layers.map(({ role, dsM }) => `${role} ${number(dsM, 1)}`).join(', ')} mS/cm at most, as if just watered, from the bottom up.`;
export const wettestAndDriest = (
  wettestFrom: string,
  wettestTo: string,
  from: string,
  air: string,
  driestFrom: string,
  driestTo: string,
  waterLeft: string,
): string =>
  `Wettest after watering: ${wettestFrom}–${wettestTo} ${from}, ${air} air. Driest when it asks for water: ${driestFrom}–${driestTo} ${from}, ${waterLeft} of its water left.`;
export const setupsStopped = (setups: number, media: number, named: string, rest: string): string =>
  `Stops ${setups} setups in ${media === 1 ? 'one medium' : `${media} media`}: ${named}${rest}.`;
export const andMore = (count: number): string => ` and ${count} more`;
export const withoutPrice = (count: number): string => `, and ${count} without a price`;
export const takenAsUsual = (what: string): string => `Unknown, and taken as usual: ${what}.`;
export const onWatchList = (plantName: string): string => `${plantName} is on the watch list`;
export const ofTheYear = (days: string): string => `Of the year: ${days}`;
export const keptWith = (plantName: string): string => `Kept with ${plantName}`;
export const correctPottingOf = (day: string): string => `Put ${day} right`;
export const wateredEvery = (days: number): string => `every ${days} days`;
export const lifeOf = (plantName: string): string => `The life of ${plantName}`;
export const growthNote = (certainty: number | null): string =>
  `Figures: tips after so many years, in some futures. Dashed: a finger from the wall. ${certainty === null ? 'Even chances.' : `${percent(certainty)} sure.`}`;
export const yearsLess = (years: string): string => `${years} less than it could be`;
export const aboutYearsInside = (years: string): string => `About ${years} inside the rim`;
export const moreThanYearsInside = (years: string): string => `More than ${years} inside the rim`;
export const putDown = (what: string): string => `Put down a ${what}`;
export const monthInWords = (monthIndex: number, days: string, isResting: boolean, place: string): string =>
  `${monthNames[monthIndex]}: ${days}${isResting ? '; it rests, and wants less water' : ''}${place === '' ? '' : `; the place: ${place}`}`;
export const monthsOld = (months: number): string => `, ${months} months old`;
export const workOfTheYear = (minutesPerWeek: string, wateringsPerYear: string): string =>
  `${minutesPerWeek} min a week, ${wateringsPerYear} waterings a year`;

/** Over the traits in which a plant differs, where its species is known. */
export const speciesDiffersHint = (species: string): string =>
  `What is filled in is known of ${species}, from memory: change what you know better.`;

export const unknownOrchid = (typed: string): string =>
  `“${typed}” is not known here. Choose the group it is most like: the name stays with the plant.`;
