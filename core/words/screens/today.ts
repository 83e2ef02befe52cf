/** Sentences on the screens of what is due today. */
import { percent, plural } from '../phrasing/format';

export const usuallyLasts = (years: string, wentBad: number, beds: number): string =>
  `about ${years}; ${wentBad} of ${beds} went bad`;
export const soundSoFar = (years: string, wentBad: number, beds: number): string =>
  `sound for ${years} so far; ${wentBad} of ${beds} went bad`;
export const hardAsIn = (share: number | null, month: string): string =>
  `${share === null ? '' : `${percent(share)} `}as hard as in ${month}`;
export const inTwoWeeks = (counts: string): string => `In two weeks ${counts}.`;
export const wasFor = (day: string): string => `was for ${day}`;
export const putOffUntil = (need: string, day: string): string => `${need} put off until ${day}`;
export const whatYouFound = (plantName: string): string => `What you found at ${plantName}`;
export const checkOnDay = (day: string): string => `Look on ${day}`;
export const workingAhead = (plants: number): string =>
  `Working out ahead: ${plural(plants, 'plant')} to go. The list may still change.`;
