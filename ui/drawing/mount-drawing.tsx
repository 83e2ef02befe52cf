'use client';

/** A plant on a mount, from the side, to scale: backing, pad with its water, roots, plant. Hung, or laid flat. */
import { useMemo } from 'react';
import { type MountedSetup, type PlantInHand, realise, type SetupCurve, type SetupSpec } from '@core';
import { cm, type WordUnits, waterOnMount, mountText } from '@core/words';
import { colors, mediumColors, MOUNT_WOOD } from '../theme/tokens';
import { ROOT, ROOT_LINE } from './plant/colors';
import { fitFrame } from './frame';
import { Label, LETTER_PX, LINE_PX, wrap } from './label';
import { packPieces } from './pieces';
import { PieceShapes } from './piece-shapes';
import { PlantSketch } from './plant/plant-sketch';
import { Ruler } from './ruler';
import { spreadBlocks } from './side-by-side';

interface MountDrawingProps {
  readonly spec: SetupSpec;
  readonly plant: PlantInHand;
  readonly curve: SetupCurve | null;
  readonly hour: number;
  readonly units: WordUnits;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly scale?: number;
  readonly isBare?: boolean;
}

const BACKING_CM = 2.2;
/** Soft ties over rhizome and roots, at these shares of the height they cover. */
const TIES_AT = [0.66, 0.22];
const TIE_CM = 0.16;
const TIE = '#d9cfae';
/** Labels stand left of it, the ruler left of them. */
const SIDES_PX = { leftPx: 150, rightPx: 20 };
const BARE_SIDES_PX = { leftPx: 10, rightPx: 10 };
const NARROW_PX = 480;
const RULER_PX = 48;

interface MountLabelsProps {
  readonly points: readonly {
    readonly at: { readonly x: number; readonly y: number };
    readonly name: string;
    readonly more?: string;
  }[];
  /** Between these the words stand. */
  readonly leftPx: number;
  readonly rightPx: number;
  readonly bottomPx: number;
}

/** What is fixed how. */
function MountLabels({ points, leftPx, rightPx, bottomPx }: MountLabelsProps) {
  const labels = points.map(({ at, name, more }) => ({
    at,
    lines: [name, ...(more ? wrap(more, Math.max(8, Math.floor((rightPx - leftPx) / LETTER_PX))) : [])],
  }));
  const ys = spreadBlocks(
    labels.map(({ at, lines }) => ({ yPx: at.y, heightPx: lines.length * LINE_PX + 8 })),
    8,
    bottomPx,
  );
  return labels.map(({ at, lines }, i) => (
    <Label key={i} xPx={rightPx} yPx={ys[i]!} fromPx={at.x} fromYPx={at.y} lines={lines} />
  ));
}

function Hook({ heightCm }: { readonly heightCm: number }) {
  return (
    <g fill="none" stroke={colors.ink}>
      <path d={`M${-BACKING_CM / 2} ${-heightCm - 1.6} V${-heightCm}`} strokeWidth={0.12} />
      <path d={`M${-BACKING_CM / 2 - 0.4} ${-heightCm - 1.7} q0.5 -0.8 0.9 0`} strokeWidth={0.16} />
    </g>
  );
}

function Wood({ heightCm }: { readonly heightCm: number }) {
  return (
    <>
      <rect
        x={-BACKING_CM}
        y={-heightCm}
        width={BACKING_CM}
        height={heightCm}
        rx={0.4}
        fill={MOUNT_WOOD}
        stroke={colors.ink}
        strokeWidth={0.08}
      />
      {Array.from({ length: 9 }, (_, k) => (
        <path
          key={k}
          d={`M${-BACKING_CM + 0.2} ${-(k + 0.6) * (heightCm / 9.5)} q0.8 -0.4 1.7 0.1`}
          fill="none"
          stroke="#4c3a28"
          strokeWidth={0.1}
        />
      ))}
    </>
  );
}

interface PadProps {
  readonly fromCm: number;
  readonly heightCm: number;
  readonly thicknessCm: number;
  readonly pieces: ReturnType<typeof packPieces>;
}

