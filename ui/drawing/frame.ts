/** From centimetres to the drawing: one scale for everything in it. */
export interface Frame {
  readonly widthPx: number;
  readonly heightPx: number;
  /** Pixels per centimetre. */
  readonly scale: number;
  /** Where the pot's axis and base are, px. */
  readonly axisPx: number;
  readonly basePx: number;
}

const MARGIN_PX = 8;

export interface FrameNeeds {
  readonly widthPx: number;
  readonly heightPx: number;
  /** Height to be shown above the base, and depth below it, cm. */
  readonly aboveCm: number;
  readonly belowCm: number;
  readonly widestCm: number;
  /** Room left and right of the pot for gauge and labels, px. */
  readonly leftPx: number;
  readonly rightPx: number;
  /** Pixels per centimetre where several drawings share one scale; else as large as fits. */
  readonly scale?: number;
}

/** Height left above what stands so high, where the width sets the scale, cm. */
export function roomAbove(needs: Omit<FrameNeeds, 'aboveCm'>, standingCm: number): number {
  const scale = needs.scale ?? (needs.widthPx - needs.leftPx - needs.rightPx) / needs.widestCm;
  return Math.max(0, (needs.heightPx - 2 * MARGIN_PX) / scale - standingCm - needs.belowCm);
}

export function fitFrame(needs: FrameNeeds): Frame {
  const usableHeight = needs.heightPx - 2 * MARGIN_PX;
  const usableWidth = needs.widthPx - needs.leftPx - needs.rightPx;
  const scale = needs.scale ?? Math.min(usableHeight / (needs.aboveCm + needs.belowCm), usableWidth / needs.widestCm);
  return {
    widthPx: needs.widthPx,
    heightPx: needs.heightPx,
    scale,
    axisPx: needs.leftPx + usableWidth / 2,
    basePx: needs.heightPx - MARGIN_PX - needs.belowCm * scale,
  };
}
