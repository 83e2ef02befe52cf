/** What is said of the plant, its place and the grower's time; and whose log it belongs to. */
import { create } from 'zustand';
import type { GrowersMedium, HandsRecord } from '@core';
import { type CaseReading, emptyDraft, type PottedEntry, type RawCase, readCase } from '../../../data/bench-draft';
import { thisMonth } from '../../../data/worker/first-case';

export interface CaseState {
  /** As typed: may hold values that cannot be used. */
  readonly answers: RawCase;
  /** The plant on file this belongs to. */
  readonly plantId: string | null;
  readonly plantName: string;
  readonly plantVersion: number | null;
  /** The potting in its log that is being put right. */
  readonly entry: PottedEntry | null;
  /** The grower's own media: they take part unless an answer says which of them do. */
  readonly ownMedia: readonly GrowersMedium[];
  /** What their record says of such plants in this place: it counts unless an answer says otherwise. */
  readonly handsRecord: readonly HandsRecord[];
}

export function emptyCase(): Omit<CaseState, 'ownMedia' | 'handsRecord'> {
  const { answers, plantId, plantName, plantVersion, entry } = emptyDraft(thisMonth());
  return { answers, plantId, plantName, plantVersion, entry };
}

export const useCase = create<CaseState>()(() => ({ ...emptyCase(), ownMedia: [], handsRecord: [] }));

/** Unless the grower said that it should not: then it is said to be empty. */
export const countsRecord = ({ handsRecord }: RawCase): boolean =>
  !(Array.isArray(handsRecord) && handsRecord.length === 0);

type Known = Pick<CaseState, 'answers' | 'ownMedia' | 'handsRecord'>;

/** The case as the core would read it, or what is wrong with it. */
export function readingOf({ answers, ownMedia, handsRecord }: Known): CaseReading {
  // What the record says is what it says now, whatever it said when the plant was potted.
  const { handsRecord: _then, ...said } = answers;
  const media = ownMedia.length > 0 && said.ownMedia === undefined ? { ownMedia } : {};
  const record = countsRecord(answers) ? (handsRecord.length > 0 ? { handsRecord } : {}) : { handsRecord: [] };
  return readCase({ ...said, ...media, ...record });
}