function Pad({ fromCm, heightCm, thicknessCm, pieces }: PadProps) {
  return (
    <g>
      <rect
        x={0}
        y={-(fromCm + heightCm)}
        width={thicknessCm}
        height={heightCm}
        rx={Math.min(0.4, thicknessCm / 2)}
        fill={mediumColors.sphagnum}
        stroke={colors.ink}
        strokeWidth={0.06}
      />
      <g transform={`translate(${thicknessCm / 2} 0)`}>
        <PieceShapes pieces={pieces} />
      </g>
    </g>
  );
}

interface RootsOnMountProps {
  readonly padFromCm: number;
  readonly padHeightCm: number;
  readonly thicknessCm: number;
  readonly rootCm: number;
}

function RootsOnMount({ padFromCm, padHeightCm, thicknessCm, rootCm }: RootsOnMountProps) {
  return Array.from({ length: 4 }, (_, k) => {
    const y = -(padFromCm + padHeightCm * (0.78 - k * 0.2));
    const d = `M${thicknessCm + 0.2} ${y} q${-thicknessCm * 0.9} ${1 + k * 0.3} ${-thicknessCm * 0.4} ${padHeightCm * 0.3}`;
    return (
      <g key={k} fill="none" strokeLinecap="round">
        <path d={d} stroke={ROOT_LINE} strokeWidth={rootCm + 0.07} />
        <path d={d} stroke={ROOT} strokeWidth={rootCm} />
      </g>
    );
  });
}

interface WaterInPadProps {
  readonly curve: SetupCurve;
  readonly water: ArrayLike<number>;
  readonly fromCm: number;
  readonly heightCm: number;
}

function WaterInPad({ curve, water, fromCm, heightCm }: WaterInPadProps) {
  return curve.thicknessCm.map((cell, i) => (
    <rect
      key={i}
      x={curve.floorCm[i]!}
      y={-(fromCm + heightCm)}
      width={cell}
      height={heightCm}
      fill={colors.water}
      opacity={0.1 + 0.6 * Math.min(1, water[i]! / curve.porosity[i]!)}
    />
  ));
}

/** acrossCm: what they go around, in front of the backing. */
function Ties({ tiesCm, acrossCm }: { readonly tiesCm: readonly number[]; readonly acrossCm: number }) {
  return tiesCm.map((upCm) => (
    <rect
      key={upCm}
      x={-BACKING_CM - TIE_CM}
      y={-upCm - TIE_CM}
      width={BACKING_CM + acrossCm + 2 * TIE_CM}
      height={2 * TIE_CM}
      rx={TIE_CM}
      fill={TIE}
      stroke={colors.ink}
      strokeWidth={0.04}
    />
  ));
}

