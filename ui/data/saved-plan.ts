/** What was kept of a plant, read for the screen. */
import {
  type KnownLife,
  type PlanCase,
  type PlantToday,
  plantToday,
  readQuestion,
  type SetupSpec,
  setupSpecSchema,
  questionSchemas,
} from '@core';
import { parseWith } from '@core/words';
import * as z from 'zod';
import type { PottingEntry } from '@server/records/journal/entry-schemas';
import type { PlantLog } from '@server/projections/plants/schemas';

/** Saved setups carry the short id they had. */
const savedSpecSchema = z.object({ id: z.string() }).loose();

export interface SavedPlan {
  readonly planCase: PlanCase;
  readonly spec: SetupSpec;
}

export function readSaved(entry: Pick<PottingEntry, 'planCase' | 'spec'>): SavedPlan | null {
  const planCase = readQuestion(questionSchemas().plan, entry.planCase);
  const carried = savedSpecSchema.safeParse(entry.spec);
  if (!carried.success) return null;
  const { id: _id, ...bare } = carried.data;
  const spec = parseWith(setupSpecSchema, bare);
  return planCase.status === 'ok' && spec.status === 'ok' ? { planCase: planCase.value, spec: spec.value } : null;
}

/** The plant as it is today; null where its case can no longer be read. today: YYYY-MM-DD. */
export function todayOf(
  log: Pick<PlantLog, 'lastCase' | 'pottings' | 'inspections'>,
  today: string,
): PlantToday | null {
  const lastCase = readQuestion(questionSchemas().plan, log.lastCase);
  if (lastCase.status !== 'ok') return null;
  const pottings = log.pottings.flatMap((entry) => {
    const saved = readSaved(entry);
    return saved ? [{ pottedOn: entry.pottedOn, ...saved }] : [];
  });
  const life: KnownLife = { lastCase: lastCase.value, pottings, inspections: log.inspections };
  return plantToday(life, today);
}
