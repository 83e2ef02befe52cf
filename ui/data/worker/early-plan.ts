/**
 * The plan of the bench as a new browser opens it, begun before the page asks for it: while the page's own scripts are still
 * being read, the worker starts. It knows the case by itself and needs no schema for it, which would be a quarter of its script.
 */
import type { PlanCase } from '@core';
import { firstCase, thisMonth } from './first-case';

/** What features/bench/begin.tsx sends as the worker starts. */
export const OPENING = 'cairn opening';

export const isOpening = (message: unknown): boolean => message === OPENING;

/** The case the page will ask about. */
export const openingCase = (): PlanCase => firstCase(thisMonth());

/** Two askers mean the same case. */
export const keyOf = (planCase: PlanCase): string => JSON.stringify(planCase);