export function MountDrawing(props: MountDrawingProps) {
  const { spec, plant, curve, hour, units, widthPx, heightPx, scale, isBare = false } = props;
  const setup = useMemo(() => realise(spec) as MountedSetup, [spec]);
  const { mount, pad } = setup;
  const { isLying } = mount;
  const acrossCm = BACKING_CM + mount.padThicknessCm + plant.heightCm * 0.5 + 6;
  const alongCm = mount.heightCm + 4;
  const frame = fitFrame({
    widthPx,
    heightPx,
    aboveCm: isLying ? acrossCm - BACKING_CM : alongCm,
    belowCm: isLying ? BACKING_CM + 0.5 : 1,
    widestCm: isLying ? alongCm : acrossCm,
    ...(isBare ? BARE_SIDES_PX : SIDES_PX),
    scale,
  });
  const padHeight = mount.heightCm * 0.67;
  const padFrom = (mount.heightCm - padHeight) / 2;
  const thickness = mount.padThicknessCm > 0 ? mount.padThicknessCm : plant.rootDiameterMm / 20;
  const pieces = useMemo(
    () =>
      mount.padThicknessCm > 0
        ? packPieces(
            pad,
            { halfWidthCm: () => thickness / 2, innerHalfCm: () => 0, fromCm: padFrom, toCm: padFrom + padHeight },
            23,
          )
        : [],
    [mount.padThicknessCm, pad, thickness, padFrom, padHeight],
  );
  const water = curve?.cellWater[Math.min(hour, curve.cellWater.length - 1)] ?? null;
  const row = curve?.hours[Math.min(hour, curve.hours.length - 1)];
  const rootCm = plant.rootDiameterMm / 10;
  const isNarrow = widthPx < NARROW_PX;
  // Foot of the backing's front, where the mount's own centimetres begin.
  const originPx = isLying
    ? { x: frame.axisPx + (mount.heightCm / 2) * frame.scale, y: frame.basePx }
    : { x: frame.axisPx - (acrossCm / 2 - BACKING_CM) * frame.scale, y: frame.basePx };
  const toPx = (outCm: number, upCm: number) =>
    isLying
      ? { x: originPx.x - upCm * frame.scale, y: originPx.y - outCm * frame.scale }
      : { x: originPx.x + outCm * frame.scale, y: originPx.y - upCm * frame.scale };
  const tiesCm = TIES_AT.map((share) => padFrom + padHeight * share);
  return (
    <svg
      viewBox={`0 0 ${widthPx} ${heightPx}`}
      width="100%"
      role="group"
      aria-label={mountText({ spec, setup, plant, curve, hour, units })}
      data-part="section"
      style={{ display: 'block' }}
    >
      {isBare || isNarrow ? null : (
        <Ruler frame={frame} topCm={isLying ? acrossCm - BACKING_CM : mount.heightCm} xPx={8} units={units} />
      )}
      <g
        transform={
          isLying
            ? `translate(${originPx.x} ${originPx.y}) scale(${frame.scale}) rotate(-90)`
            : `translate(${originPx.x} ${originPx.y}) scale(${frame.scale})`
        }
      >
        {isLying ? null : <Hook heightCm={mount.heightCm} />}
        <Wood heightCm={mount.heightCm} />
        {mount.padThicknessCm > 0 ? (
          <Pad fromCm={padFrom} heightCm={padHeight} thicknessCm={thickness} pieces={pieces} />
        ) : null}
        <RootsOnMount padFromCm={padFrom} padHeightCm={padHeight} thicknessCm={thickness} rootCm={rootCm} />
        {water && curve ? <WaterInPad curve={curve} water={water} fromCm={padFrom} heightCm={padHeight} /> : null}
        <Ties tiesCm={tiesCm} acrossCm={thickness + rootCm} />
        <g transform={`translate(${thickness + 0.3} ${-(padFrom + padHeight * 0.72)}) rotate(${isLying ? 90 : 58})`}>
          <PlantSketch
            plant={plant}
            xCm={0}
            baseCm={0}
            roomCm={Math.min(plant.heightCm, mount.heightCm * 0.6)}
            edgeCm={mount.heightCm * 0.45}
            isBuried={false}
          />
        </g>
      </g>
      {isBare ? null : (
        <MountLabels
          points={[
            ...(isLying ? [] : [{ at: toPx(-BACKING_CM / 2, mount.heightCm + 1), name: 'hook' }]),
            { at: toPx(-BACKING_CM, tiesCm[0]!), name: 'soft ties', more: 'not over the tips' },
            {
              at: toPx(-BACKING_CM, padFrom + padHeight * 0.45),
              ...(mount.padThicknessCm > 0
                ? { name: 'moss pad', more: cm(mount.padThicknessCm, units) }
                : { name: 'bare roots', more: 'on the wood' }),
            },
          ]}
          leftPx={isNarrow || isBare ? 0 : RULER_PX}
          rightPx={originPx.x - (isLying ? mount.heightCm : BACKING_CM) * frame.scale - 18}
          bottomPx={heightPx - 8}
        />
      )}
      {row && !isBare ? (
        <text x={widthPx - 200} y={heightPx - 24} fontSize={13} fill={colors.ink}>
          {waterOnMount(row.waterG.toFixed(0))}
        </text>
      ) : null}
    </svg>
  );
}
