/** Reading a JSON case from a file or standard input, and saying what is wrong with it. */
import { readFile } from 'node:fs/promises';
import { text } from 'node:stream/consumers';
import type { z } from 'zod';
import { FaultError, faultLine, parseWith } from '@core';

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
  const parsed = parseWith(schema, value);
  if (parsed.status === 'faulty') throw new FaultError(parsed.faults);
  return parsed.value;
}

/** One line per fault on standard error. */
export function refuse(error: unknown): void {
  if (error instanceof FaultError) {
    for (const fault of error.faults) process.stderr.write(`${faultLine(fault)}\n`);
    return;
  }
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
}
