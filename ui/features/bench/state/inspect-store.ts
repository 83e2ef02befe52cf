/** The inspection under way: what was seen so far, and where one is. Kept in the browser, so that a reload goes on from there. */
import { create } from 'zustand';
import * as z from 'zod';
import { type Inspection, inspectionSchema, lazily } from '@core';
import { safeJson } from '../../../data/browser/safe-json';
import { useCase } from './case-store';
import { newId } from '../../../data/browser/new-id';

interface InspectState {
  readonly isOpen: boolean;
  /** Of which plant and kind: of another one, an inspection begins anew. */
  readonly of: string;
  /** Of the steps of this plant; one past the last is the summary. */
  readonly step: number;
  readonly seen: Inspection;
  /** One key for this inspection: kept twice, it is kept once. */
  readonly key: string;
}

export const INSPECTION_KEY = 'tender-cairn.inspection';

const none: InspectState = { isOpen: false, of: '', step: 0, seen: {}, key: '' };

export const useInspect = create<InspectState>()(() => none);

const stored = lazily(() =>
  z.object({
    isOpen: z.boolean(),
    of: z.string(),
    step: z.int().min(0),
    seen: inspectionSchema,
    key: z.string().min(1),
  }),
);

/** What was stored, where it is an inspection; else none. */
export function inspectionIn(text: string | null): InspectState {
  const read = stored().safeParse(safeJson(text ?? ''));
  return read.success ? read.data : none;
}

function keep(state: InspectState): void {
  if (state.key !== '') localStorage.setItem(INSPECTION_KEY, JSON.stringify(state));
  else localStorage.removeItem(INSPECTION_KEY);
}

/** Goes on with an inspection that a reload broke off; writes down every change from now on. Returns what ends that. */
export function keepInspection(): () => void {
  useInspect.setState(inspectionIn(localStorage.getItem(INSPECTION_KEY)));
  return useInspect.subscribe(keep);
}

/** Of the plant on the bench: one broken off goes on where it was. */
export function startInspection(): void {
  const { plantId, answers } = useCase.getState();
  const { genus } = answers as { readonly genus?: string | { readonly name?: string } };
  const of = `${plantId ?? ''} ${typeof genus === 'string' ? genus : (genus?.name ?? '')}`;
  if (useInspect.getState().of === of) useInspect.setState({ isOpen: true });
  else useInspect.setState({ ...none, isOpen: true, of, key: newId() });
}

/** What was seen so far stays, for whoever comes back to it. */
export const leaveInspection = (): void => useInspect.setState({ isOpen: false });

export const beginAnew = (): void => useInspect.setState({ step: 0, seen: {}, key: newId() });

/** Done with: the next one begins anew. */
export const endInspection = (): void => useInspect.setState(none);

/** undefined takes back what was said. */
export function see(change: Partial<Inspection>): void {
  useInspect.setState(({ seen }) => {
    const next = Object.entries({ ...seen, ...change }).filter(([, value]) => value !== undefined);
    return { seen: Object.fromEntries(next) as Inspection };
  });
}

export const goTo = (step: number): void => useInspect.setState({ step: Math.max(0, step) });
