'use client';

/** A layer boundary that can be dragged, or moved with the arrow keys. */
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { cm, type WordUnits } from '@core/words';
import { keyIndex } from '../controls/keys';
import { colors } from '../theme/tokens';
import type { Frame } from './frame';

interface EdgeHandleProps {
  readonly label: string;
  readonly heightCm: number;
  readonly range: readonly [number, number];
  readonly halfWidthCm: number;
  readonly frame: Frame;
  /** In which column it stands: near handles stand beside each other. */
  readonly lane: number;
  readonly units: WordUnits;
  /** isStart: the first move of a drag or a key press, where undo should come back to. */
  readonly onMove: (heightCm: number, isStart: boolean) => void;
}

/** A hand that holds the handle. */
interface Drag {
  readonly fromY: number;
  readonly fromCm: number;
  readonly cmPerPx: number;
  isFirst: boolean;
}

const KEY_STEP_CM = 0.5;
const GRIP_GAP_PX = 26;
/** Handles are touched in a ring of more than 44 px, on a screen somewhat narrower too. */
export const LANE_PX = 48;
/** From the pot's wall to what may stand right of the first column. */
export const BESIDE_GRIP_PX = GRIP_GAP_PX + 20;

export function EdgeHandle({ label, heightCm, range, halfWidthCm, frame, lane, units, onMove }: EdgeHandleProps) {
  const drag = useRef<Drag | null>(null);
  const y = frame.basePx - heightCm * frame.scale;
  const half = halfWidthCm * frame.scale;
  const gripX = frame.axisPx + half + GRIP_GAP_PX + lane * LANE_PX;

  /** By how far the hand has gone: should the drawing move meanwhile, the layer goes on with the hand. */
  const begin = (event: PointerEvent<SVGGElement>): void => {
    const pxPerUnit = event.currentTarget.ownerSVGElement?.getScreenCTM()?.d;
    if (!pxPerUnit) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    drag.current = { fromY: event.clientY, fromCm: heightCm, cmPerPx: 1 / (pxPerUnit * frame.scale), isFirst: true };
  };

  const follow = (event: PointerEvent): void => {
    if (!drag.current) return;
    const { fromY, fromCm, cmPerPx, isFirst } = drag.current;
    // Only touched so far.
    if (isFirst && event.clientY === fromY) return;
    drag.current.isFirst = false;
    onMove(fromCm + (fromY - event.clientY) * cmPerPx, isFirst);
  };

  const end = (): void => {
    drag.current = null;
  };

  const onKeyDown = (event: KeyboardEvent) => {
    const index = keyIndex('layer', event.key);
    if (index < 0) return;
    const step = index === 0 ? -KEY_STEP_CM : KEY_STEP_CM;
    event.preventDefault();
    event.stopPropagation();
    onMove(heightCm + step, true);
  };

  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-orientation="vertical"
      aria-valuemin={range[0]}
      aria-valuemax={range[1]}
      aria-valuenow={heightCm}
      aria-valuetext={`${cm(heightCm, units)} above the base`}
      data-part="edge"
      style={{ cursor: 'ns-resize', touchAction: 'none' }}
      onKeyDown={onKeyDown}
      onPointerDown={begin}
      onPointerMove={follow}
      onPointerUp={end}
      onPointerCancel={end}
    >
      <rect x={frame.axisPx - half} y={y - 12} width={gripX - frame.axisPx + half} height={24} fill="transparent" />
      <path d={`M${frame.axisPx - half} ${y} H${gripX}`} stroke={colors.ink} strokeWidth={1.6} strokeDasharray="6 4" />
      <circle cx={gripX} cy={y} r={24} fill="transparent" />
      <circle cx={gripX} cy={y} r={13} fill={colors.raised} stroke={colors.ink} strokeWidth={1.6} />
      <path
        d={`M${gripX - 4} ${y - 2.5} l4 -5 l4 5 M${gripX - 4} ${y + 2.5} l4 5 l4 -5`}
        fill="none"
        stroke={colors.ink}
        strokeWidth={1.8}
      />
    </g>
  );
}
