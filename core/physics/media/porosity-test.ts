/**
 * The home porosity test: fill a known volume with the medium, flood it slowly until full, let it
 * drain, catch and measure. Standard practice for container substrates (nursery guides: total
 * porosity = (water added) / volume, air-filled porosity = (water drained) / volume, container
 * capacity = what stayed; from memory).
 */
import { type Fault, FaultError } from '../../base';

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

function check(run: PorosityRun, index: number): readonly Fault[] {
  const faults: Fault[] = [];
  const at = (field: string) => `runs.${index}.${field}`;
  if (!(run.containerMl >= 50 && run.containerMl <= 20000)) {
    faults.push({ path: at('containerMl'), message: 'volume of the container must be between 50 and 20000 mL' });
  }
  if (!(run.addedMl > 0 && run.addedMl < run.containerMl)) {
    faults.push({
      path: at('addedMl'),
      message: `water added must be more than 0 and less than the container's ${run.containerMl} mL`,
    });
  }
  if (!(run.drainedMl >= 0 && run.drainedMl <= run.addedMl)) {
    faults.push({ path: at('drainedMl'), message: `water drained must be between 0 and the ${run.addedMl} mL added` });
  }
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
  const faults = runs.flatMap(check);
  if (runs.length === 0) faults.push({ path: 'runs', message: 'at least one run is needed' });
  if (faults.length > 0) throw new FaultError(faults);
  const results = runs.map(resultOf);
  const mean = (pick: (result: PorosityResult) => number) =>
    results.reduce((sum, result) => sum + pick(result), 0) / results.length;
  const half = (pick: (result: PorosityResult) => number) =>
    (Math.max(...results.map(pick)) - Math.min(...results.map(pick))) / 2;
  return {
    totalPorosity: mean((result) => result.totalPorosity),
    airShare: mean((result) => result.airShare),
    capacityShare: mean((result) => result.capacityShare),
    spread: runs.length < 2 ? null : { airShare: half((r) => r.airShare), capacityShare: half((r) => r.capacityShare) },
  };
}
