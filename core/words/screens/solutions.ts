/** Sentences on the screens of solutions. */

export const hardnessDose = (gramsPerLitre: string, calciumPpm: string, magnesiumPpm: string): string =>
  `${gramsPerLitre} g a litre: ${calciumPpm} ppm calcium, ${magnesiumPpm} ppm magnesium`;
export const feedInWords = (ppm: string, amount: string, unit: string, nitrogenPct: string): string =>
  `${ppm} ppm nitrogen: ${amount} ${unit} a litre of a ${nitrogenPct} % feed`;
export const blendRange = (leastDsM: string, mostDsM: string): string =>
  `These two give from ${leastDsM} to ${mostDsM} mS/cm.`;
