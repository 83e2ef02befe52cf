/** The bench as it is opened: its draft read, its workers started, its answers followed. */
import { pause } from '../../../data/in-pauses';
import { keepLastAnswer, lastAnswer } from '../../../data/last-answer';
import { Planner } from '../../../data/worker/planner';
import { keepDraft, openDraft } from './draft';
import { type Engine, startEngine } from './engine';

interface Opened {
  readonly engine: Engine;
  readonly close: () => void;
}

export function openBench(): Opened {
  openDraft();
  const engine = startEngine(new Planner(), {
    lastAnswer,
    // Only the next start needs it, and it is long: the answer is drawn first.
    keepLastAnswer: (key, plan) => void pause().then(() => keepLastAnswer(key, plan)),
  });
  const end = keepDraft();
  return {
    engine,
    close: () => {
      end();
      engine.close();
    },
  };
}
