/**
 * Do it now, or wait? The plant's own signs, each as it was seen, beat the calendar; where nobody has looked, the answer
 * says what to look for (common practice, no source). Signs have an order: rot or no pot; a spent medium that goes
 * backwards; root tips; a ball that moves untouched; bloom; rest.
 */
import {
  isAsleep,
  isFailing,
  isPastItsLife,
  isRotting,
  isToBeRooted,
  isWaking,
  type PlantInHand,
  type ResolvedCase,
  restMonthsOf,
  shedsLeaves,
  showsTips,
} from '../case';
import { mediumById } from '../catalogue/media';
import type { MediumFigures } from '../physics/media';
import { k } from './constants';
import type { TimingSign, WatchRisk } from './awaited-sign';

export type TimingVerdict = 'go at once' | 'go' | 'wait' | 'look first';

export interface Timing {
  readonly verdict: TimingVerdict;
  readonly code:
    | 'no pot'
    | 'rot'
    | 'failing roots'
    | 'to be rooted'
    | 'souring medium'
    | 'going backwards'
    | 'asleep'
    | 'asleep, kept moist'
    | 'waking'
    | 'waking, kept moist'
    | 'fresh medium'
    | 'root tips'
    | 'long tips'
    | 'long tips of fussy roots'
    | 'shoot about to root'
    | 'ball untouched'
    | 'in bloom'
    | 'resting'
    | 'broken-down medium'
    | 'shoot just starting'
    | 'no sign'
    | 'not looked at'
    | 'not looked at, rest months'
    | 'not looked at, leafless months';
  /** The sign to wait for, when waiting. */
  readonly sign: TimingSign | null;
  /** What waiting risks, when waiting. */
  readonly risk: WatchRisk | null;
  /** It wobbles: a plant that moves does not root, whenever it is potted. */
  readonly isLoose: boolean;
  /** Months of rest of this kind in this place, 0 = January. */
  readonly restMonths: readonly number[];
}

interface Circumstances {
  /** So new that only what cannot wait disturbs it. */
  readonly isFresh: boolean;
  readonly plant: PlantInHand;
  readonly medium: MediumFigures | null;
  /** Older than it lasts. */
  readonly isSpent: boolean;
  readonly isRestMonth: boolean;
}

type Answer = Pick<Timing, 'verdict' | 'code'> & { readonly sign?: TimingSign };

/** The roots or bulbs of the plant were found worse than they were. */
function goesBackwards({ bulbs, liveRootShare }: PlantInHand): boolean {
  return bulbs === 'wrinkled' || bulbs === 'soft or oozing' || liveRootShare < k.BACKWARDS_BELOW_LIVE;
}

/** What cannot wait. */
function urgent({ plant, isSpent, isFresh }: Circumstances): Answer | null {
  if (plant.signs.noPot) return { verdict: 'go at once', code: 'no pot' };
  if (isRotting(plant)) return { verdict: 'go at once', code: 'rot' };
  if (isFailing(plant)) {
    return isToBeRooted(plant.stage)
      ? { verdict: 'go', code: 'to be rooted' }
      : { verdict: 'go at once', code: 'failing roots' };
  }
  if (isAsleep(plant)) return null;
  if (isSpent && goesBackwards(plant)) return { verdict: 'go at once', code: 'souring medium' };
  // Few roots and bulbs that wrinkle: where it stands it cannot drink. New roots say that it mends.
  const cannotDrink = plant.liveRootShare < k.BACKWARDS_BELOW_LIVE && plant.bulbs === 'wrinkled';
  if (cannotDrink && !isFresh && !showsTips(plant.signs)) return { verdict: 'go', code: 'going backwards' };
  return null;
}

/** Leafless kinds, asleep or waking: dry or barely moist, by their kind. */
function ofSleep(plant: PlantInHand): Answer | null {
  if (!isAsleep(plant)) return null;
  const isMoist = plant.genus.rest === 'leafless and moist';
  if (isWaking(plant)) return { verdict: 'go', code: isMoist ? 'waking, kept moist' : 'waking' };
  return { verdict: 'go', code: isMoist ? 'asleep, kept moist' : 'asleep' };
}

