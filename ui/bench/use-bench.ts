'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import {
  specId,
  type PlanAnswer,
  type PlanCase,
  type SetupCurve,
  type SetupReview,
  type SetupSpec,
  type WordUnits,
} from '@core/index';
import { messageOf, Planner } from '../worker/planner';
import { emptyDraft, loadDraft, readCase, storeDraft, type BenchDraft, type CaseReading, type RawCase } from './draft';
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

  const reading = useMemo(() => readCase(draft.answers), [draft.answers]);
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
  };
}
