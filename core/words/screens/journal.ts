/** Sentences on the screens of the journal. */

export const nowUntil = (day: string): string => `now, until ${day}`;
export const lateSince = (day: string): string => `late: it was for ${day}`;
export const wateredBy = (way: string): string =>
  way === 'rain'
    ? 'Watered by rain'
    : way === 'hose' || way === 'dripper'
      ? `Watered by ${way}`
      : way === 'soaked'
        ? 'Watered, soaked'
        : 'Refilled';
export const wateredFelt = (felt: string): string => `Watered, it was ${felt}`;
export const feltNotWatered = (felt: string): string => `Felt it, ${felt}: not watered`;
export const treatedAgainst = (pest: string): string => `Treated against ${pest}`;
export const movedFromTo = (from = 'elsewhere', to = 'elsewhere', spot = ''): string =>
  `Moved from ${from} to ${to}${spot === '' ? '' : `, ${spot}`}`;
export const notNow = (need: string, day: string): string => `Not now: ${need} put off until ${day}`;
export const dividedFrom = (plantName: string): string => `Divided off from ${plantName}`;
export const partTakenOff = (part: string): string => `Divided: ${part} taken off`;
