/** The pot from above: whether it is looked at, where a hand has moved the plants, and whether the plant is being drawn. */
import { create } from 'zustand';
import type { PlantPlacement } from '@core';

interface AboveState {
  readonly isOpen: boolean;
  /** As moved by hand; null = as they stand best. */
  readonly stands: readonly PlantPlacement[] | null;
  readonly isDrawing: boolean;
}

export const useAbove = create<AboveState>()(() => ({ isOpen: false, stands: null, isDrawing: false }));

export const showFromAbove = (isOpen: boolean): void => useAbove.setState({ isOpen, stands: null, isDrawing: false });
export const movePlacements = (stands: readonly PlantPlacement[] | null): void => useAbove.setState({ stands });
export const drawMap = (isDrawing: boolean): void => useAbove.setState({ isOpen: true, stands: null, isDrawing });
