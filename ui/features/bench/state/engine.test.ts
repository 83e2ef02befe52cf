/** The bench without a screen: stores, engine, and workers that answer when the test says so. */
import {
  contextOf,
  growthView,
  type PlanCase,
  type PlanFacts,
  potOf,
  type SetupSpec,
  type PlantPlacement,
  type WhatIf,
} from '@core';
import { makePlan, resolveCase, reviewSetup, setupCurve, whatIf } from '@core/testing';
import { emptyDraft } from '../../../data/bench-draft';
import type { Outcome } from '../../../data/worker/long-work';
import { answer, choose, edit, keepTried, showMonth, startAnew, toggleBeside } from './actions';
import { readingOf, useCase } from './case-store';
import { type AnswerMemory, type BenchPlanner, type Engine, SETTLE_MS, startEngine } from './engine';
import { IDLE_MS } from './second-thoughts';
import { showFromAbove, movePlacements, useAbove } from './above-store';
import { emptyPlan, specOf, usePlanned } from './plan-store';
import { emptyStage, forgetEdits, undoEdit, useStage } from './stage-store';
import { tryChange, useWhatIf } from './what-if-store';

jest.useFakeTimers();

/** Plans of one pot, so that they are quick. */
const small: PlanCase = {
  genus: 'oncidium',
  place: 'bathroom',
  routine: { kind: 'every', days: 5 },
  ownPots: [{ potKindId: 'plastic-round', rimDiameterCm: 13, count: 1 }],
};
const known = new Map<string, PlanFacts>();
function planFor(planCase: PlanCase): PlanFacts {
  const key = JSON.stringify(planCase);
  const plan = known.get(key) ?? makePlan(planCase);
  known.set(key, plan);
  return plan;
}

interface Asked {
  readonly planCase: PlanCase;
  readonly answer: (outcome?: Outcome<PlanFacts>) => Promise<void>;
}

const nothingKept: AnswerMemory = { lastAnswer: () => null, keepLastAnswer: () => undefined };

function fakePlanner() {
  const asked: Asked[] = [];
  const counts = { cancelled: 0, stopped: 0, closed: 0, reviews: 0, whatIfs: 0, growths: 0 };
  const planner: BenchPlanner = {
    plan: (planCase) =>
      new Promise((resolve) => {
        asked.push({
          planCase,
          answer: async (outcome) => {
            resolve(outcome ?? { status: 'done', value: planFor(planCase) });
            await jest.advanceTimersByTimeAsync(0);
          },
        });
      }),
    cancel: () => {
      counts.cancelled += 1;
    },
    doubts: () => Promise.resolve({ status: 'cancelled' }),
    sides: () => Promise.resolve({ status: 'cancelled' }),
    unlooked: () => Promise.resolve({ status: 'cancelled' }),
    tune: () => Promise.resolve({ status: 'cancelled' }),
    growth: (planCase: PlanCase, spec: SetupSpec, stands: readonly PlantPlacement[] | null) => {
      counts.growths += 1;
      const { vessel } = spec;
      if (vessel.kind !== 'pot') return Promise.resolve(null);
      return Promise.resolve(growthView(contextOf(resolveCase(planCase)), potOf(vessel), stands));
    },
    stopThinking: () => {
      counts.stopped += 1;
    },
    curve: (planCase: PlanCase, spec: SetupSpec, monthIndex: number) =>
      Promise.resolve(setupCurve(planCase, spec, monthIndex)),
    review: (planCase: PlanCase, spec: SetupSpec) => {
      counts.reviews += 1;
      return Promise.resolve(reviewSetup(planCase, spec));
    },
    whatIf: (planCase: PlanCase, spec: SetupSpec, change: WhatIf, monthIndex: number) => {
      counts.whatIfs += 1;
      const tried = whatIf(planCase, spec, change, monthIndex);
      return Promise.resolve({ answer: tried, curve: setupCurve(tried.planCase, tried.spec, monthIndex) });
    },
    close: () => {
      counts.closed += 1;
    },
  };
  return { asked, counts, planner };
}

let fake: ReturnType<typeof fakePlanner>;
let engine: Engine;

