/** The pot from above: whether it is looked at, and where a hand has moved the plants. */
import { create } from 'zustand';
import type { Stand } from '@core';

interface AboveState {
  readonly isOpen: boolean;
  /** As moved by hand; null = as they stand best. */
  readonly stands: readonly Stand[] | null;
}

export const useAbove = create<AboveState>()(() => ({ isOpen: false, stands: null }));

export const lookFromAbove = (isOpen: boolean): void => useAbove.setState({ isOpen, stands: null });
export const moveStands = (stands: readonly Stand[] | null): void => useAbove.setState({ stands });
