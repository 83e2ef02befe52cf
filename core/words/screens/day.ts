/** Sentences on the screens of a potting day. */

/** "Saturday, 6 March: 2 planned". */
export const plannedForDate = (day: string, plants: number): string => `${day}: ${plants} planned`;
export const readingPlants = (done: number, chosen: number): string => `Reading ${done} of ${chosen}…`;
export const someArePotted = (potted: number, plants: number, isStopped: boolean): string =>
  `${potted} of ${plants} potted${isStopped ? ', stopped' : ''}`;
export const allPotted = (plants: number): string => `all ${plants} potted`;
export const nothingPlanned = (plantName: string): string =>
  `Nothing is planned for ${plantName}. “Plan it” on the bench keeps what you choose there.`;
export const intoTheWaterAt = (time: string): string => ` (into the water at ${time})`;
export const leaveForAnotherDay = (who: string): string => `Leave ${who} for another day`;
export const pottingDayOn = (day: string): string => `Potting day, ${day}`;
export const stillToSend = (count: number): string => ` · ${count} waiting to be sent`;
export const hasNewAnswer = (plantName: string): string =>
  `${plantName} has a new answer; the rest of the day follows.`;
export const foundOtherwise = (plantName: string): string => `${plantName} found otherwise`;
export const pottedAndLogged = (plantName: string): string => `${plantName} is potted and in its log.`;
export const plantIsInHand = (plantName: string): string => `${plantName} in hand`;
