/** The hour after watering that the stage shows: moved by slider, keys and play alike. */
import { create } from 'zustand';
import { usePlanned } from '../state/plan-store';

export const KEY_STEP_HOURS = 6;

interface HourState {
  readonly hour: number;
}

export const useHour = create<HourState>()(() => ({ hour: 0 }));

const lastHour = (): number => Math.max(0, (usePlanned.getState().curve?.hours.length ?? 1) - 1);

export const showHour = (hour: number): void => useHour.setState({ hour: Math.max(0, hour) });

/** So many steps on, or back. */
export function moveHours(steps: number): void {
  useHour.setState(({ hour }) => ({ hour: Math.min(lastHour(), Math.max(0, hour + steps * KEY_STEP_HOURS)) }));
}
