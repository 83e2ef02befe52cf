/**
 * The bench as it is opened: its draft read, its workers started, its answers followed. On the first page this begins with
 * the page's scripts, before React has taken the page over: the first answer comes so much sooner.
 */
import { keepLastAnswer, lastAnswerTo } from '../../../data/last-answer';
import { Planner } from '../../../data/worker/planner';
import { keepDraft, openDraft } from './draft';
import { type Engine, startEngine } from './engine';

interface Opened {
  readonly engine: Engine;
  readonly close: () => void;
}

function openBench(): Opened {
  openDraft();
  const engine = startEngine(new Planner(), { lastAnswerTo, keepLastAnswer });
  const end = keepDraft();
  return {
    engine,
    close: () => {
      end();
      engine.close();
    },
  };
}

/** Only where the bench is what the browser was sent to: from other pages the draft may still change on the way. */
const isFirstPage = (): boolean =>
  typeof window !== 'undefined' && typeof Worker !== 'undefined' && window.location.pathname === '/';

let early: Opened | null = isFirstPage() ? openBench() : null;

/** The bench that was opened early, once; then a new one each time. */
export function takeBench(): Opened {
  const opened = early ?? openBench();
  early = null;
  return opened;
}
