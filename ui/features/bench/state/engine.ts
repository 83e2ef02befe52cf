/**
 * Keeps what is worked out in step with what is said: watches the stores, asks the workers, and puts
 * their answers into the plan's store. No component computes anything itself.
 */
import {
  type PlanCase,
  type PlanFacts,
  type SchoolId,
  type SetupSpec,
  type SidesFacts,
  specId,
  type TuningFacts,
  type UnlookedFact,
} from '@core';
import { type RawCase, readCase } from '../../../data/bench-draft';
import { Latest } from '../../../data/latest';
import { safeJson } from '../../../data/browser/safe-json';
import type { Refusable } from '../../../data/worker/bench-worker';
import { messageOf, type Outcome } from '../../../data/worker/long-work';
import type { Planner } from '../../../data/worker/planner';
import { readingOf, useCase } from './case-store';
import { mark, markDrawn, whenDrawn } from './marks';
import { emptyPlan, monthOf, specOf, usePlanned } from './plan-store';
import { useAbove } from './above-store';
import { useStage } from './stage-store';
import { useWhatIf } from './what-if-store';

/** A pause after the last of several keystrokes before the plan is worked out anew, ms. */
export const SETTLE_MS = 60;
/** Changes that follow each other so fast are typed, ms; one by itself is answered at once. */
export const TYPING_MS = 400;
/** With nothing asked for so long, what the answer hangs on is weighed unasked, ms. */
export const IDLE_MS = 4000;

/** What the engine needs of the workers. */
export type BenchPlanner = {
  readonly [K in Exclude<keyof Planner, 'close'>]: Planner[K];
} & { close(): void };

export interface Engine {
  /** Stops the plan being worked out; the last one stays. */
  cancel(): void;
  askDoubts(): void;
  askSides(schoolId: SchoolId): Promise<Outcome<SidesFacts>>;
  /** What nobody has looked at, and what it could change. */
  askUnlooked(): Promise<Outcome<readonly UnlookedFact[]>>;
  tune(): Promise<Outcome<Refusable<TuningFacts>>>;
  stopThinking(): void;
  close(): void;
}

const starting = { done: 0, total: 1 } as const;
const nothing = { status: 'cancelled' } as const;

/** What remembers answers from one start to the next. */
export interface AnswerMemory {
  readonly lastAnswer: () => { readonly key: string; readonly plan: PlanFacts } | null;
  readonly keepLastAnswer: (key: string, plan: PlanFacts) => void;
}

