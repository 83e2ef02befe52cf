/** How a grower waters. */
export const waysToWater = ['pour', 'soak', 'drip'] as const;
export type WayToWater = (typeof waysToWater)[number];
