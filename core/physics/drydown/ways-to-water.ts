/** How a grower waters. */
export const waysToWater = ['pour', 'soak', 'drip', 'hose'] as const;
export type WayToWater = (typeof waysToWater)[number];
