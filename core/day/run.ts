/** Where a running day stands, from what was written down of it: the same entries in the same order give the same state on every tablet. */
import { MS_PER_MINUTE } from '../base';
import type { DayKept, DayPlantAsked } from './day-case';
import type { DayEntry, LeftReason } from './entries';
import type { StepKind } from './work';

export interface RunTimer {
  readonly step: StepKind;
  /** Milliseconds since 1970. */
  readonly endsAtMs: number;
}

export interface RunPlant {
  /** As it is thought of now: its case and setup, changed where it was found otherwise. */
  readonly asked: DayPlantAsked;
  readonly isChanged: boolean;
  readonly status: 'waits' | 'in hand' | 'potted' | 'left';
  readonly stepsDone: readonly StepKind[];
  readonly timers: readonly RunTimer[];
  readonly eventId: string | null;
  readonly left: { readonly reason: LeftReason; readonly note: string } | null;
}

export interface RunState {
  readonly begunAtMs: number | null;
  readonly isStopped: boolean;
  /** In the order in which the day holds them. */
  readonly plants: readonly RunPlant[];
  readonly inHand: string | null;
}

const fresh = (asked: DayPlantAsked): RunPlant => ({
  asked,
  isChanged: false,
  status: 'waits',
  stepsDone: [],
  timers: [],
  eventId: null,
  left: null,
});

function withChange(plant: RunPlant, data: Extract<DayEntry, { kind: 'changed' }>['data']): RunPlant {
  const { asked } = plant;
  const said = {
    ...(data.case === undefined ? {} : { case: data.case }),
    ...(data.setup === undefined ? {} : { setup: data.setup }),
    ...(data.isSuspect === undefined ? {} : { isSuspect: data.isSuspect }),
  };
  return { ...plant, asked: { ...asked, ...said }, isChanged: true };
}

function nextOf(plant: RunPlant, entry: DayEntry): RunPlant {
  const others = (step: StepKind) => plant.timers.filter((timer) => timer.step !== step);
  switch (entry.kind) {
    case 'in hand':
      return plant.status === 'potted' ? plant : { ...plant, status: 'in hand', left: null };
    case 'step done': {
      const { step } = entry.data;
      return { ...plant, stepsDone: [...new Set([...plant.stepsDone, step])], timers: others(step) };
    }
    case 'step open':
      return { ...plant, stepsDone: plant.stepsDone.filter((step) => step !== entry.data.step) };
    case 'timer': {
      const { step, minutes } = entry.data;
      const endsAtMs = Date.parse(entry.at) + minutes * MS_PER_MINUTE;
      return { ...plant, timers: [...others(step), { step, endsAtMs }] };
    }
    case 'timer off':
      return { ...plant, timers: others(entry.data.step) };
    case 'changed':
      return withChange(plant, entry.data);
    case 'potted':
      return { ...plant, status: 'potted', eventId: entry.data.eventId, timers: [], left: null };
    case 'left': {
      const { reason, note = '' } = entry.data;
      // What is potted stays potted, whoever heard of it late.
      return plant.status === 'potted' ? plant : { ...plant, status: 'left', timers: [], left: { reason, note } };
    }
    case 'back':
      return plant.status === 'left' ? { ...plant, status: 'waits', left: null } : plant;
    case 'begun':
    case 'broken':
    case 'stopped':
      return plant;
  }
}

/** entries: as they were kept; they are read by the clock of whoever wrote them. */
export function runOf(day: Pick<DayKept, 'plants'>, entries: readonly DayEntry[]): RunState {
  const plants = new Map(day.plants.map((asked) => [asked.id, fresh(asked)]));
  let [begunAtMs, isStopped, inHand]: [number | null, boolean, string | null] = [null, false, null];
  const inTime = entries
    .map((entry, n) => ({ entry, n, atMs: Date.parse(entry.at) }))
    .sort((a, b) => a.atMs - b.atMs || a.n - b.n);
  for (const { entry, atMs } of inTime) {
    if (entry.kind === 'begun') [begunAtMs, isStopped] = [begunAtMs ?? atMs, false];
    if (entry.kind === 'stopped') isStopped = true;
    if (!('plantId' in entry.data)) continue;
    const { plantId } = entry.data;
    const plant = plants.get(plantId);
    if (!plant) continue;
    plants.set(plantId, nextOf(plant, entry));
    if (entry.kind === 'in hand') {
      // One plant at a time lies on the bench; the one before goes on waiting, with what was done to it.
      const before = inHand === null || inHand === plantId ? null : plants.get(inHand)!;
      if (before?.status === 'in hand') plants.set(inHand!, { ...before, status: 'waits' });
      inHand = plants.get(plantId)!.status === 'in hand' ? plantId : inHand;
    } else if (inHand === plantId && plants.get(plantId)!.status !== 'in hand') inHand = null;
  }
  return { begunAtMs, isStopped, plants: [...plants.values()], inHand };
}
