/** What a grower's own record says of media in one place: which pottings did well there, and which did not. */
import { DAYS_PER_YEAR } from '../base';
import { type Genus, genusById, genusIds } from '../catalogue/genera';
import { mediumById, mediumIds } from '../catalogue/media';
import type { MediumFamily } from '../physics/media';
import { k } from './constants';

/** One potting, from its day to the next potting, to the plant's end, or to today. */
export interface PottingLived {
  /** Of the catalogue, or the name of a genus of the grower's own. */
  readonly genusId: string;
  readonly mediumId: string;
  readonly days: number;
  /** The newest judgement of it; null where nobody judged. */
  readonly holds: 'holds' | 'gives a little' | 'loose' | null;
  /** It was found breaking down or sour. */
  readonly wentBad: boolean;
  /** The plant died in it. */
  readonly died: boolean;
}

export interface HandsRecord {
  readonly family: MediumFamily;
  /** Pottings that did well, and that did not. */
  readonly well: number;
  readonly badly: number;
}

export type Outcome = 'well' | 'badly' | 'too early to tell';

/**
 * A plant that died in it, a medium gone bad within a year, and a plant that was still loose are against it; a plant that holds, or a
 * year in it without any of that, speak for it. Our choice.
 */
export function outcomeOf({ days, holds, wentBad, died }: PottingLived): Outcome {
  const isYoung = days < DAYS_PER_YEAR;
  if (died || holds === 'loose' || (wentBad && isYoung)) return 'badly';
  return holds === 'holds' || !isYoung ? 'well' : 'too early to tell';
}

const middleRootMm = ({ rootThinnestMm, rootThickestMm }: Genus): number => Math.sqrt(rootThinnestMm * rootThickestMm);

/** Whether what one does well in says something of the other: the same group, or roots as thick that like water and cover alike. */
export function isAlike(genusId: string, other: Genus): boolean {
  if (genusId === other.id || genusId === other.name) return true;
  if (!genusIds.includes(genusId)) return false;
  const genus = genusById(genusId);
  const ratio = middleRootMm(genus) / middleRootMm(other);
  const isAsDone = genus.regime === other.regime && genus.cover === other.cover;
  return isAsDone && Math.max(ratio, 1 / ratio) <= k.ALIKE_ROOT_RATIO;
}

/** By family of medium, the most pottings first; those of plants that are not alike, and of media not in the catalogue, are left out. */
export function handsRecordOf(lived: readonly PottingLived[], genus: Genus): readonly HandsRecord[] {
  const byFamily = new Map<MediumFamily, { well: number; badly: number }>();
  for (const potting of lived) {
    const outcome = outcomeOf(potting);
    if (outcome === 'too early to tell' || !isAlike(potting.genusId, genus) || !mediumIds.includes(potting.mediumId))
      continue;
    const { family } = mediumById(potting.mediumId);
    const counts = byFamily.get(family) ?? { well: 0, badly: 0 };
    byFamily.set(family, { ...counts, [outcome]: counts[outcome] + 1 });
  }
  return [...byFamily]
    .map(([family, counts]) => ({ family, ...counts }))
    .sort((a, b) => b.well + b.badly - a.well - a.badly || (a.family < b.family ? -1 : 1));
}
