/** Sentences on the screens of the plants and their lives. */
import { years } from '../phrasing/format';

export const settledBy = (depth: string): string => `: settled by ${depth}`;
export const wantsItAfter = (days: number): string => `; now it wants it after ${days}`;
export const ofAboutYears = (years: string): string => ` of about ${years} here`;
export const plannedFor = (day: string): string => `For ${day}. Not potted yet.`;
export const signNotYet = (until: string, lookOn: string): string => `, until ${until}. Look again on ${lookOn}.`;
export const bestShown = (count: number): string => `, the best ${count} shown`;
export const asPartOf = (plantName: string): string => `As part of ${plantName}`;
export const byYourFinger = (isSlower: boolean): string =>
  `. By your finger it dries ${isSlower ? 'slower' : 'faster'} than reckoned`;
export const sinceInIt = (since: string): string => `${since} in it`;
/** How long it stands in its medium. */
export const inMediumFor = (count: number): string => (count < 1 ? 'under a year' : years(count));
