'use client';

/** The list that is being settled, kept in this browser until it is taken in: an interruption costs nothing. */
import { fileTooLarge } from '@core/words';
import { useState } from 'react';
import * as z from 'zod';
import { encodingOf, listFields } from '@core';
import { safeJson } from '../../../data/browser/safe-json';
import { writeStored } from '../../../data/browser/stored';
import { nothingSettled, type Settled } from './settled';
import { newId } from '../../../data/browser/new-id';

const STORE_KEY = 'tender-cairn.list-to-take-in';
/** A longer one is read again from its file after a reload. */
const MOST_KEPT = 1_500_000;
const MOST_BYTES = 8_000_000;
const FIRST_BYTES = 4096;

const field = z.enum(listFields as [string, ...string[]]).nullable();
const keptSchema = z.object({
  key: z.string(),
  name: z.string(),
  text: z.string(),
  settled: z.object({
    choices: z.object({
      fields: z.record(z.coerce.number(), field).optional(),
      dates: z.enum(['day first', 'month first']).optional(),
    }),
    genera: z.record(z.string(), z.string()),
    places: z.record(z.string(), z.string()),
    media: z.record(z.string(), z.string()).default({}),
    isAgain: z.boolean(),
  }),
});

export interface ListFile {
  /** Of this list alone: sent again after a lost answer, also after a reload, it is kept once. */
  readonly key: string;
  readonly name: string;
  readonly text: string;
  readonly settled: Settled;
}

function kept(): ListFile | null {
  const parsed = keptSchema.safeParse(safeJson(localStorage.getItem(STORE_KEY) ?? ''));
  return parsed.success ? (parsed.data as ListFile) : null;
}

export function useListFile() {
  const [file, setFile] = useState<ListFile | null>(kept);
  const [fault, setFault] = useState<string | null>(null);
  const put = (next: ListFile | null) => {
    setFile(next);
    if (next === null) localStorage.removeItem(STORE_KEY);
    else if (next.text.length <= MOST_KEPT) writeStored(STORE_KEY, JSON.stringify(next));
  };
  const take = (name: string, text: string) => {
    setFault(null);
    put({ key: newId(), name, text, settled: nothingSettled });
  };
  const open = async (chosen: File) => {
    if (chosen.size > MOST_BYTES) return setFault(fileTooLarge(MOST_BYTES / 1e6));
    const bytes = new Uint8Array(await chosen.arrayBuffer());
    const decoder = new TextDecoder(encodingOf(bytes.subarray(0, FIRST_BYTES)));
    return take(chosen.name, decoder.decode(bytes));
  };
  return {
    file,
    fault,
    open,
    paste: (text: string) => take('pasted list', text),
    settle: (change: Partial<Settled>) => file && put({ ...file, settled: { ...file.settled, ...change } }),
    putAside: () => put(null),
  };
}
