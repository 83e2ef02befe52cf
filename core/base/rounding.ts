/** Rounding to what a ruler, a bag or a thermometer shows. */

/** To one decimal. */
export const round1 = (value: number): number => Math.round(value * 10) / 10;
/** To halves: pots and crocking are measured in half centimetres. */
export const roundHalf = (value: number): number => Math.round(value * 2) / 2;
