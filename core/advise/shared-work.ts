/**
 * Two at one plan: each tells the other what it found. What is told is what would have been found, so that the plan is the same,
 * however the two share the work; whoever runs them says in which order each goes.
 */
import type { Screened } from '../decide/choice';
import type { CandidateFacts, CaseContext, Judgement } from '../decide/setups';

/** The best of a kind, or how one setup was judged. All of it can be sent from one thread to another. */
export type Finding =
  | { readonly kind: string; readonly best: readonly Screened[] }
  | { readonly key: string; readonly judgement: Judgement };

export interface SharedWork {
  readonly kinds: Map<string, readonly Screened[]>;
  readonly judgements: Map<string, Judgement>;
  /** In which order this one goes through what is to be done. */
  readonly inOrder: InOrder;
  /** Judges setups before they are asked for: the other, who asks, finds them judged. */
  readonly worksAhead: boolean;
  readonly tell: (finding: Finding) => void;
}

export type InOrder = <Task>(tasks: readonly Task[]) => readonly Task[];

export const asTheyCome: InOrder = (tasks) => tasks;
export const lastFirst: InOrder = (tasks) => [...tasks].reverse();

export function shareWork(
  { inOrder, worksAhead }: Pick<SharedWork, 'inOrder' | 'worksAhead'>,
  tell: (finding: Finding) => void,
): SharedWork {
  return { kinds: new Map(), judgements: new Map(), inOrder, worksAhead, tell };
}

/** Takes in what the other found. */
export function receive(shared: SharedWork, finding: Finding): void {
  if ('kind' in finding) shared.kinds.set(finding.kind, finding.best);
  else shared.judgements.set(finding.key, finding.judgement);
}

type Judge = (context: CaseContext, facts: CandidateFacts) => Judgement;

/** The same judge, who asks first whether the other has judged it already, and tells what it judged. */
export function sharedJudge(shared: SharedWork | undefined, how: 'year' | 'fine', judge: Judge): Judge {
  if (!shared) return judge;
  return (context, facts) => {
    const key = `${how} ${facts.id}`;
    const known = shared.judgements.get(key);
    if (known) return known;
    const judgement = judge(context, facts);
    shared.judgements.set(key, judgement);
    shared.tell({ key, judgement });
    return judgement;
  };
}
