/** What a grower's own record says: how long media last in these hands, and where plants are lost. Facts; the words are elsewhere. */
import { DAYS_PER_YEAR, grouped } from '../base';
import { k } from './constants';
import { type Lasted, medianTime } from './survival';

/** One bed of a medium, from a potting to the next, or to when it was found bad. */
export interface Bed {
  readonly mediumId: string;
  readonly days: number;
  /** It was found breaking down or sour. */
  readonly wentBad: boolean;
}

export interface MediumLived {
  readonly mediumId: string;
  readonly beds: number;
  readonly wentBad: number;
  /** By which half have gone bad; null where too few went bad to tell. */
  readonly usualYears: number | null;
  /** The longest that a bed stood sound. */
  readonly longestSoundYears: number;
}

/** The longest-lived first; media of too few beds are left out. */
export function mediaLived(beds: readonly Bed[]): readonly MediumLived[] {
  const lived = [...grouped(beds, ({ mediumId }) => mediumId)].flatMap(([mediumId, ofIt]): MediumLived[] => {
    if (ofIt.length < k.LEAST_BEDS) return [];
    const lasted: readonly Lasted[] = ofIt.map(({ days, wentBad }) => ({ time: days, hasEnded: wentBad }));
    const wentBad = ofIt.filter((bed) => bed.wentBad).length;
    const median = wentBad < k.LEAST_ENDED ? null : medianTime(lasted, k.LEAST_AT_RISK);
    const sound = ofIt.filter((bed) => !bed.wentBad).map(({ days }) => days);
    return [
      {
        mediumId,
        beds: ofIt.length,
        wentBad,
        usualYears: median === null ? null : median / DAYS_PER_YEAR,
        longestSoundYears: Math.max(0, ...sound) / DAYS_PER_YEAR,
      },
    ];
  });
  const reach = ({ usualYears, longestSoundYears }: MediumLived): number =>
    usualYears ?? Math.max(longestSoundYears, 0);
  return lived.sort((a, b) => reach(b) - reach(a));
}

/** A place, with how long plants stood in it altogether. */
export interface PlaceLived {
  readonly placeName: string;
  readonly plants: number;
  readonly plantYears: number;
  readonly died: number;
}

const TEN = 10;

export type LossVerdict = 'too few to tell' | 'many' | 'few' | 'as elsewhere';

export interface PlaceLosses extends PlaceLived {
  /** Of ten plants in a year. */
  readonly perTenYears: number;
  readonly verdict: LossVerdict;
}

/** Where most are lost first. A place is held against all the others together. */
export function lossesOf(places: readonly PlaceLived[]): readonly PlaceLosses[] {
  const total = (key: 'died' | 'plantYears') => places.reduce((sum, place) => sum + place[key], 0);
  const [died, plantYears] = [total('died'), total('plantYears')];
  return places
    .filter((place) => place.plantYears > 0)
    .map((place): PlaceLosses => {
      const rate = place.died / place.plantYears;
      const othersYears = plantYears - place.plantYears;
      const others = othersYears > 0 ? (died - place.died) / othersYears : null;
      return { ...place, perTenYears: TEN * rate, verdict: verdictOf(place, rate, others) };
    })
    .sort((a, b) => b.perTenYears - a.perTenYears || b.plantYears - a.plantYears);
}

/** Fewer deaths than a handful say nothing, and neither do so few plant-years that one would have been luck. */
function verdictOf({ died, plantYears }: PlaceLived, rate: number, others: number | null): LossVerdict {
  if (others === null) return 'too few to tell';
  const expected = others * plantYears;
  if (Math.max(died, expected) < k.LEAST_DEATHS) return 'too few to tell';
  if (rate >= k.SURELY_FACTOR * others) return 'many';
  return rate * k.SURELY_FACTOR <= others ? 'few' : 'as elsewhere';
}
