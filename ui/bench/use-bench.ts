'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { changedSpec, type PlanAnswer, type PlanCase, type SchoolComparison, type SchoolId, type SetupCurve, type SetupReview, type SetupSpec, specId, type Tuning, type WhatIf, type WhatIfAnswer } from '@core';
import type { WordUnits } from '@core/words';
import { useOwn } from '../own/use-own';
import type { Doubts } from '../worker/bench-worker';
import { messageOf, Planner, type Outcome } from '../worker/planner';
import {
  emptyDraft,
  loadDraft,
  MOST_BESIDE,
  readCase,
  storeDraft,
  type BenchDraft,
  type CaseReading,
  type RawCase,
} from './draft';
import { useLatest } from './use-latest';

export type Working = { readonly done: number; readonly total: number } | null;

export interface BenchState {
  readonly draft: BenchDraft;
  readonly reading: CaseReading;
  /** The last case that could be computed. */
  readonly planCase: PlanCase | null;
  readonly plan: PlanAnswer | null;
  readonly working: Working;
  readonly failure: string | null;
  /** The setup on the stage, as it now is (edited or not), with its answer. */
  readonly spec: SetupSpec | null;
  readonly review: SetupReview | null;
  readonly curve: SetupCurve | null;
  readonly monthIndex: number;
  readonly canUndo: boolean;
  readonly answer: (patch: RawCase) => void;
  readonly choose: (id: string) => void;
  readonly edit: (spec: SetupSpec, isNewStep: boolean) => void;
  readonly undo: () => void;
  readonly resetEdit: () => void;
  readonly showMonth: (monthIndex: number) => void;
  readonly cancel: () => void;
  readonly setPlant: (plantId: string | null, plantName: string) => void;
  readonly clear: () => void;
  readonly tried: Tried | null;
  readonly tryChange: (change: WhatIf | null) => void;
  /** Takes the tried change over into setup and answers. */
  readonly keepTried: () => void;
  readonly tune: () => Promise<Outcome<Tuning>>;
  readonly toggleBeside: (spec: SetupSpec) => void;
  readonly doubts: Doubts | null;
  readonly thinking: Working;
  readonly askDoubts: () => void;
  readonly stopThinking: () => void;
  readonly askSides: (schoolId: SchoolId) => Promise<Outcome<SchoolComparison>>;
}

/** A change being tried: the setup before and after, and how the changed one dries. */
export interface Tried {
  readonly change: WhatIf;
  readonly answer: WhatIfAnswer | null;
  readonly curve: SetupCurve | null;
}

/** A pause after the last keystroke before the plan is worked out anew, ms. */
const SETTLE_MS = 250;

