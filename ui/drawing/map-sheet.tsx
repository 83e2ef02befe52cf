'use client';

/** The sheet on which a growth map is drawn: the old pot’s rim to scale, and every shoot a thing to touch, move and turn. */
import { shootName } from '@core/words';
import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import type { GrowthMapSaid } from '@core';
import { colors } from '../theme/tokens';
import { PSEUDOBULB, LEAF_LINE, YOUNG_PSEUDOBULB } from './plant/colors';
import { PotAbove } from './pot-above';

/** One shoot of a map: which plant’s, of which list, and its place in it. */
export interface ShootAt {
  readonly plant: number;
  readonly list: 'bulbs' | 'leads';
  readonly index: number;
}

interface MapSheetProps {
  readonly map: GrowthMapSaid;
  readonly rim: { readonly shape: 'round' | 'square'; readonly widthCm: number };
  readonly isChosen: (shoot: ShootAt) => boolean;
  readonly onChoose: (shoot: ShootAt) => void;
  /** isStart: the first move of a drag, where undo should come back to. */
  readonly onMove: (shoot: ShootAt, xCm: number, yCm: number, isStart: boolean) => void;
  readonly onTurn: (shoot: ShootAt, byDeg: number) => void;
  /** The arrow of a lead dragged to where it heads. */
  readonly onHead: (shoot: ShootAt, headingDeg: number, isStart: boolean) => void;
  readonly onRemove: (shoot: ShootAt) => void;
  /** A touch where nothing stands. */
  readonly onPut: (xCm: number, yCm: number) => void;
}

const BEYOND_SHARE = 1.14;
const NUDGE_CM = 0.5;
const TURN_DEG = 15;
const RAD = Math.PI / 180;

interface ShownShoot extends ShootAt {
  readonly xCm: number;
  readonly yCm: number;
  /** Where a lead heads; null for a pseudobulb. */
  readonly headingDeg: number | null;
  readonly isSpent?: boolean;
}

const shootAt = ({ plant, list, index }: ShootAt): ShootAt => ({ plant, list, index });

export function MapSheet(props: MapSheetProps) {
  const { map, rim, isChosen, onChoose, onMove, onTurn, onHead, onRemove, onPut } = props;
  const half = (rim.widthCm / 2) * BEYOND_SHARE;
  const drag = useRef<{ readonly shoot: ShootAt; readonly isHeading: boolean; isStart: boolean } | null>(null);
  const finger = half * 0.13;

  const at = (event: PointerEvent<SVGElement>) => {
    const svg =
      event.currentTarget instanceof SVGSVGElement ? event.currentTarget : event.currentTarget.ownerSVGElement;
    const matrix = svg?.getScreenCTM();
    const point = matrix
      ? new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse())
      : { x: 0, y: 0 };
    return { xCm: point.x, yCm: -point.y };
  };

  const onKeyDown = (event: KeyboardEvent, shoot: ShootAt, xCm: number, yCm: number) => {
    const steps: Readonly<Record<string, () => void>> = {
      ArrowLeft: () => onMove(shoot, xCm - NUDGE_CM, yCm, true),
      ArrowRight: () => onMove(shoot, xCm + NUDGE_CM, yCm, true),
      ArrowUp: () => onMove(shoot, xCm, yCm + NUDGE_CM, true),
      ArrowDown: () => onMove(shoot, xCm, yCm - NUDGE_CM, true),
      ',': () => onTurn(shoot, TURN_DEG),
      '.': () => onTurn(shoot, -TURN_DEG),
      Delete: () => onRemove(shoot),
      Backspace: () => onRemove(shoot),
      Enter: () => onChoose(shoot),
      ' ': () => onChoose(shoot),
    };
    const step = steps[event.key];
    if (!step) return;
    event.preventDefault();
    event.stopPropagation();
    step();
  };

  const shoots: readonly ShownShoot[] = map.plants.flatMap((plant, k) => [
    ...plant.bulbs.map((bulb, index) => ({ plant: k, list: 'bulbs' as const, index, ...bulb, headingDeg: null })),
    ...plant.leads.map((lead, index) => ({ plant: k, list: 'leads' as const, index, ...lead, isSpent: false })),
  ]);
  const nameOf = ({ list, isSpent, plant, index }: ShownShoot) =>
    shootName(
      list === 'leads' ? 'Lead' : isSpent ? 'Spent bulb' : 'Bulb',
      index + 1,
      map.plants.length > 1 ? plant + 1 : null,
    );

  return (
    <svg
      viewBox={`${-half} ${-half} ${2 * half} ${2 * half}`}
      width="100%"
      role="group"
      aria-label="The plant from above. A touch puts a shoot down; arrow keys move one, comma and full stop turn a lead, Delete takes it away"
      data-part="map-sheet"
      style={{ display: 'block', touchAction: 'none' }}
      onPointerDown={(event) => {
        const { xCm, yCm } = at(event);
        onPut(xCm, yCm);
      }}
    >
      <g transform="scale(1 -1)">
        <PotAbove shape={rim.shape} widthCm={rim.widthCm} strokeCm={half * 0.02} />
      </g>
      {shoots.map((shoot) => (
        <Shoot
          key={`${shoot.plant} ${shoot.list} ${shoot.index}`}
          shoot={shoot}
          name={nameOf(shoot)}
          finger={finger}
          isChosen={isChosen(shoot)}
          isOneOfMany={map.plants.length > 1}
          onChoose={() => onChoose(shootAt(shoot))}
          onKeyDown={(event) => onKeyDown(event, shootAt(shoot), shoot.xCm, shoot.yCm)}
          onGrab={(isHeading) => {
            drag.current = { shoot: shootAt(shoot), isHeading, isStart: true };
            onChoose(shootAt(shoot));
          }}
          onDrag={(event) => {
            if (!drag.current) return;
            const { shoot: held, isHeading, isStart } = drag.current;
            const to = at(event);
            if (isHeading) onHead(held, Math.atan2(to.yCm - shoot.yCm, to.xCm - shoot.xCm) / RAD, isStart);
            else onMove(held, to.xCm, to.yCm, isStart);
            drag.current.isStart = false;
          }}
          onDrop={() => {
            drag.current = null;
          }}
        />
      ))}
    </svg>
  );
}

