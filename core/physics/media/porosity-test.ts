/**
 * The home porosity test: fill a known volume with the medium, flood it slowly until full, let it
 * drain, catch and measure. Standard practice for container substrates (nursery guides: total
 * porosity = (water added) / volume, air-filled porosity = (water drained) / volume, container
 * capacity = what stayed; from memory).
 */
import { type FaultAt, FaultError, type FaultFact, meanOf, ranges } from '../../base';

export interface PorosityRun {
  readonly containerMl: number;
  /** Water needed to fill the dry or damp medium to the brim. */
  readonly addedMl: number;
  /** Water that ran out after the holes were opened. */
  readonly drainedMl: number;
}

export interface PorosityResult {
  readonly totalPorosity: number;
  readonly airShare: number;
  readonly capacityShare: number;
}

function check(run: PorosityRun, index: number): readonly FaultAt[] {
  const { containerMl, addedMl, drainedMl } = run;
  const { min, max } = ranges.containerMl;
  const faults: FaultAt[] = [];
  const add = (field: keyof PorosityRun, fact: FaultFact) => faults.push({ path: `runs.${index}.${field}`, fact });
  if (!(containerMl >= min && containerMl <= max)) {
    add('containerMl', { code: 'container volume', minMl: min, maxMl: max });
  }
  if (!(addedMl > 0 && addedMl < containerMl)) add('addedMl', { code: 'water added', containerMl });
  if (!(drainedMl >= 0 && drainedMl <= addedMl)) add('drainedMl', { code: 'water drained', addedMl });
  return faults;
}

function resultOf(run: PorosityRun): PorosityResult {
  const totalPorosity = run.addedMl / run.containerMl;
  const airShare = run.drainedMl / run.containerMl;
  return { totalPorosity, airShare, capacityShare: totalPorosity - airShare };
}

export interface PorosityTest extends PorosityResult {
  /** Half the difference between highest and lowest run, v/v; null with one run only. */
  readonly spread: { readonly airShare: number; readonly capacityShare: number } | null;
}

/** Means of one or more runs and their spread. Throws a FaultError that names the field and its range. */
export function porosityTest(runs: readonly PorosityRun[]): PorosityTest {
  const faults: FaultAt[] = runs.flatMap(check);
  if (runs.length === 0) faults.push({ path: 'runs', fact: { code: 'no runs' } });
  if (faults.length > 0) throw new FaultError(faults);
  const results = runs.map(resultOf);
  const mean = (pick: (result: PorosityResult) => number) => meanOf(results.map(pick));
  const half = (pick: (result: PorosityResult) => number) =>
    (Math.max(...results.map(pick)) - Math.min(...results.map(pick))) / 2;
  return {
    totalPorosity: mean((result) => result.totalPorosity),
    airShare: mean((result) => result.airShare),
    capacityShare: mean((result) => result.capacityShare),
    spread: runs.length < 2 ? null : { airShare: half((r) => r.airShare), capacityShare: half((r) => r.capacityShare) },
  };
}
