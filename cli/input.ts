/** Reading a JSON case from a file or standard input, and saying what is wrong with it. */
import { createReadStream } from 'node:fs';
import type { Readable } from 'node:stream';
import { text } from 'node:stream/consumers';
import type { z } from 'zod';
import { FaultError, readQuestion } from '@core';
import { faultLine, faultsIn } from '@core/words';

/** The call itself is wrong. */
export class UsageError extends Error {}

/** A file, or standard input for "-". */
function openInput(argument: string | undefined): Readable {
  if (argument === undefined) throw new UsageError('name a FILE, or - for standard input');
  return argument === '-' ? process.stdin : createReadStream(argument);
}

/** @throws UsageError where a file cannot be read. */
export async function reading<T>(argument: string | undefined, read: (input: Readable) => Promise<T>): Promise<T> {
  const input = openInput(argument);
  try {
    return await read(input);
  } catch (error) {
    if (error instanceof Error && 'syscall' in error) throw new UsageError(`${argument}: cannot be read`);
    throw error;
  }
}

export async function readJson<T>(argument: string | undefined, schema: z.ZodType<T>): Promise<T> {
  const raw = await reading(argument, (input) => text(input));
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
