/** Sentences on the screens of the stock. */

export const withoutUnpriced = (count: number): string => `, without ${count} that have no price`;
export const littleLeft = (things: string): string => `Little left: ${things}.`;
export const ofBagBought = (litres: number): string => `a bag of ${litres} L bought`;