/** For the browser only: it starts from the draft kept there. */
export function useBench(units: WordUnits): BenchState {
  const [draft, setDraft] = useState<BenchDraft>(() => loadDraft() ?? emptyDraft(new Date().getMonth() + 1));
  const [plan, setPlan] = useState<PlanAnswer | null>(null);
  const [planCase, setPlanCase] = useState<PlanCase | null>(null);
  const [working, setWorking] = useState<Working>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const [history, setHistory] = useState<readonly (SetupSpec | null)[]>([]);
  /** The question last settled: answered, failed or stopped. Any other one is still being worked out. */
  const [settledKey, setSettledKey] = useState<string | null>(null);
  const stoppedKey = useRef<string | null>(null);
  const planner = useRef<Planner | null>(null);

  useEffect(() => {
    planner.current = new Planner();
    return () => {
      planner.current?.close();
      planner.current = null;
    };
  }, []);

  useEffect(() => {
    storeDraft(draft);
  }, [draft]);

  const { items: ownMedia } = useOwn('medium');
  const [doubtsOf, setDoubts] = useState<{ readonly key: string; readonly doubts: Doubts } | null>(null);
  const [thinking, setThinking] = useState<Working>(null);

  // The grower's own media take part unless an answer says which of them do.
  const answers = useMemo<RawCase>(
    () =>
      ownMedia.length > 0 && draft.answers.ownMedia === undefined
        ? { ...draft.answers, ownMedia: ownMedia.map((item) => item.data) }
        : draft.answers,
    [draft.answers, ownMedia],
  );
  const reading = useMemo(() => readCase(answers), [answers]);
  const caseKey = reading.status === 'ok' ? JSON.stringify([reading.planCase, units]) : null;

  useEffect(() => {
    if (stoppedKey.current !== caseKey) stoppedKey.current = null;
    if (caseKey === null) return undefined;
    const [nextCase] = JSON.parse(caseKey) as [PlanCase, WordUnits];
    const timer = setTimeout(() => {
      if (stoppedKey.current === caseKey) return;
      setWorking({ done: 0, total: 1 });
      // Progress comes on a channel of its own and may arrive after the answer.
      let isOver = false;
      void planner.current
        ?.plan(nextCase, units, (done, total) => {
          if (!isOver) setWorking({ done, total });
        })
        .then((outcome) => {
          isOver = true;
          if (outcome.status === 'cancelled') return;
          setWorking(null);
          setSettledKey(caseKey);
          if (outcome.status === 'failed') {
            setFailure(outcome.message);
            return;
          }
          setFailure(null);
          setPlanCase(nextCase);
          setPlan(outcome.value);
        });
    }, SETTLE_MS);
    return () => clearTimeout(timer);
  }, [caseKey, units]);

  const chosen = plan?.setups.find((setup) => setup.id === draft.chosenId) ?? plan?.setups[0] ?? null;
  const spec = draft.edited ?? chosen?.spec ?? null;
  const monthIndex = draft.monthIndex ?? plan?.resolved.monthIndex ?? 0;
  const report = useCallback((error: unknown) => setFailure(messageOf(error)), []);
  const closed = () => Promise.reject(new Error('the bench is closed'));

  const specKey = spec && planCase ? `${JSON.stringify([planCase, units])}${specId(spec)}` : null;
  const review = useLatest(
    specKey,
    () => (spec && planCase && planner.current ? planner.current.review(planCase, spec, units) : closed()),
    report,
  );
  const curve = useLatest(
    specKey === null ? null : `${specKey}#${monthIndex}`,
    () => (spec && planCase && planner.current ? planner.current.curve(planCase, spec, monthIndex) : closed()),
    report,
  );

  const change = draft.whatIf;
  const tried = useLatest(
    specKey === null || change === null ? null : `${specKey}#${monthIndex}#${JSON.stringify(change)}`,
    () =>
      spec && planCase && change && planner.current
        ? planner.current.whatIf(planCase, spec, change, monthIndex, units)
        : closed(),
    report,
  );

  const patch = useCallback((change: Partial<BenchDraft>) => setDraft((before) => ({ ...before, ...change })), []);

  return {
    draft,
    reading,
    planCase,
    plan,
    working: working ?? (caseKey !== null && caseKey !== settledKey ? { done: 0, total: 1 } : null),
    failure,
    spec,
    review,
    curve,
    monthIndex,
    canUndo: history.length > 0,
    answer: (change) => {
      setHistory([]);
      setDraft((before) => ({ ...before, edited: null, answers: { ...before.answers, ...change } }));
    },
    choose: (id) => {
      setHistory([]);
      patch({ chosenId: id, edited: null });
    },
    edit: (next, isNewStep) => {
      if (isNewStep) setHistory((before) => [...before, draft.edited]);
      patch({ edited: next });
    },
    undo: () => {
      const last = history[history.length - 1];
      if (last === undefined) return;
      setHistory(history.slice(0, -1));
      patch({ edited: last });
    },
    resetEdit: () => {
      setHistory((before) => [...before, draft.edited]);
      patch({ edited: null });
    },
    showMonth: (month) => patch({ monthIndex: month }),
    cancel: () => {
      planner.current?.cancel();
      stoppedKey.current = caseKey;
      setSettledKey(caseKey);
      setWorking(null);
    },
    setPlant: (plantId, plantName) => patch({ plantId, plantName }),
    clear: () => {
      setHistory([]);
      setDraft(emptyDraft(new Date().getMonth() + 1));
    },
    tried: change === null ? null : { change, answer: tried?.answer ?? null, curve: tried?.curve ?? null },
    tryChange: (next) => patch({ whatIf: next }),
    keepTried: () => {
      if (!change || !spec) return;
      const { place, routine, heatWave, holiday } = change;
      setHistory((before) => [...before, draft.edited]);
      setDraft((before) => ({
        ...before,
        whatIf: null,
        edited: changedSpec(spec, change),
        answers: {
          ...before.answers,
          ...(place === undefined ? {} : { place }),
          ...(routine === undefined ? {} : { routine }),
          ...(heatWave === undefined ? {} : { heatWave }),
          ...(holiday === undefined ? {} : { holiday }),
        },
      }));
    },
    tune: () => (spec && planCase && planner.current ? planner.current.tune(planCase, spec, units) : closed()),
    toggleBeside: (wanted) =>
      setDraft((before) => {
        const id = specId(wanted);
        const others = before.beside.filter((entry) => specId(entry) !== id);
        const isNew = others.length === before.beside.length;
        return { ...before, beside: isNew ? [...others, wanted].slice(-MOST_BESIDE) : others };
      }),
    doubts: doubtsOf !== null && doubtsOf.key === caseKey ? doubtsOf.doubts : null,
    thinking,
    askDoubts: () => {
      if (!plan || !planCase || !planner.current || caseKey === null) return;
      setThinking({ done: 0, total: 1 });
      void planner.current
        .doubts(
          planCase,
          plan.setups.map((setup) => setup.spec),
          units,
          (done, total) => setThinking((before) => (before === null ? null : { done, total })),
        )
        .then((outcome) => {
          if (outcome.status === 'cancelled') return;
          setThinking(null);
          if (outcome.status === 'failed') setFailure(outcome.message);
          else setDoubts({ key: caseKey, doubts: outcome.value });
        });
    },
    stopThinking: () => {
      planner.current?.stopThinking();
      setThinking(null);
    },
    askSides: (schoolId) =>
      reading.status === 'ok' && planner.current
        ? planner.current
            .sides(reading.planCase, schoolId, units, (done, total) => setThinking({ done, total }))
            .finally(() => setThinking(null))
        : closed(),
  };
}
