/** What is left of a running day, as a day of its own: so the rest is planned anew with whatever has changed. */
import { type DayKept, ranges, type RunState, MINUTES_PER_HOUR, MS_PER_MINUTE } from '@core';

/** The rest is planned anew no more often than this. */
const STEP_MIN = 5;

/** Minutes left of the hours there were; nowMs by this device. */
export function minutesLeft(
  day: Pick<DayKept, 'hours'>,
  { begunAtMs }: Pick<RunState, 'begunAtMs'>,
  nowMs: number,
): number {
  const all = day.hours * MINUTES_PER_HOUR;
  return begunAtMs === null ? all : all - (nowMs - begunAtMs) / MS_PER_MINUTE;
}

/** null where nobody is left. minuteNow: of the day, by this device. */
export function restOfDay(day: DayKept, state: RunState, nowMs: number, minuteNow: number): DayKept | null {
  const open = state.plants.filter(({ status }) => status === 'waits' || status === 'in hand');
  if (open.length === 0) return null;
  const stepped = (minutes: number): number => STEP_MIN * Math.round(minutes / STEP_MIN);
  const left = stepped(minutesLeft(day, state, nowMs)) / MINUTES_PER_HOUR;
  return {
    ...day,
    beginsAtMinute: state.begunAtMs === null ? day.beginsAtMinute : stepped(minuteNow),
    hours: Math.min(ranges.dayHours.max, Math.max(ranges.dayHours.min, left)),
    plants: open.map(({ asked }) => asked),
  };
}
