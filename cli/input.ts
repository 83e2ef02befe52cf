/** Reading a JSON case from a file or standard input, and saying what is wrong with it. */
import { readFile } from 'node:fs/promises';
import { text } from 'node:stream/consumers';
import type { z } from 'zod';
import { FaultError, readQuestion } from '@core';
import { faultLine, faultsIn } from '@core/words';

/** The call itself is wrong. */
export class UsageError extends Error {}

export async function readText(argument: string | undefined): Promise<string> {
  if (argument === undefined) throw new UsageError('name a FILE, or - for standard input');
  if (argument === '-') return text(process.stdin);
  try {
    return await readFile(argument, 'utf8');
  } catch {
    throw new UsageError(`${argument}: cannot be read`);
  }
}

export async function readJson<T>(argument: string | undefined, schema: z.ZodType<T>): Promise<T> {
  const raw = await readText(argument);
  let value: unknown;
  try {
    value = JSON.parse(raw);
  } catch (error) {
    throw new UsageError(`(whole): is not JSON: ${error instanceof Error ? error.message : String(error)}`);
  }
  const checked = readQuestion(schema, value);
  if (checked.status === 'faulty') throw new FaultError(checked.faults);
  return checked.value;
}

/** What a refusal says on standard error: one line for each fault. */
export function refusalText(error: unknown): string {
  if (error instanceof FaultError) return faultsIn(error).map(faultLine).join('\n');
  return error instanceof Error ? error.message : String(error);
}
