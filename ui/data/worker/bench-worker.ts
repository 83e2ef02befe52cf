/** The core, off the page's thread. It answers in figures; the page words them in the grower's units. */
import * as Comlink from 'comlink';
import {
  compareSides,
  type FaultAt,
  type Finding,
  receive,
  asTheyCome,
  lastFirst,
  type SharedWork,
  shareWork,
  type PlanStep,
  contextOf,
  factsOf,
  FaultError,
  growthView,
  type GrowthView,
  planInSteps,
  type Placement,
  placementOf,
  type PlanCase,
  type PlanFacts,
  type SetupFacts,
  reviewSetup,
  type SchoolId,
  type SensitivityFacts,
  sensitivityOf,
  setupCurve,
  type SetupCurve,
  type SetupSpec,
  type SidesFacts,
  tuneToRoutine,
  type TuningFacts,
  type TurnFact,
  turnsOf,
  type UninspectedFact,
  uninspectedOf,
  potOf,
  resolveCase,
  type PlantPlacement,
  whatIf,
  type WhatIf,
  type WhatIfFacts,
} from '@core';
import { isOpening, keyOf, openingCase } from './early-plan';

export type OnProgress = (done: number, total: number) => void;
/** Done when the page has drawn it: worked on meanwhile, both would take longer on a machine of two cores. */
export type OnBest = (best: PlanFacts) => Promise<void>;

/** How sure the answer is, and what would change it. */
export interface DoubtFacts {
  readonly sensitivity: SensitivityFacts;
  readonly turns: readonly TurnFact[];
}

/** A question that some setups have no answer to, and why. */
export type Refusable<T> =
  { readonly status: 'ok'; readonly value: T } | { readonly status: 'refused'; readonly faults: readonly FaultAt[] };

/** How many of the leading setups the sensitivity looks at. */
const LEADERS = 3;

/** A plan hears messages so often, ms. */
const CHUNK_MS = 24;
/** And tells so seldom how far it is: drawing the bar takes time from the work, ms. */
const TELL_MS = 200;

/** Which plan is wanted: another number stops the one under way. */
let planTurn = 0;

/** Lets messages in. A channel of its own is not slowed down as timers are. */
function letMessagesIn(): Promise<void> {
  return new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(null);
  });
}

/** Hears of a step. isPause: messages will be heard after it. What it promises is waited for. */
type OnStep = (step: PlanStep, isPause: boolean) => Promise<void> | null;

/** Whoever answers begins at the front; whoever helps begins at the back, and judges before it is asked. */
type Part = Pick<SharedWork, 'inOrder' | 'worksAhead'>;
const leading: Part = { inOrder: asTheyCome, worksAhead: false };
const helping: Part = { inOrder: lastFirst, worksAhead: true };

/** Runs a plan, hearing messages now and then: what stops it, and what a helper found. */
async function runPlan(
  planCase: PlanCase,
  port: MessagePort | null,
  part: Part,
  onStep: OnStep,
): Promise<PlanFacts | null> {
  const turn = (planTurn += 1);
  const shared = port ? shareWork(part, (finding) => port.postMessage(finding)) : undefined;
  if (port && shared) port.onmessage = ({ data }: MessageEvent<Finding>) => receive(shared, data);
  try {
    const steps = planInSteps(planCase, shared ? { shared } : {});
    let since = performance.now();
    for (;;) {
      const step = steps.next();
      if (step.done) return step.value;
      const isPause = performance.now() - since >= CHUNK_MS;
      const waiting = onStep(step.value, isPause);
      if (!isPause && !waiting) continue;
      await (waiting ?? letMessagesIn());
      if (turn !== planTurn) return null;
      since = performance.now();
    }
  } finally {
    port?.close();
  }
}

/** A plan begun before the page asked: what it found so far, and who hears of the rest. */
interface EarlyPlan {
  readonly key: string;
  readonly answer: Promise<PlanFacts | null>;
  best: PlanFacts | null;
  tell: OnStep;
}

let early: EarlyPlan | null = null;

function beginEarly(planCase: PlanCase): void {
  const begun: Omit<EarlyPlan, 'answer'> = { key: keyOf(planCase), best: null, tell: () => null };
  const answer = runPlan(planCase, null, leading, (step, isPause) => {
    begun.best = step.best ?? begun.best;
    return begun.tell(step, isPause);
  });
  // Whoever asks hears of a failure; without anyone asking it is none.
  answer.catch(() => undefined);
  early = Object.assign(begun, { answer });
}