export function startEngine(planner: BenchPlanner, memory: AnswerMemory): Engine {
  let askedKey: string | null = null;
  let askedAt = -Infinity;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let idle: ReturnType<typeof setTimeout> | undefined;
  let isClosed = false;
  /** Second thoughts that somebody waits for. */
  let underWay = 0;
  const set = usePlanned.setState;
  const report = (error: unknown) => set({ failure: messageOf(error) });
  const reviews = new Latest<ReturnType<Planner['review']> extends Promise<infer T> ? T : never>(
    (review) => set({ review }),
    report,
  );
  const curves = new Latest<ReturnType<Planner['curve']> extends Promise<infer T> ? T : never>(
    (curve) => set({ curve }),
    report,
  );
  const tries = new Latest<ReturnType<Planner['whatIf']> extends Promise<infer T> ? T : never>(
    (tried) => set({ tried }),
    report,
  );

  const growths = new Latest<ReturnType<Planner['growth']> extends Promise<infer T> ? T : never>(
    (growth) => set({ growth }),
    report,
  );
  /** The pot and case in which plants were moved by hand: in another they stand best again. */
  let standsOf: string | null = null;

  /** Where it will grow, while somebody looks at it. */
  function followAbove(planCase: PlanCase, spec: SetupSpec, key: string): void {
    const { isOpen, stands } = useAbove.getState();
    const potKey = `${JSON.stringify(planCase)}${JSON.stringify(spec.vessel)}`;
    if (!isOpen) {
      growths.forget();
      if (usePlanned.getState().growth !== null) set({ growth: null });
      return;
    }
    if (stands !== null && standsOf !== null && standsOf !== potKey) return useAbove.setState({ stands: null });
    standsOf = stands === null ? null : potKey;
    growths.ask(`${key}#${JSON.stringify(stands)}`, () => planner.growth(planCase, spec, stands));
  }

  /** The stage follows the plan, the hand and the month; the last answers stay until the next arrive. */
  function followStage(): void {
    const { plan, planCase } = usePlanned.getState();
    const stage = useStage.getState();
    const { change } = useWhatIf.getState();
    const spec = specOf(plan, stage);
    if (!spec || !planCase) return;
    const monthIndex = monthOf(plan, stage);
    const key = `${JSON.stringify(planCase)}${specId(spec)}`;
    // What stands on the shelf was judged with the plan; only what was changed by hand is judged anew.
    const onShelf = plan?.setups.find(({ id }) => id === specId(spec));
    if (onShelf) {
      reviews.forget();
      if (usePlanned.getState().review !== onShelf) set({ review: onShelf });
    } else reviews.ask(key, () => planner.review(planCase, spec));
    curves.ask(`${key}#${monthIndex}`, () => planner.curve(planCase, spec, monthIndex));
    followAbove(planCase, spec, key);
    if (change === null) {
      tries.forget();
      if (usePlanned.getState().tried !== null) set({ tried: null });
    } else {
      tries.ask(`${key}#${monthIndex}#${JSON.stringify(change)}`, () =>
        planner.whatIf(planCase, spec, change, monthIndex),
      );
    }
  }

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
    idle = setTimeout(weighUnasked, IDLE_MS);
  }

  /** Never in place of what was asked for: one worker has all second thoughts, and a new one ends the one before. */
  function weighUnasked(): void {
    if (underWay === 0) askDoubts();
    else idle = setTimeout(weighUnasked, IDLE_MS);
  }

  /** A second thought that somebody waits for. */
  async function awaited<T>(ask: () => Promise<T>): Promise<T> {
    clearTimeout(idle);
    underWay += 1;
    try {
      return await ask();
    } finally {
      underWay -= 1;
    }
  }

  function askDoubts(): void {
    clearTimeout(idle);
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
    clearTimeout(idle);
    planner.stopThinking();
    set({ thinking: null });
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

  /** Opened with a value that cannot be used: until it is set right the last good answer stays, as it would have before. */
  function showLastGood(): void {
    const last = memory.lastAnswer();
    const reading = readCase((safeJson(last?.key ?? '') ?? {}) as RawCase);
    if (last && reading.status === 'ok') set({ planCase: reading.planCase, plan: last.plan });
  }

  const onProgress = (done: number, total: number) => {
    if (usePlanned.getState().thinking !== null) set({ thinking: { done, total } });
  };

  const ends = [
    useCase.subscribe(followCase),
    useStage.subscribe(followStage),
    useWhatIf.subscribe(followStage),
    useAbove.subscribe(followStage),
    usePlanned.subscribe((now, before) => {
      if (now.plan !== before.plan) followStage();
    }),
  ];
  followCase();
  if (askedKey === null) showLastGood();

  return {
    cancel() {
      clearTimeout(timer);
      planner.cancel();
      set({ working: null });
    },
    askDoubts,
    async askSides(schoolId) {
      const reading = readingOf(useCase.getState());
      if (reading.status !== 'ok') return nothing;
      set({ thinking: starting });
      const outcome = await awaited(() => planner.sides(reading.planCase, schoolId, onProgress));
      set({ thinking: null });
      return outcome;
    },
    async askUnlooked() {
      const reading = readingOf(useCase.getState());
      if (reading.status !== 'ok') return nothing;
      set({ thinking: starting });
      const outcome = await awaited(() => planner.unlooked(reading.planCase, onProgress));
      set({ thinking: null });
      return outcome;
    },
    async tune() {
      const { plan: facts, planCase } = usePlanned.getState();
      const spec = specOf(facts, useStage.getState());
      return spec && planCase ? awaited(() => planner.tune(planCase, spec)) : nothing;
    },
    stopThinking() {
      planner.stopThinking();
      set({ thinking: null });
    },
    close() {
      isClosed = true;
      clearTimeout(timer);
      clearTimeout(idle);
      ends.forEach((end) => end());
      [reviews, curves, tries, growths].forEach((latest) => latest.close());
      planner.close();
      set(emptyPlan);
    },
  };
}
