'use client';

/** The pot from above, large: the plants in it, where their tips may be year by year, and a hand that moves a plant. */
import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import type { GrowthView, PlantInHand, PlantPlacement, PotShape } from '@core';
import { cm, type WordUnits, growthMover, growthFromAbove } from '@core/words';
import { colors } from '../theme/tokens';
import { PotAbove } from './pot-above';
import { ShootsAbove } from './shoots-above';

interface GrowthPlanProps {
  readonly view: GrowthView;
  /** As moved by hand, before the worker has answered. */
  readonly stands: readonly PlantPlacement[];
  readonly plant: PlantInHand;
  readonly units: WordUnits;
  readonly onMove: (stands: readonly PlantPlacement[]) => void;
}

/** Room about the pot, as a share of its half: tips that are over the rim are seen there. */
const BEYOND_SHARE = 1.18;
const MARGIN_CM = 1;
const NUDGE_CM = 0.5;
const TURN_DEG = 15;

/** Each year has its figure and its colour. */
export const yearColors = [colors.moss, colors.water, colors.straw, colors.clay] as const;

const moves: Readonly<Record<string, Partial<PlantPlacement>>> = {
  ArrowLeft: { xCm: -NUDGE_CM },
  ArrowRight: { xCm: NUDGE_CM },
  ArrowUp: { yCm: NUDGE_CM },
  ArrowDown: { yCm: -NUDGE_CM },
  ',': { turnDeg: TURN_DEG },
  '.': { turnDeg: -TURN_DEG },
};

/** A plant moved and turned by so much; its ball’s middle stays in the pot. */
export function nudged(
  stands: readonly PlantPlacement[],
  index: number,
  by: Partial<PlantPlacement>,
  halfCm: number,
): readonly PlantPlacement[] {
  const inPot = (value: number) => Math.max(-halfCm, Math.min(halfCm, value));
  return stands.map((stand, k) =>
    k === index
      ? {
          xCm: inPot(stand.xCm + (by.xCm ?? 0)),
          yCm: inPot(stand.yCm + (by.yCm ?? 0)),
          turnDeg: stand.turnDeg + (by.turnDeg ?? 0),
        }
      : stand,
  );
}

export function GrowthPlan({ view, stands, plant, units, onMove }: GrowthPlanProps) {
  const { shape, widthCm } = view.shown;
  const half = (widthCm / 2) * BEYOND_SHARE;
  const grip = useRef<{ readonly index: number; readonly x: number; readonly y: number } | null>(null);
  const finger = widthCm - 2 * MARGIN_CM;

  const at = (event: PointerEvent<SVGGElement>) => {
    const matrix = event.currentTarget.ownerSVGElement?.getScreenCTM();
    const point = matrix
      ? new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse())
      : { x: 0, y: 0 };
    return { x: point.x, y: -point.y };
  };
  const onKeyDown = (event: KeyboardEvent, index: number) => {
    const by = moves[event.key];
    if (!by) return;
    event.preventDefault();
    event.stopPropagation();
    onMove(nudged(stands, index, by, widthCm / 2));
  };
  const tipSize = half * 0.09;
  return (
    <svg
      viewBox={`${-half} ${-half} ${2 * half} ${2 * half}`}
      width="100%"
      role="group"
      aria-label={growthFromAbove(cm(widthCm, units))}
      data-part="growth-plan"
      style={{ display: 'block' }}
    >
      <g transform="scale(1 -1)">
        <PotAbove shape={shape} widthCm={widthCm} strokeCm={half * 0.02} />
        <FingerLine shape={shape} finger={finger} half={half} />
        {stands.map((stand, k) => (
          <ShootsAbove key={k} plant={plant} mapped={view.plants[k]!} stand={stand} reachCm={widthCm / 5} />
        ))}
      </g>
      <g data-part="tips" aria-hidden fontSize={tipSize} fontWeight={700} textAnchor="middle">
        {view.tipsByYear.map((tips, year) =>
          tips.map(({ xCm, yCm }, k) => (
            <text key={`${year} ${k}`} x={xCm} y={-yCm + tipSize * 0.36} fill={yearColors[year]}>
              {year + 1}
            </text>
          )),
        )}
      </g>
      {stands.map((stand, k) => (
        <g
          key={k}
          role="button"
          tabIndex={0}
          aria-label={growthMover(stands.length > 1 ? k + 1 : null, cm(Math.hypot(stand.xCm, stand.yCm), units))}
          data-part="mover"
          style={{ cursor: 'grab', touchAction: 'none' }}
          onKeyDown={(event) => onKeyDown(event, k)}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            const { x, y } = at(event);
            grip.current = { index: k, x: x - stand.xCm, y: y - stand.yCm };
          }}
          onPointerMove={(event) => {
            if (grip.current?.index !== k) return;
            const { x, y } = at(event);
            const by = { xCm: x - grip.current.x - stand.xCm, yCm: y - grip.current.y - stand.yCm };
            onMove(nudged(stands, k, by, widthCm / 2));
          }}
          onPointerUp={() => {
            grip.current = null;
          }}
          onPointerCancel={() => {
            grip.current = null;
          }}
        >
          <circle
            cx={stand.xCm}
            cy={-stand.yCm}
            r={Math.max(view.plants[k]!.ball.diameterCm / 2, half * 0.2)}
            fill="transparent"
          />
        </g>
      ))}
    </svg>
  );
}

interface FingerLineProps {
  readonly shape: PotShape;
  /** Width inside it, and half of what is shown, cm. */
  readonly finger: number;
  readonly half: number;
}

/** A finger from the wall. */
function FingerLine({ shape, finger, half }: FingerLineProps) {
  const line = {
    fill: 'none',
    stroke: colors.inkSoft,
    strokeWidth: half * 0.007,
    strokeDasharray: `${half * 0.03} ${half * 0.03}`,
  };
  return shape === 'square' ? (
    <rect x={-finger / 2} y={-finger / 2} width={finger} height={finger} {...line} />
  ) : (
    <circle r={finger / 2} {...line} />
  );
}
