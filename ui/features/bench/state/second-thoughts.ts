/** What is weighed about an answer that stands: how sure it is, each school's side, what nobody has inspected, tuning. */
import type { SchoolId, SidesFacts, TuningFacts, UninspectedFact } from '@core';
import type { Refusable } from '../../../data/worker/bench-worker';
import type { Outcome } from '../../../data/worker/long-work';
import type { Planner } from '../../../data/worker/planner';
import { readingOf, useCase } from './case-store';
import { specOf, usePlanned } from './plan-store';
import { useStage } from './stage-store';

/** With nothing asked for so long, what the answer hangs on is weighed unasked, ms. */
export const IDLE_MS = 4000;

export const starting = { done: 0, total: 1 } as const;
const nothing = { status: 'cancelled' } as const;
const set = usePlanned.setState;

export interface SecondThoughts {
  askDoubts(): void;
  askSides(schoolId: SchoolId): Promise<Outcome<SidesFacts>>;
  /** What nobody has inspected, and what it could change. */
  askUnlooked(): Promise<Outcome<readonly UninspectedFact[]>>;
  tune(): Promise<Outcome<Refusable<TuningFacts>>>;
  stopThinking(): void;
}

const onProgress = (done: number, total: number) => {
  if (usePlanned.getState().thinking !== null) set({ thinking: { done, total } });
};

export function secondThoughts(
  planner: Pick<Planner, 'doubts' | 'sides' | 'unlooked' | 'tune' | 'stopThinking'>,
): SecondThoughts & { readonly weighWhenIdle: () => void; readonly notIdle: () => void; readonly close: () => void } {
  let idle: ReturnType<typeof setTimeout> | undefined;
  let isClosed = false;
  /** Thoughts that somebody waits for. */
  let underWay = 0;
  const notIdle = () => clearTimeout(idle);
  const weighWhenIdle = () => {
    idle = setTimeout(weighUnasked, IDLE_MS);
  };

  /** Never in place of what was asked for: one worker has all second thoughts, and a new one ends the one before. */
  function weighUnasked(): void {
    if (underWay === 0) askDoubts();
    else weighWhenIdle();
  }

  async function awaited<T>(ask: () => Promise<T>): Promise<T> {
    notIdle();
    underWay += 1;
    try {
      return await ask();
    } finally {
      underWay -= 1;
    }
  }

  /** Of the case that is said now, with its progress shown. */
  async function ofCase<T>(
    ask: (planCase: Parameters<Planner['sides']>[0]) => Promise<Outcome<T>>,
  ): Promise<Outcome<T>> {
    const reading = readingOf(useCase.getState());
    if (reading.status !== 'ok') return nothing;
    set({ thinking: starting });
    const outcome = await awaited(() => ask(reading.planCase));
    set({ thinking: null });
    return outcome;
  }

  function askDoubts(): void {
    notIdle();
    const { plan: facts, planCase } = usePlanned.getState();
    if (!facts || !planCase) return;
    set({ thinking: starting });
    const specs = facts.setups.map((setup) => setup.spec);
    void planner.doubts(planCase, specs, onProgress).then((outcome) => {
      if (isClosed || outcome.status === 'cancelled') return;
      set({ thinking: null });
      if (outcome.status === 'failed') set({ failure: outcome.message });
      else if (usePlanned.getState().plan === facts) set({ doubts: outcome.value });
    });
  }

  return {
    askDoubts,
    askSides: (schoolId) => ofCase((planCase) => planner.sides(planCase, schoolId, onProgress)),
    askUnlooked: () => ofCase((planCase) => planner.unlooked(planCase, onProgress)),
    async tune() {
      const { plan: facts, planCase } = usePlanned.getState();
      const spec = specOf(facts, useStage.getState());
      return spec && planCase ? awaited(() => planner.tune(planCase, spec)) : nothing;
    },
    stopThinking() {
      planner.stopThinking();
      set({ thinking: null });
    },
    weighWhenIdle,
    notIdle,
    close() {
      isClosed = true;
      notIdle();
    },
  };
}
