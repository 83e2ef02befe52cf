/** What was worked out: the plan, the setup on the stage, what is tried on it, and how sure it all is. */
import { create } from 'zustand';
import type { GrowthView, PlanCase, PlanFacts, SetupFacts, SetupCurve, SetupSpec } from '@core';
import type { DoubtFacts } from '../../../data/worker/bench-worker';
import type { TriedFacts } from '../../../data/worker/planner';
import type { StageState } from './stage-store';

export interface Progress {
  readonly done: number;
  readonly total: number;
}

export interface PlanState {
  /** The last case that could be computed, and its plan. */
  readonly planCase: PlanCase | null;
  readonly plan: PlanFacts | null;
  /** null while nothing is being worked out. */
  readonly working: Progress | null;
  readonly failure: string | null;
  readonly review: SetupFacts | null;
  readonly curve: SetupCurve | null;
  readonly tried: TriedFacts | null;
  /** The pot from above; null while it is not looked at, and of a mount. */
  readonly growth: GrowthView | null;
  readonly doubts: DoubtFacts | null;
  readonly thinking: Progress | null;
}

export const emptyPlan: PlanState = {
  planCase: null,
  plan: null,
  working: null,
  failure: null,
  review: null,
  curve: null,
  tried: null,
  growth: null,
  doubts: null,
  thinking: null,
};

export const usePlanned = create<PlanState>()(() => emptyPlan);

type Chosen = Pick<StageState, 'chosenId' | 'edited'>;

/** Which of the shelf's setups is chosen: the one picked while it is still there, else the best. */
export function chosenOf(plan: PlanFacts | null, { chosenId }: Pick<Chosen, 'chosenId'>) {
  return plan?.setups.find((setup) => setup.id === chosenId) ?? plan?.setups[0] ?? null;
}

/** The setup on the stage, as it now is. */
export function specOf(plan: PlanFacts | null, chosen: Chosen): SetupSpec | null {
  return chosen.edited ?? chosenOf(plan, chosen)?.spec ?? null;
}

export function monthOf(plan: PlanFacts | null, { monthIndex }: Pick<StageState, 'monthIndex'>): number {
  return monthIndex ?? plan?.resolved.monthIndex ?? 0;
}
