/** How files were read, by their shape: the next one of the same shape is read the same way. */
import * as z from 'zod';
import type { ReadingChoices } from '@core';
import { safeJson } from './browser/safe-json';
import { writeStored } from './browser/stored';

const STORE_KEY = 'tender-cairn.file-readings';
const MOST_SHAPES = 50;

const choicesSchema = z.object({
  temperature: z.string().optional(),
  humidity: z.string().optional(),
  unit: z.enum(['C', 'F']).optional(),
  dates: z.enum(['day first', 'month first']).optional(),
});
const keptSchema = z.array(z.object({ shape: z.string(), choices: choicesSchema }));

function kept(): z.infer<typeof keptSchema> {
  const parsed = keptSchema.safeParse(safeJson(localStorage.getItem(STORE_KEY) ?? ''));
  return parsed.success ? parsed.data : [];
}

export function choicesFor(shape: string): ReadingChoices | null {
  return kept().find((entry) => entry.shape === shape)?.choices ?? null;
}

/** The newest come first; the oldest are forgotten. */
export function keepChoices(shape: string, choices: ReadingChoices): void {
  const others = kept().filter((entry) => entry.shape !== shape);
  writeStored(STORE_KEY, JSON.stringify([{ shape, choices }, ...others].slice(0, MOST_SHAPES)));
}
