/** What the bench may propose from: the media and pots of which there is something. */
import type { GrowersPot } from '../case';
import type { InStock } from './needs';
import { servesNow } from './serves';

export interface AtHand {
  /** Names of the catalogue. */
  readonly mediaAtHand: readonly string[];
  readonly ownPots: readonly GrowersPot[];
}

/** plantName: used pieces serve the plant they came from. */
export function atHandOf(stock: readonly InStock[], plantName: string | null): AtHand {
  const there = stock.filter(({ thing, amount }) => amount > 0 && servesNow(thing, plantName));
  const media = there.flatMap(({ thing }) => (thing.kind === 'medium' ? [thing.mediumId] : []));
  const pots = there.flatMap(({ thing, amount }): GrowersPot[] => {
    if (thing.kind !== 'pot') return [];
    const { potKindId, rimDiameterCm, heightCm, baseDiameterCm } = thing;
    return [
      {
        potKindId,
        rimDiameterCm,
        ...(heightCm === undefined ? {} : { heightCm }),
        ...(baseDiameterCm === undefined ? {} : { baseDiameterCm }),
        count: Math.max(1, Math.floor(amount)),
      },
    ];
  });
  return { mediaAtHand: [...new Set(media)], ownPots: pots };
}
