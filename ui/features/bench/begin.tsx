import { DRAFT_KEY } from '../../data/bench-draft';
import { LAST_ANSWER_KEY } from '../../data/last-answer';

/**
 * Starts the bench's worker before anything else of the page is there, and with the draft it finds, unless the last answer
 * was kept; data/worker/start-worker.ts takes it over. Nothing where the worker is made of pieces (while developing).
 */
export function BeginBench({ nonce }: { readonly nonce: string | undefined }) {
  const worker = process.env.CAIRN_BENCH_WORKER;
  if (!worker) return null;
  const script =
    `if(location.pathname==='/'){const w=window.cairnFirstWorker=new Worker(${JSON.stringify(worker)}),s=localStorage;` +
    `s.getItem('${LAST_ANSWER_KEY}')??w.postMessage({cairnDraft:s.getItem('${DRAFT_KEY}')})}`;
  return <script nonce={nonce} dangerouslySetInnerHTML={{ __html: script }} suppressHydrationWarning />;
}
