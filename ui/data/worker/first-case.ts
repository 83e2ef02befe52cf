/** The case with which a new browser opens: that of the first screen. */
import type { PlanCase } from '@core';

export const thisMonth = (): number => new Date().getMonth() + 1;

export function firstCase(month: number): PlanCase {
  return { genus: 'phalaenopsis', place: 'heated-flat', routine: { kind: 'every', days: 7 }, month };
}
