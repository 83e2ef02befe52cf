/** The bench as it is opened: its draft read, its workers started, its answers followed. */
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
  const engine = startEngine(new Planner(), { lastAnswer, keepLastAnswer });
  const end = keepDraft();
  return {
    engine,
    close: () => {
      end();
      engine.close();
    },
  };
}