interface ShootProps {
  readonly shoot: ShownShoot;
  readonly name: string;
  /** Half of what a finger covers, cm on the sheet. */
  readonly finger: number;
  readonly isChosen: boolean;
  /** Its plant's number stands on it. */
  readonly isOneOfMany: boolean;
  readonly onChoose: () => void;
  readonly onKeyDown: (event: KeyboardEvent) => void;
  readonly onGrab: (isHeading: boolean) => void;
  readonly onDrag: (event: PointerEvent<SVGElement>) => void;
  readonly onDrop: () => void;
}

function Shoot(props: ShootProps) {
  const { shoot, name, finger, isChosen, isOneOfMany, onChoose, onKeyDown, onGrab, onDrag, onDrop } = props;
  const { plant, list, xCm, yCm, headingDeg, isSpent } = shoot;
  const grab = (event: PointerEvent<SVGElement>, isHeading: boolean) => {
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    onGrab(isHeading);
  };
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={isChosen}
      aria-label={name}
      transform={`translate(${xCm} ${-yCm})`}
      style={{ cursor: 'grab', touchAction: 'none' }}
      onFocus={onChoose}
      onKeyDown={onKeyDown}
      onPointerDown={(event) => grab(event, false)}
      onPointerMove={onDrag}
      onPointerUp={onDrop}
      onPointerCancel={onDrop}
    >
      <circle r={finger * 1.6} fill="transparent" />
      {headingDeg === null ? null : (
        <g transform={`rotate(${-headingDeg})`}>
          <path
            d={`M${finger} 0 H${finger * 2.4} m${-finger * 0.6} ${-finger * 0.6} l${finger * 0.6} ${finger * 0.6} l${-finger * 0.6} ${finger * 0.6}`}
            stroke={colors.clay}
            strokeWidth={finger * 0.32}
            fill="none"
            strokeLinecap="round"
            strokeLinejoin="round"
          />
          <circle
            cx={finger * 2.5}
            r={finger * 1.1}
            fill="transparent"
            data-part="heading"
            style={{ cursor: 'grab' }}
            onPointerDown={(event) => grab(event, true)}
          />
        </g>
      )}
      <circle
        r={finger * 0.85}
        fill={isSpent ? 'none' : list === 'leads' ? YOUNG_PSEUDOBULB : PSEUDOBULB}
        stroke={isChosen ? colors.water : isSpent ? colors.inkSoft : LEAF_LINE}
        strokeWidth={finger * (isChosen ? 0.4 : 0.2)}
        strokeDasharray={isSpent ? `${finger * 0.4} ${finger * 0.3}` : undefined}
      />
      {isOneOfMany ? (
        <text fontSize={finger} textAnchor="middle" y={finger * 0.36} fill="#1f2b26" fontWeight={700}>
          {plant + 1}
        </text>
      ) : null}
    </g>
  );
}
