/** Whether a setup is the one the plant stands in: the same medium or mix in the same kind of pot, whatever its size. */
import { realiseMix } from '../../case';
import type { Mix } from '../../physics/media';
import type { CandidateFacts } from './assess';
import { k } from './constants';
import type { CaseContext } from './context';

/** Share of a medium in a mix, by bag volume, 0 to 1. */
export function shareIn(mix: Mix, mediumId: string): number {
  const all = mix.reduce((sum, { parts }) => sum + parts, 0);
  return mix.reduce((sum, { medium, parts }) => sum + (medium.id === mediumId ? parts : 0), 0) / all;
}

/** The same parts of the same media. */
function isSameMix(one: Mix, other: Mix): boolean {
  return (
    one.length === other.length && one.every(({ medium }) => isNear(shareIn(one, medium.id), shareIn(other, medium.id)))
  );
}

const isNear = (one: number, other: number): boolean => Math.abs(one - other) < k.SAME_SHARE;

/** Mixed with something it is another medium to the roots. False where nobody said what it stands in. */
export function isSameSetup(
  { mix, vesselKind }: CaseContext['resolved']['current'],
  { spec, mainMix }: Pick<CandidateFacts, 'spec' | 'mainMix'>,
): boolean {
  if (mix === null || !isSameMix(realiseMix(mix), mainMix)) return false;
  const kindId = spec.vessel.kind === 'pot' ? spec.vessel.potKindId : spec.vessel.mountKindId;
  return vesselKind === null ? spec.vessel.kind === 'pot' : kindId === vesselKind;
}
