/** Sentences about what was saved, and what stood in its way. */
import { plural } from '../phrasing/format';

export const unreadableSaved = (name: string): string => `${name}, as this program cannot read`;
export const serverAnswered = (status: number): string =>
  `The server answered ${status}. Nothing was changed; try again.`;
export const broughtBackTitle = (name: string): string => `${name} brought back`;
export const putAwayTitle = (name: string): string => `${name} deleted`;
export const manyDeleted = (count: number, one: string, many: string): string => `${plural(count, one, many)} deleted`;
export const manyBroughtBack = (count: number, one: string, many: string): string =>
  `${plural(count, one, many)} brought back`;
export const deleteSome = (many: string): string => `Delete ${many}…`;
export const deleteThese = (count: number): string => (count === 0 ? 'Delete' : `Delete ${count}`);
export const placeChangedTitle = (placeName: string): string => `Place ${placeName} changed`;
export const inspectionTitle = (plantName: string): string => `${plantName} looked over`;
export const pottingCorrectedTitle = (plantName: string): string => `${plantName}: potting put right`;
export const planTitle = (plantName: string): string => `Plan for ${plantName}`;
export const plantFactsTitle = (plantName: string): string => `${plantName}: tag and papers`;
export const plantAddedTitle = (plantName: string): string => `${plantName} put on record`;
export const intoStockTitle = (thing: string): string => `${thing} into stock`;
export const outOfStock = (thing: string): string => `${thing} is no longer in stock.`;
export const trialPutAway = (trialName: string): string => `${trialName} deleted.`;
export const pottingChangedMeanwhile = (message: string): string =>
  `${message} Put it right once more to put yours in its place.`;
export const plantChangedMeanwhile = (message: string, plantName: string): string =>
  `${message} It is now called “${plantName}”. Keep it once more to add yours.`;
export const placeChangedMeanwhile = (message: string, placeName: string): string =>
  `${message} Another tablet keeps it as “${placeName}”. Keep once more to put yours in its place.`;
export const factsSaved = (plantName: string): string => `${plantName}: kept. What it said before is kept too.`;
export const factIsNow = (label: string, value: string): string => `${label} is now ${value}`;
export const plantIsOnRecord = (plantName: string): string => `${plantName} is on record.`;
export const shootsRange = (least: number, most: number): string =>
  `Shoots must be a whole number between ${least} and ${most}.`;
export const noKindSaid = 'Say what kind it is: the group it is most like will do.';
export const yearsInMediumRange = (mostYears: number): string =>
  `Years in the medium must be between 0 and ${mostYears}.`;
export const entrySaved = (title: string): string => `${title}. What it said before is kept.`;
export const entryChangedMeanwhile = (day: string, said: string): string =>
  `Somebody put it right meanwhile: ${day}, ${said}. Keep it once more to put yours in its place.`;
export const entryCorrected = (day: string): string => `Entry of ${day} put right`;
export const entryPutAway = (day: string): string => `Entry of ${day} deleted`;
export const fieldMissing = (label: string): string => `${label} is what this entry is about.`;
export const keptForTheBench = (name: string): string => `${name} is kept; choose it on the bench.`;
/** said: what is otherwise now; '' where nothing this grower sees is. */
export const factsChangedMeanwhile = (said: string, isBoth: boolean): string =>
  `Somebody changed this plant meanwhile${said === '' ? '' : `: ${said}`}.${isBoth ? ' Where both wrote, yours stands here.' : ''} Keep it once more, or leave it as it is.`;
export const fieldRange = (label: string, least: number, most: number, unit: string | undefined): string =>
  `${label} must be between ${least} and ${most}${unit ? ` ${unit}` : ''}.`;
