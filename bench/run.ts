/**
 * Speed, measured: npm run bench (a table) or npm run bench -- --json (one object).
 * Times are medians on the machine at hand; ratios and counts are what to compare.
 */
import {
  buildColumn,
  constantPlace,
  createState,
  demoPlaces,
  type Drinker,
  hourClass,
  makePlan,
  makePot,
  mediumById,
  monthDrying,
  placeIn,
  type PottedSetup,
  regimeFigures,
  simulateYear,
  stepHour,
  totalWaterG,
  yearDrying,
} from '@core';
import { healthUnderLoad, runningAddress } from './health-under-load';
import { integrate } from './ode-reference';

const drinker: Drinker = { leafAreaCm2: 350, photosynthesis: 'CAM', rootVolumeL: 0.07, rootDiameterMm: 4 };
const pot = makePot('plastic-round', 12);
const setup: PottedSetup = {
  kind: 'pot',
  pot,
  layers: [
    { role: 'crocking', mix: [{ medium: mediumById('pebbles-16-32'), parts: 1 }], heightCm: 1.5 },
    { role: 'main', mix: [{ medium: mediumById('bark-6-12'), parts: 1 }], heightCm: 8 },
  ],
};

function medianMs(run: () => unknown, times: number, warmUps: number): number {
  for (let k = 0; k < warmUps; k += 1) run();
  const taken = Array.from({ length: times }, () => {
    const start = performance.now();
    run();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return taken[Math.floor(taken.length / 2)]!;
}

const column = buildColumn(setup, drinker);
const flat = yearDrying(placeIn(demoPlaces, 'heated-flat'));
const drydownYearMs = medianMs(
  () => simulateYear(column, flat, { kind: 'every', days: 5 }, regimeFigures['wet-dry']),
  41,
  15,
);

// The general solver, at the loosest tolerance whose error is no larger than the kernel's own.
const air = hourClass(
  column,
  monthDrying(constantPlace({ temperatureC: 21, relativeHumidityPct: 50, airflow: 'still room' }), 0).day,
  true,
);
const HOURS = 72;
function kernelRun(): number {
  const state = createState(column);
  for (let hour = 0; hour < HOURS; hour += 1) stepHour(column, air, state);
  return totalWaterG(column, state);
}
const odeRun = (tolerance: number) => integrate(column, air, HOURS, tolerance).reduce((sum, grams) => sum + grams, 0);
const exactG = odeRun(1e-7);
const kernelErrorG = Math.abs(kernelRun() - exactG);
const tolerance = [1e-2, 1e-3, 1e-4, 1e-5].find((loose) => Math.abs(odeRun(loose) - exactG) <= kernelErrorG) ?? 1e-6;
const kernelMs = medianMs(kernelRun, 41, 15);
const odeMs = medianMs(() => odeRun(tolerance), 7, 2);

const planCase = { genus: 'phalaenopsis', place: 'heated-flat' };
let candidates = 0;
const planMs = medianMs(
  () => {
    candidates = makePlan(planCase, demoPlaces).candidateCount;
  },
  7,
  2,
);

// How the cost grows: the same question with fewer kinds of pot on the shelf has fewer candidates.
const shelves = [
  ['clay-unglazed'],
  ['clay-unglazed', 'plastic-clear-cone', 'plastic-pan'],
  ['clay-unglazed', 'plastic-clear-cone', 'plastic-pan', 'plastic-round', 'plastic-slotted', 'wick-pot'],
];
const growth = shelves.map((kinds) => {
  const ownPots = kinds.flatMap((potKindId) =>
    [11, 13, 15].map((rimDiameterCm) => ({ potKindId, rimDiameterCm, count: 1 })),
  );
  let count = 0;
  const ms = medianMs(
    () => {
      count = makePlan({ ...planCase, ownPots }, demoPlaces).candidateCount;
    },
    5,
    1,
  );
  return { candidates: count, planMs: Number(ms.toFixed(0)) };
});

const figures = {
  drydownYearMs: Number(drydownYearMs.toFixed(2)),
  cells: column.cellCount,
  odeRatio: Number((odeMs / kernelMs).toFixed(1)),
  odeTolerance: tolerance,
  kernelErrorShare: Number((kernelErrorG / exactG).toExponential(2)),
  planMs: Number(planMs.toFixed(0)),
  candidates,
  growth: [...growth, { candidates, planMs: Number(planMs.toFixed(0)) }],
};

async function main(): Promise<void> {
  const address = runningAddress();
  const underLoad = address
    ? await healthUnderLoad(address)
    : { healthUnderLoadMs: 'not measured: nothing runs here; ./start first' };
  const all = { ...figures, ...underLoad };
  if (process.argv.includes('--json')) {
    process.stdout.write(`${JSON.stringify(all)}\n`);
    return;
  }
  for (const [name, value] of Object.entries(all))
    process.stdout.write(`${name.padEnd(20)} ${typeof value === 'object' ? JSON.stringify(value) : value}\n`);
}

main().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
