/** Shoots that go from a plant with a piece of it, and come back when the division is taken back. */
import type * as z from 'zod';
import { type PlanCase, shootsOn } from '@core';
import type { PlantRow } from '../plants/entity';
import type { keptSchemas } from './quick-schemas';

type Known = Readonly<Record<string, unknown>>;
export type Went = NonNullable<z.infer<(typeof keptSchemas)['divided']>['went']>;

/** Drawn or measured of the whole: of what is left they say nothing. */
const ofTheWhole: readonly string[] = ['growthMap', 'rootBallDiameterCm', 'leafAreaCm2'];

const holds = (lastCase: Known, keys: readonly string[]): Known =>
  Object.fromEntries(Object.entries(lastCase).filter(([key]) => keys.includes(key)));

/** Counted, or drawn; null where neither was done. */
function shootsOf({ shootCount, growthMap }: Known): number | null {
  if (typeof shootCount === 'number') return shootCount;
  return growthMap === undefined ? null : shootsOn(growthMap as NonNullable<PlanCase['growthMap']>);
}

/** null where nobody counted the shoots of either; of a plant at least one stays. */
export function whatWent(lastCase: unknown, shoots: number | undefined): Went | null {
  const known = lastCase as Known;
  const before = shootsOf(known);
  if (shoots === undefined || before === null) return null;
  const went = Math.min(shoots, before - 1);
  return went < 1 ? null : { shoots: went, known: holds(known, ofTheWhole) };
}

/** What it loses with them it had before: the plant is another now, and who had it open is told. */
export function takeAway(plant: PlantRow, { shoots }: Went): void {
  const before = plant.lastCase as Known;
  const stays = Object.fromEntries(Object.entries(before).filter(([key]) => !ofTheWhole.includes(key)));
  plant.lastCase = { ...stays, shootCount: Math.max(1, (shootsOf(before) ?? 1) - shoots) };
  plant.version += 1;
}

/** As it was, but for what was drawn or measured since. */
export function giveBack(plant: PlantRow, { shoots, known }: Went): void {
  const now = plant.lastCase as Known;
  plant.lastCase = { ...known, ...now, shootCount: (shootsOf(now) ?? 1) + shoots };
  plant.version += 1;
}
