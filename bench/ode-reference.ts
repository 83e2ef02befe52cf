/**
 * The drying column as a plain system of ordinary differential equations, written independently of
 * the kernel (dense elimination instead of Thomas, no lagging, no implicit step) and handed to a
 * general-purpose solver. Used by the tests and by the bench to check and to time the kernel.
 */
import { type Column, type HourClass, SURFACE_WET_ABOVE, UPTAKE_FULL_ABOVE } from '@core';

interface OdexSolver {
  absoluteTolerance: number;
  relativeTolerance: number;
  maxSteps: number;
  solve(
    rates: (t: number, y: number[]) => number[],
    from: number,
    start: number[],
    to: number,
  ): { readonly y: number[]; readonly outcome: number };
}

// The package ships its source instead of declarations, and that source is not strict: an import
// would make the compiler check it.
// eslint-disable-next-line @typescript-eslint/no-require-imports
const { Solver } = require('odex') as { Solver: new (dimension: number) => OdexSolver };

function solveDense(matrix: number[][], right: number[]): number[] {
  const n = right.length;
  for (let col = 0; col < n; col += 1) {
    for (let row = col + 1; row < n; row += 1) {
      const factor = matrix[row]![col]! / matrix[col]![col]!;
      if (factor === 0) continue;
      for (let k = col; k < n; k += 1) matrix[row]![k]! -= factor * matrix[col]![k]!;
      right[row]! -= factor * right[col]!;
    }
  }
  const answer = new Array<number>(n).fill(0);
  for (let row = n - 1; row >= 0; row -= 1) {
    let sum = right[row]!;
    for (let k = row + 1; k < n; k += 1) sum -= matrix[row]![k]! * answer[k]!;
    answer[row] = sum / matrix[row]![row]!;
  }
  return answer;
}

/** Rate of change of each cell's water, g/h. */
export function waterRates(column: Column, hour: HourClass, waterG: readonly number[]): number[] {
  const n = column.cellCount;
  const wet = waterG.map((grams, i) => Math.max(0, grams / column.capacityG[i]!));
  const share = wet.map((value) => Math.min(1, value / SURFACE_WET_ABOVE));
  const exposed = share.map((value, i) => column.exposureM3H[i]! * value * value);
  const matrix = wet.map((_, i) => wet.map((__, j) => (i === j ? 1e-30 : 0)));
  const right = wet.map(() => 0);
  for (let i = 0; i < n; i += 1) {
    const outside = hour.outsideM3H[i]! + (i === 0 ? hour.topM3H : 0);
    matrix[i]![i]! += exposed[i]! + outside;
    right[i]! += outside * hour.deficitGM3;
    if (i < n - 1) {
      const between = hour.betweenM3H[i]!;
      matrix[i]![i]! += between;
      matrix[i + 1]![i + 1]! += between;
      matrix[i]![i + 1]! -= between;
      matrix[i + 1]![i]! -= between;
    }
  }
  const deficit = solveDense(matrix, right);
  return wet.map((value, i) => {
    const evaporation = exposed[i]! * deficit[i]! + hour.wallGH[i]! * share[i]!;
    const fullAt = UPTAKE_FULL_ABOVE * (column.capacityG[i]! - column.unavailableG[i]!);
    const available = waterG[i]! - column.unavailableG[i]!;
    const uptake = hour.uptakeGH * column.rootShare[i]! * Math.min(1, Math.max(0, available / fullAt));
    let exchange = 0;
    if (i > 0) exchange += column.liquidGH[i - 1]! * 0.5 * (wet[i - 1]! + value) * (wet[i - 1]! - value);
    if (i < n - 1) exchange += column.liquidGH[i]! * 0.5 * (wet[i + 1]! + value) * (wet[i + 1]! - value);
    return exchange - evaporation - uptake;
  });
}

/** Water of each cell after `hours` of constant air, from a full column. */
export function integrate(column: Column, hour: HourClass, hours: number, relativeTolerance: number): number[] {
  const solver = new Solver(column.cellCount);
  solver.absoluteTolerance = relativeTolerance;
  solver.relativeTolerance = relativeTolerance;
  solver.maxSteps = 20000;
  const answer = solver.solve((_t, y) => waterRates(column, hour, y), 0, Array.from(column.capacityG), hours);
  if (answer.outcome !== 0) throw new Error(`the solver stopped with outcome ${answer.outcome}`);
  return answer.y;
}
