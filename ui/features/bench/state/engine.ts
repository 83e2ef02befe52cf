/**
 * Keeps what is worked out in step with what is said: watches the stores, asks the workers, and puts
 * their answers into the plan's store. No component computes anything itself.
 */
import type { PlanCase, PlanFacts } from '@core';
import { type RawCase, readCase } from '../../../data/bench-draft';
import { safeJson } from '../../../data/browser/safe-json';
import type { Planner } from '../../../data/worker/planner';
import { useAbove } from './above-store';
import { readingOf, useCase } from './case-store';
import { mark, markDrawn, whenDrawn } from './marks';
import { emptyPlan, usePlanned } from './plan-store';
import { secondThoughts, type SecondThoughts, starting } from './second-thoughts';
import { stageAnswers } from './stage-answers';
import { useStage } from './stage-store';
import { useWhatIf } from './what-if-store';

/** A pause after the last of several keystrokes before the plan is worked out anew, ms. */
export const SETTLE_MS = 60;
/** Changes that follow each other so fast are typed, ms; one by itself is answered at once. */
export const TYPING_MS = 400;
/** What the engine needs of the workers. */
export type BenchPlanner = {
  readonly [K in Exclude<keyof Planner, 'close'>]: Planner[K];
} & { close(): void };

export interface Engine extends SecondThoughts {
  /** Stops the plan being worked out; the last one stays. */
  cancel(): void;
  close(): void;
}

/** What remembers answers from one start to the next. */
export interface AnswerMemory {
  readonly lastAnswer: () => { readonly key: string; readonly plan: PlanFacts } | null;
  readonly keepLastAnswer: (key: string, plan: PlanFacts) => void;
}

/** Opened with a value that cannot be used: until it is set right the last good answer stays, as it would have before. */
function showLastGood(memory: AnswerMemory): void {
  const last = memory.lastAnswer();
  const reading = readCase((safeJson(last?.key ?? '') ?? {}) as RawCase);
  if (last && reading.status === 'ok') usePlanned.setState({ planCase: reading.planCase, plan: last.plan });
}

export function startEngine(planner: BenchPlanner, memory: AnswerMemory): Engine {
  let askedKey: string | null = null;
  let askedAt = -Infinity;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let isClosed = false;
  const set = usePlanned.setState;
  const onStage = stageAnswers(planner);
  const { weighWhenIdle, notIdle, close: endThoughts, ...thoughts } = secondThoughts(planner);

  async function plan(planCase: PlanCase, key: string): Promise<void> {
    // Progress comes on a channel of its own and may arrive after the answer.
    let isOver = false;
    const outcome = await planner.plan(
      planCase,
      (done, total) => {
        if (!isOver && askedKey === key) set({ working: { done, total } });
      },
      (best) => {
        if (isOver || isClosed || askedKey !== key) return Promise.resolve();
        set({ failure: null, planCase, plan: best, doubts: null });
        markDrawn('first good');
        return whenDrawn();
      },
    );
    isOver = true;
    if (isClosed || askedKey !== key || outcome.status === 'cancelled') return;
    if (outcome.status === 'failed') set({ working: null, failure: outcome.message });
    else {
      showAnswer(planCase, outcome.value);
      memory.keepLastAnswer(key, outcome.value);
    }
  }

  function showAnswer(planCase: PlanCase, facts: PlanFacts): void {
    set({ working: null, failure: null, planCase, plan: facts, doubts: null });
    markDrawn('final');
    weighWhenIdle();
  }

  function followCase(): void {
    const reading = readingOf(useCase.getState());
    if (reading.status !== 'ok') return;
    const { planCase } = reading;
    const key = JSON.stringify(planCase);
    if (key === askedKey) return;
    const now = performance.now();
    const isTyped = now - askedAt < TYPING_MS;
    askedKey = key;
    askedAt = now;
    mark('asked');
    clearTimeout(timer);
    notIdle();
    thoughts.stopThinking();
    const last = memory.lastAnswer();
    if (last?.key === key) {
      planner.cancel();
      showAnswer(planCase, last.plan);
      markDrawn('first good');
      return;
    }
    set({ working: starting });
    if (isTyped) timer = setTimeout(() => void plan(planCase, key), SETTLE_MS);
    else void plan(planCase, key);
  }

  const ends = [
    useCase.subscribe(followCase),
    useStage.subscribe(onStage.follow),
    useWhatIf.subscribe(onStage.follow),
    useAbove.subscribe(onStage.follow),
    usePlanned.subscribe((now, before) => {
      if (now.plan !== before.plan) onStage.follow();
    }),
  ];
  followCase();
  if (askedKey === null) showLastGood(memory);

  return {
    ...thoughts,
    cancel() {
      clearTimeout(timer);
      planner.cancel();
      set({ working: null });
    },
    close() {
      isClosed = true;
      clearTimeout(timer);
      endThoughts();
      ends.forEach((end) => end());
      onStage.close();
      planner.close();
      set(emptyPlan);
    },
  };
}
