'use client';

/** The mix in the tub, kept in the browser. */
import { useMemo } from 'react';
import * as z from 'zod';
import { mixCaseSchema, type MixPartSpec } from '@core';
import { safeJson } from '../../data/safe-json';
import { useStored, writeStored } from '../../data/stored';

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

export function useMixDraft(): readonly [MixDraft, (draft: MixDraft) => void] {
  const stored = useStored(STORE_KEY);
  const draft = useMemo(() => {
    const parsed = storedMix.safeParse(stored === null ? null : safeJson(stored));
    return parsed.success ? (parsed.data as MixDraft) : startMix;
  }, [stored]);
  return [draft, (next) => writeStored(STORE_KEY, JSON.stringify(next))];
}
