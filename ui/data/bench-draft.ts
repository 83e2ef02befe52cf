/** What is on the bench, kept in the browser so that a reload or an interruption loses nothing. */
import * as z from 'zod';
import {
  FIRST_VERSION,
  lazily,
  type PlanCase,
  questionVersions,
  type SetupSpec,
  setupSpecSchema,
  upgraded,
  type WhatIf,
  questionSchemas,
  whatIfSchema,
} from '@core';
import { type Fault, parseWith } from '@core/words';
import { firstCase, thisMonth } from './worker/first-case';
import { safeJson } from './browser/safe-json';

/** Answers as typed: may still hold values that cannot be used. */
export type RawCase = { readonly [K in keyof PlanCase]?: unknown };

/** A potting that lies on the bench to be put right. */
export interface PottedEntry {
  readonly id: string;
  /** As last seen. */
  readonly version: number;
  /** YYYY-MM-DD */
  readonly pottedOn: string;
  readonly note: string;
}

const pottedEntry = z.object({ id: z.uuid(), version: z.number().int(), pottedOn: z.iso.date(), note: z.string() });

export interface BenchDraft {
  readonly answers: RawCase;
  readonly chosenId: string | null;
  readonly edited: SetupSpec | null;
  /** Month looked at, 0 = January; null = the month of the case. */
  readonly monthIndex: number | null;
  /** The plant on file this belongs to. */
  readonly plantId: string | null;
  readonly plantName: string;
  /** That plant's version as last seen. */
  readonly plantVersion: number | null;
  /** The potting in its log that this is; null where it is none. */
  readonly entry: PottedEntry | null;
  /** What is tried on the setup; null while nothing is being tried. */
  readonly whatIf: WhatIf | null;
  /** Setups set aside to be compared. */
  readonly beside: readonly SetupSpec[];
}

/** As many drawings as fit beside each other on a page. */
export const MOST_BESIDE = 4;

export const DRAFT_KEY = 'tender-cairn.bench';

const storedDraft = lazily(() =>
  z.object({
    answers: z.record(z.string(), z.unknown()),
    chosenId: z.string().nullable(),
    edited: setupSpecSchema.nullable().catch(null),
    monthIndex: z.number().int().min(0).max(11).nullable(),
    plantId: z.string().nullable(),
    plantName: z.string(),
    plantVersion: z.number().int().nullable().catch(null).default(null),
    entry: pottedEntry.nullable().catch(null).default(null),
    whatIf: whatIfSchema().nullable().catch(null).default(null),
    beside: z.array(setupSpecSchema).max(MOST_BESIDE).catch([]).default([]),
  }),
);

export function emptyDraft(month: number): BenchDraft {
  return {
    answers: firstCase(month),
    chosenId: null,
    edited: null,
    monthIndex: null,
    plantId: null,
    plantName: '',
    plantVersion: null,
    entry: null,
    whatIf: null,
    beside: [],
  };
}

/** A draft as it was stored; null where that is none of ours. */
function draftOf(text: string): BenchDraft | null {
  const parsed = storedDraft().safeParse(safeJson(text));
  if (!parsed.success) return null;
  const answers = upgraded(parsed.data.answers, FIRST_VERSION, questionVersions);
  return { ...parsed.data, answers: answers.status === 'ok' ? answers.value : {} } as BenchDraft;
}

export function loadDraft(): BenchDraft | null {
  const text = localStorage.getItem(DRAFT_KEY);
  return text === null ? null : draftOf(text);
}

/** The bench as it opens this month, from what was stored; null where nothing was. */
export function openingDraft(text: string | null): BenchDraft {
  const month = thisMonth();
  const draft = (text === null ? null : draftOf(text)) ?? emptyDraft(month);
  // The plant is on the bench today, whenever it was begun.
  return { ...draft, answers: { ...draft.answers, month } };
}

export function storeDraft(draft: BenchDraft): void {
  localStorage.setItem(DRAFT_KEY, JSON.stringify(draft));
}

export type CaseReading =
  | { readonly status: 'ok'; readonly planCase: PlanCase }
  | { readonly status: 'faulty'; readonly faults: readonly Fault[] };

export function readCase(answers: RawCase): CaseReading {
  const given = Object.fromEntries(
    Object.entries(answers).filter(([, value]) => value !== undefined && value !== null),
  );
  const parsed = parseWith(questionSchemas().plan, given);
  return parsed.status === 'ok' ? { status: 'ok', planCase: parsed.value } : parsed;
}
