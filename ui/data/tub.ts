'use client';

/** The mix in the tub, kept in the browser. */
import { useMemo } from 'react';
import * as z from 'zod';
import { mixCaseSchema, type MixPartSpec } from '@core';
import { safeJson } from './browser/safe-json';
import { useStored, writeStored } from './browser/stored';

export interface MixDraft {
  readonly parts: readonly MixPartSpec[];
  readonly depthCm: number;
  readonly wantedL: number;
  readonly monthsOld: number;
}

const STORE_KEY = 'tender-cairn.tub';

const storedMix = z.object({
  parts: mixCaseSchema.shape.parts,
  depthCm: mixCaseSchema.shape.depthCm,
  wantedL: mixCaseSchema.shape.wantedL,
  monthsOld: mixCaseSchema.shape.monthsOld,
});

const startMix: MixDraft = {
  parts: [
    { mediumId: 'bark-6-12', parts: 4 },
    { mediumId: 'sphagnum-chopped', parts: 1 },
  ],
  depthCm: 10,
  wantedL: 3,
  monthsOld: 0,
};

const readMix = (text: string | null): MixDraft => {
  const parsed = storedMix.safeParse(text === null ? null : safeJson(text));
  return parsed.success ? (parsed.data as MixDraft) : startMix;
};

/** The tub is asked for so much, with what is in it. */
export const wantInTub = (wantedL: number): void =>
  writeStored(STORE_KEY, JSON.stringify({ ...readMix(localStorage.getItem(STORE_KEY)), wantedL }));

export function useMixDraft(): readonly [MixDraft, (draft: MixDraft) => void] {
  const stored = useStored(STORE_KEY);
  const draft = useMemo(() => readMix(stored), [stored]);
  return [draft, (next) => writeStored(STORE_KEY, JSON.stringify(next))];
}
