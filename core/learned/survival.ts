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
}

/** A step for each time at which one ended, the earliest first. */
export function survivalOf(lasted: readonly Lasted[]): readonly SurvivalStep[] {
  const times = [...new Set(lasted.filter(({ hasEnded }) => hasEnded).map(({ time }) => time))].sort((a, b) => a - b);
  let share = 1;
  return times.map((time) => {
    const atRisk = lasted.filter((one) => one.time >= time).length;
    const ended = lasted.filter((one) => one.hasEnded && one.time === time).length;
    share *= 1 - ended / atRisk;
    return { time, share };
  });
}

/** The time by which half have ended; null where more than half outlast what is known. */
export function medianTime(lasted: readonly Lasted[]): number | null {
  return survivalOf(lasted).find(({ share }) => share <= 0.5)?.time ?? null;
}