const settle = () => jest.advanceTimersByTimeAsync(SETTLE_MS + 1);
const spec = () => specOf(usePlanned.getState().plan, useStage.getState());

beforeEach(() => {
  useCase.setState({ answers: small, plantId: null, plantName: '', plantVersion: null, ownMedia: [] });
  useStage.setState(emptyStage);
  forgetEdits();
  tryChange(null);
  showFromAbove(false);
  usePlanned.setState(emptyPlan);
  fake = fakePlanner();
  engine = startEngine(fake.planner, nothingKept);
});
afterEach(() => engine.close());

async function planned(): Promise<void> {
  await settle();
  await fake.asked[fake.asked.length - 1]!.answer();
}

test('a case is planned as the bench opens, and its best setup stands on the stage with its curve', async () => {
  expect(usePlanned.getState().working).toEqual({ done: 0, total: 1 });
  expect(fake.asked).toHaveLength(1);
  await planned();
  const { plan, review, curve, working, planCase } = usePlanned.getState();
  expect(planCase).toEqual(small);
  expect(working).toBeNull();
  expect(spec()).toEqual(plan!.setups[0]!.spec);
  expect(review!.id).toBe(plan!.setups[0]!.id);
  expect(curve!.hours.length).toBeGreaterThan(24);
});

test('typing on asks once more, when the hand rests, for the last of what was typed', async () => {
  answer({ shootCount: 3 });
  answer({ shootCount: 5 });
  await settle();
  expect(fake.asked.map(({ planCase }) => planCase.shootCount)).toEqual([undefined, 5]);
});

test('an answer to an earlier question never overwrites a later one', async () => {
  await settle();
  answer({ shootCount: 6 });
  await settle();
  await fake.asked[1]!.answer();
  await fake.asked[0]!.answer();
  expect(usePlanned.getState().planCase).toMatchObject({ shootCount: 6 });
});

test('a value that cannot be used asks nothing, and the last plan stays', async () => {
  await planned();
  answer({ rootDiameterMm: 99 });
  await settle();
  expect(readingOf(useCase.getState()).status).toBe('faulty');
  expect(fake.asked).toHaveLength(1);
  expect(usePlanned.getState().plan).not.toBeNull();
});

test('stop: the workers are told, nothing works on, the last plan stays', async () => {
  await planned();
  const before = usePlanned.getState().plan;
  answer({ shootCount: 7 });
  engine.cancel();
  await settle();
  expect(fake.asked).toHaveLength(1);
  expect(fake.counts.cancelled).toBe(1);
  expect(usePlanned.getState()).toMatchObject({ working: null, plan: before });
});

test('a failure is said, and the last plan stays', async () => {
  await planned();
  answer({ shootCount: 8 });
  await settle();
  await fake.asked[1]!.answer({ status: 'failed', message: 'out of memory' });
  expect(usePlanned.getState()).toMatchObject({ failure: 'out of memory', working: null });
  expect(usePlanned.getState().plan).not.toBeNull();
});

test('undo goes back over the steps of the hand, one drag being one step', async () => {
  await planned();
  const start = spec()!;
  const raised = (heightCm: number): SetupSpec => ({
    ...start,
    layers: start.layers.map((layer) => (layer.role === 'main' ? { ...layer, heightCm } : layer)),
  });
  edit(raised(5), true);
  edit(raised(5.5), false);
  edit(raised(6), false);
  edit(raised(7), true);
  undoEdit();
  expect(spec()).toEqual(raised(6));
  undoEdit();
  expect(spec()).toEqual(start);
  undoEdit();
  expect(spec()).toEqual(start);
});

test('choosing another setup forgets what was changed by hand on the first', async () => {
  await planned();
  const { plan } = usePlanned.getState();
  edit({ ...plan!.setups[0]!.spec, monthsOld: 12 }, true);
  choose(plan!.setups[1]!.id);
  expect(spec()).toEqual(plan!.setups[1]!.spec);
  undoEdit();
  expect(useStage.getState().edited).toBeNull();
});

test('another month asks for another curve, not for another judgement', async () => {
  await planned();
  const { reviews } = fake.counts;
  const before = usePlanned.getState().curve;
  showMonth(6);
  await jest.advanceTimersByTimeAsync(0);
  expect(usePlanned.getState().curve).not.toEqual(before);
  expect(fake.counts.reviews).toBe(reviews);
});

