/** What stands on the stage: the setup chosen, what was changed on it by hand, the month looked at. */
import { temporal } from 'zundo';
import { create } from 'zustand';
import type { SetupSpec } from '@core';

export interface StageState {
  readonly chosenId: string | null;
  /** The chosen setup as changed by hand; null while it is as proposed. */
  readonly edited: SetupSpec | null;
  /** Month looked at, 0 = January; null = the month of the case. */
  readonly monthIndex: number | null;
  /** Setups set aside to be compared. */
  readonly beside: readonly SetupSpec[];
}

export const emptyStage: StageState = { chosenId: null, edited: null, monthIndex: null, beside: [] };

const MOST_UNDO = 100;

/** Undo goes back over what was changed by hand, and nothing else. */
export const useStage = create<StageState>()(
  temporal((): StageState => emptyStage, {
    partialize: ({ edited }) => ({ edited }),
    equality: (before, now) => before.edited === now.edited,
    limit: MOST_UNDO,
  }),
);

const history = () => useStage.temporal.getState();

/** Changes that belong to the step before (the further moves of one drag) leave no step of their own. */
export function withoutStep(change: () => void): void {
  history().pause();
  change();
  history().resume();
}

export const undoEdit = (): void => history().undo();
export const forgetEdits = (): void => history().clear();
