'use client';

/** The stores as screens read them: in the grower's words and units. Another unit needs no new computation. */
import { useMemo } from 'react';
import { useShallow } from 'zustand/react/shallow';
import {
  type Fault,
  type PlanAnswer,
  type Sensitivity,
  type SetupReview,
  type Turn,
  type WhatIfAnswer,
  wordPlan,
  wordReview,
  wordSensitivity,
  wordTurn,
  wordWhatIf,
  type WordUnits,
} from '@core/words';
import { useUnits } from '../../../data/units-context';
import type { CaseReading } from '../../../data/bench-draft';
import { readingOf, useCase } from './case-store';
import { monthOf, specOf, usePlanned } from './plan-store';
import { useStage } from './stage-store';

export function useReading(): CaseReading {
  const known = useCase(useShallow(({ answers, ownMedia, handsRecord }) => ({ answers, ownMedia, handsRecord })));
  return useMemo(() => readingOf(known), [known]);
}

const noFaults: readonly Fault[] = [];

/** All that is wrong with the case. */
export function useFaults(): readonly Fault[] {
  const reading = useReading();
  return reading.status === 'faulty' ? reading.faults : noFaults;
}

/** What is wrong at a path of the case or within it, in a sentence; null when nothing is. */
export function useFaultAt(): (path: string) => string | null {
  const faults = useFaults();
  return (path) => faults.find((fault) => fault.path === path || fault.path.startsWith(`${path}.`))?.message ?? null;
}

/** Several parts of the bench read the same words: they are put once for each plan and units. */
function wordedOnce<Facts extends object, Words>(word: (facts: Facts, units: WordUnits) => Words) {
  const known = new WeakMap<Facts, { readonly units: WordUnits; readonly words: Words }>();
  return (facts: Facts, units: WordUnits): Words => {
    const last = known.get(facts);
    if (last?.units === units) return last.words;
    const words = word(facts, units);
    known.set(facts, { units, words });
    return words;
  };
}

const planWords = wordedOnce(wordPlan);
const reviewWords = wordedOnce(wordReview);

export function usePlanWords(): PlanAnswer | null {
  const { units } = useUnits();
  const plan = usePlanned((state) => state.plan);
  return useMemo(() => plan && planWords(plan, units), [plan, units]);
}

export function useReviewWords(): SetupReview | null {
  const { units } = useUnits();
  const review = usePlanned((state) => state.review);
  return useMemo(() => review && reviewWords(review, units), [review, units]);
}

export function useTriedWords(): WhatIfAnswer | null {
  const { units } = useUnits();
  const tried = usePlanned((state) => state.tried);
  return useMemo(() => tried && wordWhatIf(tried.answer, units), [tried, units]);
}

export interface Doubts {
  readonly sensitivity: Sensitivity;
  readonly turns: readonly Turn[];
}

export function useDoubtWords(): Doubts | null {
  const { units } = useUnits();
  const doubts = usePlanned((state) => state.doubts);
  return useMemo(
    () =>
      doubts && {
        sensitivity: wordSensitivity(doubts.sensitivity),
        turns: doubts.turns.map((turn) => wordTurn(turn, units)),
      },
    [doubts, units],
  );
}

/** The setup on the stage, as it now is. */
export function useSpec() {
  const plan = usePlanned((state) => state.plan);
  const stage = useStage(useShallow(({ chosenId, edited }) => ({ chosenId, edited })));
  return specOf(plan, stage);
}

export function useMonthIndex(): number {
  const plan = usePlanned((state) => state.plan);
  const monthIndex = useStage((state) => state.monthIndex);
  return monthOf(plan, { monthIndex });
}