test('a change is tried beside the setup, and taken over with what it says of the case', async () => {
  await planned();
  tryChange({ monthsOld: 18, routine: { kind: 'every', days: 3 } });
  await jest.advanceTimersByTimeAsync(0);
  expect(usePlanned.getState().tried!.answer.spec.monthsOld).toBe(18);
  keepTried();
  expect(useWhatIf.getState().change).toBeNull();
  expect(useStage.getState().edited).toMatchObject({ monthsOld: 18 });
  expect(useCase.getState().answers.routine).toEqual({ kind: 'every', days: 3 });
  await jest.advanceTimersByTimeAsync(0);
  expect(usePlanned.getState().tried).toBeNull();
});

test('growth is worked out only while the pot is looked at from above, and follows a moved plant', async () => {
  await planned();
  expect(fake.counts.growths).toBe(0);
  showFromAbove(true);
  await settle();
  const best = usePlanned.getState().growth!;
  expect(best.shown.years).toBe(best.best.years);
  expect(best.tipsByYear[0]!.length).toBeGreaterThan(0);
  movePlacements([{ xCm: best.shown.widthCm / 2, yCm: 0, turnDeg: 0 }]);
  await settle();
  expect(usePlanned.getState().growth!.shown.years).toBe(0);
  expect(usePlanned.getState().growth!.best.years).toBe(best.best.years);
  showFromAbove(false);
  await settle();
  expect(usePlanned.getState().growth).toBeNull();
});

test('in another case plants that were moved by hand stand best again', async () => {
  await planned();
  showFromAbove(true);
  movePlacements([{ xCm: 1, yCm: 1, turnDeg: 0 }]);
  await settle();
  answer({ shootCount: 5 });
  await planned();
  await settle();
  expect(useAbove.getState().stands).toBeNull();
});

test('set beside, taken away again, and never more than a page holds', async () => {
  await planned();
  const specs = usePlanned.getState().plan!.setups.map((setup) => setup.spec);
  expect(specs.length).toBeGreaterThan(5);
  specs.slice(0, 5).forEach(toggleBeside);
  expect(useStage.getState().beside).toEqual(specs.slice(1, 5));
  toggleBeside(specs[2]!);
  expect(useStage.getState().beside).toEqual([specs[1], specs[3], specs[4]]);
});

test('own media take part unless an answer says which do', () => {
  const own = { name: 'Mine', likeId: 'bark-6-12' };
  useCase.setState({ ownMedia: [own] });
  const reading = readingOf(useCase.getState());
  expect(reading.status === 'ok' && reading.planCase.ownMedia).toEqual([own]);
  answer({ ownMedia: [] });
  const without = readingOf(useCase.getState());
  expect(without.status === 'ok' && without.planCase.ownMedia).toEqual([]);
  // What the record says counts until it is said that it should not.
  const handsRecord = [{ family: 'conifer bark', well: 3, badly: 1 } as const];
  useCase.setState({ handsRecord });
  const withRecord = readingOf(useCase.getState());
  expect(withRecord.status === 'ok' && withRecord.planCase.handsRecord).toEqual(handsRecord);
  answer({ handsRecord: [] });
  const uncounted = readingOf(useCase.getState());
  expect(uncounted.status === 'ok' && uncounted.planCase.handsRecord).toEqual([]);
  // One that was kept with an old potting is not the record of today.
  answer({ handsRecord: [{ family: 'sphagnum', well: 9, badly: 0 }] });
  const opened = readingOf(useCase.getState());
  expect(opened.status === 'ok' && opened.planCase.handsRecord).toEqual(handsRecord);
  useCase.setState({ handsRecord: [] });
  const unknown = readingOf(useCase.getState());
  expect(unknown.status === 'ok' && unknown.planCase.handsRecord).toBeUndefined();
});

test('starting anew clears the bench', async () => {
  await planned();
  startAnew();
  expect(useCase.getState().answers.genus).toBe(emptyDraft(1).answers.genus);
  expect(useStage.getState()).toMatchObject(emptyStage);
});