/** The early plan, if that is what is asked for; it is handed over once. */
function takeEarly(planCase: PlanCase): EarlyPlan | null {
  const taken = early?.key === keyOf(planCase) ? early : null;
  early = null;
  return taken;
}

self.addEventListener('message', ({ data }: MessageEvent<unknown>) => {
  if (isOpening(data)) beginEarly(openingCase());
});

/** The case whose growth was last asked for: the plant is moved about many times, and its futures stay the same. */
let growing: { readonly key: string; readonly context: ReturnType<typeof contextOf> } | null = null;

function growingOf(planCase: PlanCase): ReturnType<typeof contextOf> {
  const key = keyOf(planCase);
  if (growing?.key !== key) growing = { key, context: contextOf(resolveCase(planCase)) };
  return growing.context;
}

const api = {
  /**
   * null where it was stopped before it was done. onBest: a first answer, before the last is there. port: to another worker
   * that helps with the same plan.
   */
  async plan(
    planCase: PlanCase,
    onProgress: OnProgress,
    onBest: OnBest,
    port: MessagePort | null,
  ): Promise<PlanFacts | null> {
    let toldAt = performance.now();
    const tell: OnStep = ({ done, total, best }, isPause) => {
      if (isPause && performance.now() - toldAt >= TELL_MS) {
        toldAt = performance.now();
        void onProgress(done, total);
      }
      return best && onBest(best);
    };
    const begun = takeEarly(planCase);
    if (!begun) return runPlan(planCase, port, leading, tell);
    port?.close();
    // Found before anybody asked: the next step waits until it is drawn.
    let drawing = begun.best && onBest(begun.best);
    begun.tell = (step, isPause) => {
      const waiting = drawing ?? tell(step, isPause);
      drawing = null;
      return waiting;
    };
    return begun.answer;
  },
  /** Works at the same plan from the other end, and tells what it finds. */
  async help(planCase: PlanCase, port: MessagePort): Promise<void> {
    await runPlan(planCase, port, helping, () => null);
  },
  /** Stops the plan under way; the worker stays warm. */
  stopPlan(): void {
    planTurn += 1;
  },
  curve(planCase: PlanCase, spec: SetupSpec, monthIndex: number): SetupCurve {
    return setupCurve(planCase, spec, monthIndex);
  },
  review(planCase: PlanCase, spec: SetupSpec): SetupFacts {
    return reviewSetup(planCase, spec);
  },
  placement(planCase: PlanCase, spec: SetupSpec): Placement {
    const context = growingOf(planCase);
    return placementOf(context, factsOf(context, spec));
  },
  /** null of a mount: nothing ends there. stands: as moved by hand; null = as they stand best. */
  growth(planCase: PlanCase, spec: SetupSpec, stands: readonly PlantPlacement[] | null): GrowthView | null {
    const { vessel } = spec;
    return vessel.kind === 'pot' ? growthView(growingOf(planCase), potOf(vessel), stands) : null;
  },
  whatIf(
    planCase: PlanCase,
    spec: SetupSpec,
    change: WhatIf,
    monthIndex: number,
  ): { answer: WhatIfFacts; curve: SetupCurve } {
    const answer = whatIf(planCase, spec, change, monthIndex);
    return { answer, curve: setupCurve(answer.planCase, answer.spec, monthIndex) };
  },
  tune(planCase: PlanCase, spec: SetupSpec): Refusable<TuningFacts> {
    try {
      return { status: 'ok', value: tuneToRoutine(planCase, spec) };
    } catch (error) {
      // An error loses its class on the way to the page; its faults do not.
      if (error instanceof FaultError) return { status: 'refused', faults: error.faults };
      throw error;
    }
  },
  doubts(planCase: PlanCase, specs: readonly SetupSpec[], onProgress: OnProgress): DoubtFacts {
    const sensitivity = sensitivityOf(planCase, specs.slice(0, LEADERS), (done, total) => onProgress(done, 2 * total));
    const turns = turnsOf(planCase, specs, (done, total) => onProgress(total + done, 2 * total));
    return { sensitivity, turns };
  },
  unlooked(planCase: PlanCase, onProgress: OnProgress): readonly UninspectedFact[] {
    return uninspectedOf(planCase, onProgress);
  },
  sides(planCase: PlanCase, schoolId: SchoolId, onProgress: OnProgress): SidesFacts {
    return compareSides(planCase, schoolId, onProgress);
  },
};

export type BenchApi = typeof api;

Comlink.expose(api);
