/** How many pixels of this screen make a true millimetre: set once against a bank card, kept in this browser. */
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** A bank card's width (ISO/IEC 7810, ID-1). */
export const CARD_WIDTH_MM = 85.6;
export const CARD_HEIGHT_MM = 53.98;

/** What a browser takes an inch to be: true on few screens. */
export const USUAL_PX_PER_MM = 96 / 25.4;
export const LEAST_PX_PER_MM = 2;
export const MOST_PX_PER_MM = 9;

interface ScreenScale {
  readonly pxPerMm: number;
  /** A card was held to the screen. */
  readonly isMeasured: boolean;
}

export const useScreenScale = create<ScreenScale>()(
  persist((): ScreenScale => ({ pxPerMm: USUAL_PX_PER_MM, isMeasured: false }), { name: 'tender-cairn.screen-scale' }),
);

export function setScreenScale(pxPerMm: number): void {
  useScreenScale.setState({
    pxPerMm: Math.min(MOST_PX_PER_MM, Math.max(LEAST_PX_PER_MM, pxPerMm)),
    isMeasured: true,
  });
}
