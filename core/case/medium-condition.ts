/** How the medium is found when a plant is looked over. What was not looked at is judged by its age. */
import type { MediumFigures } from '../physics/media';

export const mediumConditions = ['sound', 'breaking down', 'gone sour'] as const;
export type MediumCondition = (typeof mediumConditions)[number];

interface MediumNow {
  readonly condition: MediumCondition | null;
  readonly yearsInMedium: number | null;
}

/**
 * Whether the medium is past its life: as it was found, else by its age in lives of that medium. What is inorganic outlasts
 * the plant, but dead roots sour it (common practice, no source).
 * medium: null where nobody knows; livesLong: so many lives are still well.
 */
export function isPastItsLife(now: MediumNow, medium: MediumFigures | null, livesLong: number): boolean {
  if (now.condition !== null) return now.condition !== 'sound';
  return medium !== null && medium.organic && (now.yearsInMedium ?? 0) > medium.lifeYears * livesLong;
}
