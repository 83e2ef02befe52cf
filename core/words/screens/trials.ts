/** Sentences on the screens of trials. */

export const eachAgainstEach = (sides: string): string => `Of ${sides} sides each is held against each (Holm).`;
export const meanOfSide = (mean: string, inspected: number, plants: number): string =>
  `${mean}, of ${inspected} of ${plants}`;
export const noneInspected = (plants: number): string => `none of ${plants} looked at yet`;
export const tellsFrom = (month: string): string => `; tells from ${month}`;
export const onlyShows = (plants: number, difference: string): string => `; with ${plants} only ${difference} shows`;
export const trialIsEnough = (takes: string): string => `${takes}: there are enough.`;
export const trialTakes = (difference: string, plants: number): string =>
  `To see a difference of ${difference} it takes ${plants} plants on each side`;
export const sideOf = (plantName: string): string => `Side of ${plantName}`;
export const spreadLabel = (unit: string): string => `Plants differ by, ${unit}`;
export const mattersLabel = (unit: string | null): string =>
  `A difference that matters${unit === null ? ' (share)' : `, ${unit}`}`;
