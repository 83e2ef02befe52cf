/** What the answer hangs on most and nobody has said: what is worth asking next. */
import type { SensitivityFacts } from '@core';
import { isStated, type PhraseId } from './phrases/phrases';
import type { RawCase } from '../../../data/bench-draft';

type Swing = SensitivityFacts['swings'][number];

export interface AskNext {
  readonly phrase: PhraseId;
  readonly fieldId: string | null;
  readonly text: string;
}

interface Askable {
  readonly phrase: PhraseId;
  readonly fieldId: string | null;
  /** As one would say it at the bench. */
  readonly do: string;
}

/** Inputs a grower can measure or say; the others are the model's own. */
const askable: Partial<Record<Swing['input'], Askable>> = {
  'root thickness': { phrase: 'roots', fieldId: 'root', do: 'Measure a root' },
  'root ball': { phrase: 'size', fieldId: 'ball', do: 'Measure the root ball' },
  'leaf area': { phrase: 'health', fieldId: 'leaves', do: 'Estimate its leaves' },
  'days between waterings': { phrase: 'watering', fieldId: 'routine-days', do: 'Say how often you water' },
};

/** A swing of less than this share of the year is not worth a question. */
const WORTH_ASKING = 0.02;

const swingOf = ({ lowFine, highFine }: Swing): number => Math.abs(highFine - lowFine);

export function askNext(swings: readonly Swing[], answers: RawCase): AskNext | null {
  const open = swings.filter(({ input }) => {
    const ask = askable[input];
    return ask !== undefined && !isStated(ask.phrase, answers);
  });
  const [most] = [...open].sort((a, b) => Number(b.changesOrder) - Number(a.changesOrder) || swingOf(b) - swingOf(a));
  if (!most || (!most.changesOrder && swingOf(most) < WORTH_ASKING)) return null;
  const { phrase, fieldId, do: what } = askable[most.input]!;
  const why = most.changesOrder ? 'it could change the choice' : 'it moves the answer most';
  return { phrase, fieldId, text: `${what}: ${why}.` };
}
