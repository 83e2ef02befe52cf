/**
 * What nobody has looked at, and what it could change: each thing is supposed to be seen one way and another, and the plan made
 * again. Only what turns "now or later" or the kind of setup that leads is told.
 */
import { makePlan, type PlanFacts, type Timing } from '../advise';
import type { PlanCase, SetupSpec } from '../case';
import { type Supposed, suppositionsFor } from './suppositions';

export interface UninspectedFact {
  readonly supposed: Supposed;
  /** As it would be then; null where it stays as it is. */
  readonly verdict: Timing['verdict'] | null;
  /** What would lead then; null where the same kind of setup does. */
  readonly leader: SetupSpec | null;
}

/** Whether two setups are of one kind: pot or mount, and what it is mainly filled with. */
function isOneKind(a: SetupSpec, b: SetupSpec): boolean {
  const mainOf = ({ layers }: SetupSpec) => layers.find(({ role }) => role === 'main')?.mix[0]?.mediumId;
  return a.approach === b.approach && a.vessel.kind === b.vessel.kind && mainOf(a) === mainOf(b);
}

function turned(now: PlanFacts, then: PlanFacts): Pick<UninspectedFact, 'verdict' | 'leader'> {
  const [leads, wouldLead] = [now.setups[0]!.spec, then.setups[0]!.spec];
  return {
    verdict: then.timing.verdict === now.timing.verdict ? null : then.timing.verdict,
    leader: isOneKind(leads, wouldLead) ? null : wouldLead,
  };
}

/** What looking could change, in the order in which it would be looked at; nothing is told of what changes nothing. */
export function uninspectedOf(
  planCase: PlanCase,
  onProgress: (done: number, total: number) => void = () => undefined,
): readonly UninspectedFact[] {
  const suppositions = suppositionsFor(planCase);
  const total = suppositions.length + 1;
  const now = makePlan(planCase, { isRough: true });
  onProgress(1, total);
  return suppositions.flatMap(({ supposed, planCase: then }, index): UninspectedFact[] => {
    const change = turned(now, makePlan(then, { isRough: true }));
    onProgress(index + 2, total);
    return change.verdict === null && change.leader === null ? [] : [{ supposed, ...change }];
  });
}
