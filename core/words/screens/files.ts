/** Sentences on the screens of lists and files. */
import { plural } from '../phrasing/format';

export const fileTooLarge = (megabytes: number): string => `The file is larger than ${megabytes} MB.`;
export const hereAlready = (count: number): string => `, ${count} here already`;
export const takeInPlants = (plants: number): string => `Take in ${plural(plants, 'plant')}`;
export const placesToSettle = (count: number): string =>
  `Say first which ${count === 1 ? 'place is' : `${count} places are`} meant`;
export const plantsOnRecord = (plants: number): string =>
  `${plants} ${plants === 1 ? 'plant is' : 'plants are'} on record.`;
export const knownKinds = (count: number): string => `${count} known by ${count === 1 ? 'its name' : 'their names'}`;
export const kindsToCheck = (unsure: number): string =>
  `${unsure} to look at: a slip of the pen, or a name that several kinds have.`;
export const whichDay = (example: string): string => `Which day is ${example}?`;
export const textInLine = (text: string, line: number): string => `“${text}” in line ${line}`;
export const someAndMore = (named: string, more: number): string => `${named} and ${more} more`;
/** others: entries, places, mixes, days and photographs that came beside the plants. */
export const intakeText = (plants: number, others: number): string =>
  `${plural(plants, 'plant')}${others === 0 ? '' : ` and ${plural(others, 'other thing')}`}`;