test('closed, it hears nothing and ends its workers', async () => {
  engine.close();
  answer({ shootCount: 9 });
  await settle();
  expect(fake.asked).toHaveLength(1);
  expect(fake.counts.closed).toBe(1);
});

test('the answer given last stands there at once, and nothing is computed', async () => {
  engine.close();
  useCase.setState({ answers: small, ownMedia: [] });
  const kept: string[] = [];
  const memory: AnswerMemory = {
    lastAnswer: () => (kept[0] === undefined ? null : { key: kept[0], plan: planFor(small) }),
    keepLastAnswer: (key) => kept.push(key),
  };
  fake = fakePlanner();
  engine = startEngine(fake.planner, memory);
  await jest.advanceTimersByTimeAsync(SETTLE_MS);
  await fake.asked[0]!.answer();
  expect(kept).toHaveLength(1);
  engine.close();

  fake = fakePlanner();
  engine = startEngine(fake.planner, memory);
  expect(usePlanned.getState()).toMatchObject({ working: null, plan: planFor(small) });
  await jest.advanceTimersByTimeAsync(10 * SETTLE_MS);
  expect(fake.asked).toHaveLength(0);
  // Another case is worked out as ever.
  answer({ shootCount: 5 });
  await jest.advanceTimersByTimeAsync(SETTLE_MS);
  expect(fake.asked).toHaveLength(1);
});

test('what is weighed unasked never takes the place of what was asked for', async () => {
  engine.close();
  fake = fakePlanner();
  let answerSides: () => void = () => undefined;
  const doubts = jest.fn(() => Promise.resolve({ status: 'cancelled' } as const));
  engine = startEngine(
    {
      ...fake.planner,
      doubts,
      sides: () => new Promise((resolve) => (answerSides = () => resolve({ status: 'cancelled' }))),
    },
    nothingKept,
  );
  const sides = engine.askSides('medium');
  await fake.asked[0]!.answer();
  await jest.advanceTimersByTimeAsync(5 * IDLE_MS);
  expect(doubts).not.toHaveBeenCalled();
  answerSides();
  await sides;
  await jest.advanceTimersByTimeAsync(IDLE_MS);
  expect(doubts).toHaveBeenCalledTimes(1);
});

test('opened with a value that cannot be used, the last good answer stays, and nothing is asked', async () => {
  engine.close();
  useCase.setState({ answers: { ...small, rootDiameterMm: 99 }, ownMedia: [] });
  fake = fakePlanner();
  const last = { key: JSON.stringify(small), plan: planFor(small) };
  engine = startEngine(fake.planner, { lastAnswer: () => last, keepLastAnswer: () => undefined });
  await jest.advanceTimersByTimeAsync(10 * SETTLE_MS);
  expect(usePlanned.getState()).toMatchObject({ working: null, plan: last.plan, planCase: small });
  expect(fake.asked).toHaveLength(0);
  // Set right, it is worked out at once.
  answer({ rootDiameterMm: 5 });
  await jest.advanceTimersByTimeAsync(SETTLE_MS);
  expect(fake.asked).toHaveLength(1);
});

test('a first answer stands there while the rest is judged, and one to an earlier question never does', async () => {
  const firsts: ((best: PlanFacts) => void)[] = [];
  engine.close();
  useCase.setState({ answers: small, ownMedia: [] });
  fake = fakePlanner();
  const { plan } = fake.planner;
  engine = startEngine(
    {
      ...fake.planner,
      plan: (planCase, onProgress, onBest) => {
        firsts.push(onBest);
        return plan(planCase, onProgress, onBest);
      },
    },
    nothingKept,
  );
  await jest.advanceTimersByTimeAsync(SETTLE_MS);
  firsts[0]!(planFor(small));
  expect(usePlanned.getState().plan).toBe(planFor(small));
  expect(usePlanned.getState().working).not.toBeNull();
  answer({ shootCount: 6 });
  await jest.advanceTimersByTimeAsync(SETTLE_MS);
  const late = { ...planFor(small), candidateCount: 1 };
  firsts[0]!(late);
  expect(usePlanned.getState().plan).not.toBe(late);
});