/** New roots that are there, or near. */
function ofRoots({ signs, genus }: PlantInHand): Answer | null {
  if (signs.tips === 'starting') return { verdict: 'go', code: 'root tips' };
  if (signs.tips === 'long') {
    return genus.rootHardiness === 'fussy'
      ? { verdict: 'wait', code: 'long tips of fussy roots', sign: 'the next root tips' }
      : { verdict: 'go', code: 'long tips' };
  }
  // Flowers come before a shoot that will root as well in some weeks.
  const isAboutToRoot = (signs.shoot === 'half grown' && !signs.inBloom) || signs.shoot === 'rooting';
  return isAboutToRoot ? { verdict: 'go', code: 'shoot about to root' } : null;
}

/** What the plant is busy with. */
function ofSeason({ plant: { signs }, medium, isSpent, isRestMonth }: Circumstances): Answer | null {
  // In its months of rest a plant of which nobody says otherwise may be at rest.
  const mayRest = signs.resting === true || (signs.resting === null && isRestMonth && signs.shoot !== 'starting');
  const rests = signs.resting === true || (mayRest && signs.shoot === 'none');
  // Inorganic that still serves moves on whole: only a plant at rest has nothing to gain by it.
  if (medium !== null && !medium.organic && !isSpent && !mayRest) return { verdict: 'go', code: 'ball untouched' };
  // At rest it makes no roots to hold on with, whatever it stands in: rot alone does not wait.
  if (isSpent && !signs.inBloom && signs.resting !== true) return { verdict: 'go', code: 'broken-down medium' };
  if (signs.inBloom) return { verdict: 'wait', code: 'in bloom', sign: 'flowers over or new roots' };
  if (rests) return { verdict: 'wait', code: 'resting', sign: 'root tips on the new shoot' };
  if (signs.shoot === 'starting') return { verdict: 'wait', code: 'shoot just starting', sign: 'shoot half grown' };
  return null;
}

/** Neither tips nor shoot tell anything. */
function ofNothing({ plant: { signs, genus }, isRestMonth }: Circumstances): Answer {
  if (signs.tips === 'none') return { verdict: 'wait', code: 'no sign', sign: 'root tips or a shoot about to root' };
  if (!isRestMonth) return { verdict: 'look first', code: 'not looked at' };
  if (shedsLeaves(genus)) return { verdict: 'look first', code: 'not looked at, leafless months' };
  return { verdict: 'wait', code: 'not looked at, rest months', sign: 'end of rest' };
}

/** Sound and new: its roots have only just taken hold. */
function isFresh({ yearsInMedium, condition }: ResolvedCase['current']): boolean {
  return yearsInMedium !== null && yearsInMedium < k.FRESH_YEARS && (condition === null || condition === 'sound');
}

function leftAlone({ isFresh: isNew, plant }: Circumstances): Answer | null {
  return isNew && plant.signs.wobbles !== true
    ? { verdict: 'wait', code: 'fresh medium', sign: 'the next flush of root tips' }
    : null;
}

function riskOf({ medium, isSpent }: Circumstances): WatchRisk {
  if (medium === null) return 'medium unknown';
  return isSpent ? 'medium is spent' : 'little';
}

export function decideTiming({ plant, place, current, monthIndex }: ResolvedCase): Timing {
  const medium = current.mediumId === null ? null : mediumById(current.mediumId);
  const restMonths = restMonthsOf(plant.genus, place);
  const circumstances: Circumstances = {
    plant,
    medium,
    isSpent: isPastItsLife(current, medium, k.SPENT_SHARE),
    isFresh: isFresh(current),
    isRestMonth: restMonths.includes(monthIndex),
  };
  const { sign, ...answer } =
    urgent(circumstances) ??
    leftAlone(circumstances) ??
    ofSleep(plant) ??
    ofRoots(plant) ??
    ofSeason(circumstances) ??
    ofNothing(circumstances);
  return {
    ...answer,
    sign: sign ?? null,
    risk: answer.verdict === 'wait' ? riskOf(circumstances) : null,
    isLoose: plant.signs.wobbles === true,
    restMonths,
  };
}
