/** What the grower has: where they said it, setups are made of nothing else. */
import { mediumOfPart, type SetupSpec } from '../../case';
import type { CaseContext } from './context';
import { crockingFor, isCrockingFor } from './fill';
import { crocks } from './recipes';

type Having = Pick<CaseContext['resolved'], 'mediaAtHand'>;

/** Whether a medium is there; anything is where nobody said what is. */
export function isAtHand({ mediaAtHand }: Having, mediumId: string): boolean {
  return mediaAtHand === null || mediaAtHand.includes(mediumId);
}

/** The media a setup is made of that are not there; a medium of the grower's own is. Bare roots want none. */
export function notAtHand(having: Having, { vessel, layers }: Pick<SetupSpec, 'vessel' | 'layers'>): readonly string[] {
  if (vessel.kind === 'mount' && vessel.padThicknessCm === 0) return [];
  const wanted = layers.flatMap(({ mix }) => mix.flatMap(({ mediumId, own }) => (own === undefined ? [mediumId] : [])));
  return [...new Set(wanted.filter((id) => !isAtHand(having, id)))];
}

/** Pieces to lie under a medium, of what is there; null where nothing is coarse enough. */
export function crockingThere(having: Having, main: Parameters<typeof mediumOfPart>[0]): string | null {
  const figures = mediumOfPart(main);
  const usual = crockingFor(figures);
  if (isAtHand(having, usual)) return usual;
  return crocks.find((id) => isAtHand(having, id) && isCrockingFor(mediumOfPart({ mediumId: id }), figures)) ?? null;
}
