/** How fast the running application still answers while the dearest questions are asked of it. */
import { existsSync, readFileSync } from 'node:fs';
import { mediaCatalogue } from '@core';

/** As much of the grower's own as one case may carry: the question that costs the most. */
const dearestCase = {
  genus: 'phalaenopsis',
  place: 'heated-flat',
  ownMedia: Array.from({ length: 24 }, (_, i) => ({
    name: `Own ${i}`,
    likeId: mediaCatalogue[i % mediaCatalogue.length]!.id,
    smallMm: 3 + i / 2,
    largeMm: 6 + i,
  })),
};
const QUESTIONS = 20;
const PAUSE_MS = 20;

export interface UnderLoad {
  readonly healthUnderLoadMs: number;
  readonly health95thMs: number;
  readonly probes: number;
  /** How the questions were answered: 200, or 503 beyond the queue. */
  readonly answers: Readonly<Record<string, number>>;
}

async function probe(address: string): Promise<number> {
  const since = performance.now();
  const answer = await fetch(`${address}/api/health`);
  await answer.text();
  if (!answer.ok) throw new Error(`/api/health answered ${answer.status}`);
  return performance.now() - since;
}

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
const quantile = (sorted: readonly number[], share: number) => sorted[Math.floor(share * (sorted.length - 1))]!;

/** The address that ./start prints; null where nothing runs. */
export function runningAddress(): string | null {
  return existsSync('.data/address') ? readFileSync('.data/address', 'utf8') : null;
}

export async function healthUnderLoad(address: string): Promise<UnderLoad> {
  await probe(address);
  let open = QUESTIONS;
  const asked = Array.from({ length: QUESTIONS }, async () => {
    try {
      const answer = await fetch(`${address}/api/plan`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(dearestCase),
      });
      await answer.text();
      return String(answer.status);
    } finally {
      open -= 1;
    }
  });
  const taken: number[] = [];
  while (open > 0) {
    taken.push(await probe(address));
    await pause(PAUSE_MS);
  }
  const sorted = taken.sort((a, b) => a - b);
  const answers: Record<string, number> = {};
  for (const status of await Promise.all(asked)) answers[status] = (answers[status] ?? 0) + 1;
  return {
    healthUnderLoadMs: Number(quantile(sorted, 0.5).toFixed(1)),
    health95thMs: Number(quantile(sorted, 0.95).toFixed(1)),
    probes: sorted.length,
    answers,
  };
}
