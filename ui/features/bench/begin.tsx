import { DRAFT_KEY } from '../../data/bench-draft';
import { LAST_ANSWER_KEY } from '../../data/last-answer';
import { OPENING } from '../../data/worker/early-plan';

/**
 * Starts the bench's worker before anything else of the page is there, and in a new browser the plan of the first screen as
 * well; data/worker/start-worker.ts takes it over. Nothing where the worker is made of pieces (while developing).
 */
export function BeginBench({ nonce }: { readonly nonce: string | undefined }) {
  const worker = process.env.CAIRN_BENCH_WORKER;
  if (!worker) return null;
  const script =
    `if(location.pathname==='/'){const w=window.cairnFirstWorker=new Worker(${JSON.stringify(worker)}),s=localStorage;` +
    `s.getItem('${LAST_ANSWER_KEY}')??s.getItem('${DRAFT_KEY}')??w.postMessage('${OPENING}')}`;
  return <script nonce={nonce} dangerouslySetInnerHTML={{ __html: script }} suppressHydrationWarning />;
}
