/**
 * Which of the thousands of candidates are worth a whole year: by rules first, then by some weeks of
 * drying, kind by kind.
 */
import { type Approach, type SetupSpec, specId } from '../../case';
import { allRules, forbiddingRule, rulePoints } from '../rules';
import { type CandidateFacts, type CaseContext, factsOf } from '../setups';
import { k } from './constants';
import { isAsItIs } from './known';
import type { Forbidden } from './ruled-out';
import { dryPoints, promisedPoints, WET_POINTS } from './score';
import { familyKey } from './variety';

export interface Screened {
  readonly spec: SetupSpec;
  readonly kind: string;
  readonly promise: number;
  /** The medium and pot it stands in, with room to grow: always judged, and always shown. */
  readonly isAsItIs?: boolean;
}

interface Waiting {
  readonly facts: CandidateFacts;
  readonly kind: string;
  readonly dryPoints: number;
}

/** Where two work at the kinds of one case: what is found is put in, and told. */
export interface SharedKinds {
  readonly kinds: Map<string, readonly Screened[]>;
  /** In which order this one goes through them. */
  readonly inOrder: (kinds: readonly string[]) => readonly string[];
  readonly tell: (finding: { readonly kind: string; readonly best: readonly Screened[] }) => void;
}

export interface Screening {
  readonly open: readonly Screened[];
  readonly forbidden: readonly Forbidden[];
}

/**
 * Judges every candidate by the rules and by what is known before drying; then, kind by kind, by some
 * weeks of drying, best first, and stops where not even full comfort could bring a later one among
 * the best of its kind (branch and bound: nothing is lost by it). Yields how many are done.
 */
export function* screenAll(
  context: CaseContext,
  specs: readonly SetupSpec[],
  shared?: SharedKinds,
): Generator<number, Screening> {
  const waiting = new Map<string, Waiting[]>();
  const forbidden: Forbidden[] = [];
  const kept: Waiting[] = [];
  let done = 0;
  for (const spec of specs) {
    const facts = factsOf(context, spec, 'coarse');
    const input = { context, facts, judgement: null };
    const rule = forbiddingRule(allRules, input);
    if (rule) {
      forbidden.push({ facts, judgement: null, rule });
      done += 1;
      yield done;
    } else {
      const kind = familyKey(facts);
      const entry = { facts, kind, dryPoints: dryPoints(context, facts, rulePoints(allRules, input)) };
      if (isAsItIs(context, facts) && kept.length === 0) kept.push(entry);
      const list = waiting.get(kind);
      if (list) list.push(entry);
      else waiting.set(kind, [entry]);
    }
  }
  const kinds = [...waiting.keys()];
  const bests = shared?.kinds ?? new Map<string, readonly Screened[]>();
  for (const kind of shared?.inOrder(kinds) ?? kinds) {
    const list = waiting.get(kind)!;
    // Where two work at it the other may have been here.
    if (!bests.has(kind)) {
      for (const step of bestOfKind(context, list)) {
        if ('best' in step) {
          bests.set(kind, step.best);
          shared?.tell({ kind, best: step.best });
        } else yield done + step.done;
      }
    }
    done += list.length;
    yield done;
  }
  const open = kinds.flatMap((kind) => [...bests.get(kind)!]);
  for (const { facts, kind, dryPoints: points } of kept) {
    const isThere = open.some(({ spec }) => specId(spec) === facts.id);
    if (!isThere)
      open.push({ spec: facts.spec, kind, promise: points + promisedPoints(context, facts), isAsItIs: true });
  }
  open.sort((a, b) => b.promise - a.promise);
  return { open, forbidden };
}

type KindStep = { readonly done: number } | { readonly best: readonly Screened[] };

/** How many of a kind are looked at, and at the end the best of them. */
function* bestOfKind(context: CaseContext, list: readonly Waiting[]): Generator<KindStep, void> {
  // The sort is stable: among equals the order of generation holds.
  const sorted = [...list].sort((a, b) => b.dryPoints - a.dryPoints);
  const best: Screened[] = [];
  for (const [index, { facts, kind, dryPoints: points }] of sorted.entries()) {
    const worstKept = best[k.KEPT_PER_KIND - 1];
    if (worstKept && points + WET_POINTS <= worstKept.promise) break;
    const worthFrom = worstKept ? worstKept.promise - points : 0;
    best.push({
      spec: facts.spec,
      kind,
      promise: points + promisedPoints(context, facts, worthFrom),
      isAsItIs: isAsItIs(context, facts),
    });
    best.sort((a, b) => b.promise - a.promise);
    best.length = Math.min(best.length, k.KEPT_PER_KIND);
    yield { done: index + 1 };
  }
  yield { best };
}

/** The most promising of each kind, so many of each way of potting. */
export function pickForTheYear(open: readonly Screened[]): {
  readonly first: readonly Screened[];
  readonly later: readonly Screened[];
} {
  const perApproach = new Map<Approach, number>();
  const kinds = new Set<string>();
  const first: Screened[] = [];
  const later: Screened[] = [];
  for (const entry of open) {
    const count = perApproach.get(entry.spec.approach) ?? 0;
    const isFirstAsItIs = entry.isAsItIs && !first.some(({ isAsItIs: was }) => was);
    if (!isFirstAsItIs && (kinds.has(entry.kind) || count >= k.JUDGED_PER_APPROACH)) later.push(entry);
    else {
      kinds.add(entry.kind);
      perApproach.set(entry.spec.approach, count + 1);
      first.push(entry);
    }
  }
  return { first, later };
}

/** judgedScores: scores of the setups judged so far. */
export function isHopeless(entry: Screened, judgedScores: readonly number[]): boolean {
  if (judgedScores.length < k.MOST_SETUPS || entry.isAsItIs) return false;
  const shown = [...judgedScores].sort((a, b) => b - a);
  return entry.promise + k.PROMISE_SLACK < shown[k.MOST_SETUPS - 1]!;
}
