/**
 * How long things last when some of them are still lasting: the product-limit estimate (E. L. Kaplan and P. Meier, Journal of
 * the American Statistical Association 53 (1958), 457-481). A bed that was taken out sound, or stands sound today, says only that it
 * lasted at least so long; leaving such beds out would make every medium look shorter-lived than it is.
 */

export interface Lasted {
  /** Of any one unit of time. */
  readonly time: number;
  /** false: it had not ended when it was last known. */
  readonly hasEnded: boolean;
}

export interface SurvivalStep {
  readonly time: number;
  /** Share that lasts longer than this. */
  readonly share: number;
  /** How many were known to last up to it. */
  readonly atRisk: number;
}

/** A step for each time at which one ended, the earliest first. */
export function survivalOf(lasted: readonly Lasted[]): readonly SurvivalStep[] {
  const times = [...new Set(lasted.filter(({ hasEnded }) => hasEnded).map(({ time }) => time))].sort((a, b) => a - b);
  let share = 1;
  return times.map((time) => {
    const atRisk = lasted.filter((one) => one.time >= time).length;
    const ended = lasted.filter((one) => one.hasEnded && one.time === time).length;
    share *= 1 - ended / atRisk;
    return { time, share, atRisk };
  });
}

/**
 * The time by which half have ended; null where more than half outlast what is known, or where so few were left at that time
 * that one of them would turn it.
 */
export function medianTime(lasted: readonly Lasted[], leastAtRisk = 1): number | null {
  const half = survivalOf(lasted).find(({ share }) => share <= 0.5);
  return half && half.atRisk >= leastAtRisk ? half.time : null;
}
