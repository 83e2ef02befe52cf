/**
 * Speed, measured: npm run bench (a table) or npm run bench -- --json (one object).
 * Times are medians on the machine at hand; ratios and counts are what to compare.
 */
import {
  growthInPots,
  makePlan,
  makePot,
  mediumById,
  monthDrying,
  placeById,
  type PottedSetup,
  yearDrying,
} from '@core';
import {
  buildYearColumn,
  constantPlace,
  createState,
  type PlantWaterUse,
  hourClass,
  regimeFigures,
  type RootNeeds,
  simulateYear,
  stepHour,
  totalWaterG,
  usualFeeding,
  warmthOf,
} from '@core/testing';
import { dayFigures } from './day';
import { healthUnderLoad, runningAddress } from './health-under-load';
import { integrate, referenceOf } from './ode-reference';

const drinker: PlantWaterUse = { leafAreaCm2: 350, photosynthesis: 'CAM', rootVolumeL: 0.07, rootDiameterMm: 4 };
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

const yearColumn = buildYearColumn(setup, drinker);
const flat = yearDrying(placeById('heated-flat'));
const needs: RootNeeds = {
  regime: regimeFigures['wet-dry'],
  airNeed: 0.35,
  warmth: warmthOf.warm,
  saltToleranceDsM: 3,
  takesToWater: false,
};
const care = {
  routine: { kind: 'every', days: 5 },
  feeding: usualFeeding(false),
  holiday: null,
  flushes: true,
} as const;
const drydownYearMs = medianMs(() => simulateYear(yearColumn, flat, care, needs), 41, 15);

// The equations given to a general solver, with the fewest slices and the loosest tolerance whose error is no larger
// than the program's own.
const plain: PottedSetup = { ...setup, layers: [{ ...setup.layers[1]!, heightCm: 9.5 }] };
const month = monthDrying(constantPlace({ temperatureC: 21, relativeHumidityPct: 50, airflow: 'still room' }), 0);
const column = buildYearColumn(plain, drinker);
const air = hourClass(column, month.day, true, { lightWM2: month.day.radiationWM2, lightHours: month.lightHours });
const HOURS = 72;
function kernelRun(): number {
  const state = createState(column);
  for (let hour = 0; hour < HOURS; hour += 1) stepHour(column, air, state);
  return totalWaterG(column, state);
}
const odeRun = (slices: number, tolerance: number) =>
  integrate(referenceOf(plain, drinker, month, slices), HOURS, tolerance);
const exactG = odeRun(120, 1e-6);
const kernelErrorG = Math.abs(kernelRun() - exactG);
const tried = [10, 14, 20, 28, 40, 56, 80].flatMap((slices) =>
  [1e-2, 1e-4].map((tolerance) => ({ slices, tolerance })),
);
const { slices, tolerance } = tried.find(
  (trial) => Math.abs(odeRun(trial.slices, trial.tolerance) - exactG) <= kernelErrorG,
) ?? { slices: 80, tolerance: 1e-5 };
const kernelMs = medianMs(kernelRun, 41, 15);
const odeMs = medianMs(() => odeRun(slices, tolerance), 7, 2);

const planCase = { genus: 'phalaenopsis', place: 'heated-flat' };
let candidates = 0;
const planMs = medianMs(
  () => {
    candidates = makePlan(planCase).candidateCount;
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
      count = makePlan({ ...planCase, ownPots }).candidateCount;
    },
    5,
    1,
  );
  return { candidates: count, planMs: Number(ms.toFixed(0)) };
});

// Where plants grow in ten sizes of pot, as asked of a warm worker.
const growIn = (plantCount: number) => () =>
  growthInPots({ genus: 'cattleya-unifoliate', place: 'heated-flat', plantCount }, []);
const placementMs = medianMs(growIn(1), 7, 3);
const placementThreeMs = medianMs(growIn(3), 5, 2);

const figures = {
  drydownYearMs: Number(drydownYearMs.toFixed(2)),
  cells: yearColumn.cellCount,
  odeRatio: Number((odeMs / kernelMs).toFixed(1)),
  odeTolerance: tolerance,
  odeSlices: slices,
  kernelErrorShare: Number((kernelErrorG / exactG).toExponential(2)),
  planMs: Number(planMs.toFixed(0)),
  candidates,
  placementMs: Number(placementMs.toFixed(0)),
  placementThreeMs: Number(placementThreeMs.toFixed(0)),
  ...dayFigures(),
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
