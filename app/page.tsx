import { headers } from 'next/headers';
import { Bench } from '@ui/features/bench/bench';

/** The nonce with which scripts of this answer may stand in it (server/door/headers.ts). */
async function nonceOf(): Promise<string | undefined> {
  return /'nonce-([^']+)'/.exec((await headers()).get('content-security-policy') ?? '')?.[1];
}

export default async function BenchPage() {
  // The bench's worker starts while the page is still being read; start-worker.ts takes it over.
  const worker = process.env.CAIRN_BENCH_WORKER;
  const begin = `window.cairnFirstWorker=new Worker(${JSON.stringify(worker)})`;
  return (
    <>
      {worker ? (
        <script nonce={await nonceOf()} dangerouslySetInnerHTML={{ __html: begin }} suppressHydrationWarning />
      ) : null}
      <Bench />
    </>
  );
}
