/** A pot that tips at less than this needs weight or a stake, degrees (from memory). */
export const STEADY_TIPPING_DEG = 18;
