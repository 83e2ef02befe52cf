/**
 * How a potting went, by three things a grower sees (does it hold, does it root, are its bulbs fuller or thinner) beside what is on record,
 * and what to change. Rules of common practice, no source; the bounds are in constants.ts.
 */
import type { TipState } from '../case';
import { k } from './constants';

export const holdStates = ['holds', 'gives a little', 'loose'] as const;
export type HoldState = (typeof holdStates)[number];

export const pseudobulbChanges = ['fuller', 'as before', 'thinner'] as const;
export type PseudobulbChange = (typeof pseudobulbChanges)[number];

export interface Judging {
  readonly holds: HoldState;
  /** null: not looked at. */
  readonly tips: TipState | null;
  /** null: it has none, or nobody looked. */
  readonly bulbs: PseudobulbChange | null;
}

/** What is on record since the potting; null where nothing is. */
export interface SincePotting {
  /** Days between waterings, as reckoned for these months and as kept. */
  readonly foreseenDays: number | null;
  readonly keptDays: number | null;
  /** By the finger: times the days that were reckoned; 1 = as foreseen. */
  readonly driesFactor: number;
  readonly rootsThenPct: number | null;
  readonly rootsNowPct: number | null;
  /** New shoots since, as its kind makes them in that time and as counted. */
  readonly shootsForeseen: number | null;
  readonly shootsFound: number | null;
}

export type JudgeVerdict = 'it took' | 'not yet' | 'it fails';
export type JudgeAdvice =
  | 'as it is'
  | 'more time'
  | 'hold it firmer'
  | 'look at the roots'
  | 'water sooner'
  | 'water later'
  | 'finer next time'
  | 'airier next time';

export interface Judgement {
  readonly verdict: JudgeVerdict;
  readonly advice: readonly JudgeAdvice[];
  /** As reckoned and as kept, where they differ enough to tell. */
  readonly waters: { readonly foreseenDays: number; readonly keptDays: number } | null;
  readonly roots: { readonly thenPct: number; readonly nowPct: number } | null;
  readonly shoots: { readonly foreseen: number; readonly found: number } | null;
}

function verdictOf({ holds, tips, bulbs }: Judging, hasLostRoots: boolean): JudgeVerdict {
  const isRooting = tips === 'starting' || tips === 'long';
  if (holds === 'loose' && (bulbs === 'thinner' || hasLostRoots)) return 'it fails';
  if (hasLostRoots && bulbs === 'thinner') return 'it fails';
  if (holds === 'holds' && bulbs !== 'thinner') return 'it took';
  return holds === 'gives a little' && isRooting && bulbs !== 'thinner' ? 'it took' : 'not yet';
}

export function judgePotting(seen: Judging, since: SincePotting): Judgement {
  const { rootsThenPct, rootsNowPct, foreseenDays, keptDays, driesFactor } = since;
  const hasLostRoots = rootsThenPct !== null && rootsNowPct !== null && rootsThenPct - rootsNowPct > k.ROOTS_LOST_PCT;
  const verdict = verdictOf(seen, hasLostRoots);
  const isThirsty = seen.bulbs === 'thinner' && !hasLostRoots && seen.holds !== 'loose';
  const driesFaster = driesFactor < 1 - k.DRIES_OTHERWISE;
  const driesSlower = driesFactor > 1 + k.DRIES_OTHERWISE;
  const keptLater = foreseenDays !== null && keptDays !== null && keptDays > foreseenDays * (1 + k.KEPT_OTHERWISE);
  const keptSooner = foreseenDays !== null && keptDays !== null && keptDays < foreseenDays * (1 - k.KEPT_OTHERWISE);
  const said: readonly (readonly [JudgeAdvice, boolean])[] = [
    ['hold it firmer', seen.holds !== 'holds'],
    ['look at the roots', verdict === 'it fails' || (seen.holds === 'loose' && seen.tips === 'none')],
    ['water sooner', isThirsty && (keptLater || driesFaster || !driesSlower)],
    ['water later', driesSlower || (hasLostRoots && keptSooner)],
    ['finer next time', driesFaster],
    ['airier next time', driesSlower && (hasLostRoots || verdict !== 'it took')],
    ['more time', verdict === 'not yet' && seen.bulbs !== 'thinner' && !driesSlower],
  ];
  const advice = said.flatMap(([one, holds]) => (holds ? [one] : []));
  return {
    verdict,
    advice: advice.length > 0 ? advice : ['as it is'],
    waters: foreseenDays !== null && keptDays !== null && (keptLater || keptSooner) ? { foreseenDays, keptDays } : null,
    shoots:
      since.shootsForeseen === null || since.shootsFound === null
        ? null
        : { foreseen: since.shootsForeseen, found: since.shootsFound },
    roots: rootsThenPct === null || rootsNowPct === null ? null : { thenPct: rootsThenPct, nowPct: rootsNowPct },
  };
}
