'use client';

/** A plant on a mount, from the side, to scale: backing, pad with its water, roots, plant. Hung, or laid flat. */
import { useMemo } from 'react';
import { type MountedSetup, type PlantInHand, realise, type SetupCurve, type SetupSpec } from '@core';
import { cm, type WordUnits } from '@core/words';
import { colors, mediumColors, MOUNT_WOOD } from '../theme/tokens';
import { ROOT, ROOT_LINE } from './plant/colors';
import { fitFrame } from './frame';
import { packPieces } from './pieces';
import { PieceShapes } from './piece-shapes';
import { PlantSketch } from './plant/plant-sketch';
import { Ruler } from './ruler';

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

function Hook({ heightCm }: { readonly heightCm: number }) {
  return (
    <g fill="none" stroke={colors.ink}>
      <path d={`M${-BACKING_CM / 2} ${-heightCm - 1.6} V${-heightCm}`} strokeWidth={0.12} />
      <path d={`M${-BACKING_CM / 2 - 0.4} ${-heightCm - 1.7} q0.5 -0.8 0.9 0`} strokeWidth={0.16} />
    </g>
  );
}

export function MountDrawing(props: MountDrawingProps) {
  const { spec, plant, curve, hour, units, widthPx, heightPx, scale, isBare = false } = props;
  const { mount, pad } = useMemo(() => realise(spec) as MountedSetup, [spec]);
  const { isLying } = mount;
  const acrossCm = BACKING_CM + mount.padThicknessCm + plant.heightCm * 0.5 + 6;
  const alongCm = mount.heightCm + 4;
  const frame = fitFrame({
    widthPx,
    heightPx,
    aboveCm: isLying ? acrossCm - BACKING_CM : alongCm,
    belowCm: isLying ? BACKING_CM + 0.5 : 1,
    widestCm: isLying ? alongCm : acrossCm,
    sidePx: isBare ? 10 : 90,
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
  return (
    <svg
      viewBox={`0 0 ${widthPx} ${heightPx}`}
      width="100%"
      role="group"
      aria-label={`Mount from the side, to scale: ${isLying ? 'laid flat, ' : ''}${cm(mount.heightCm, units)} ${isLying ? 'long' : 'high'}, ${mount.padThicknessCm > 0 ? `moss pad ${cm(mount.padThicknessCm, units)}` : 'bare roots'}`}
      data-part="section"
      style={{ display: 'block' }}
    >
      {isBare ? null : (
        <Ruler frame={frame} topCm={isLying ? acrossCm - BACKING_CM : mount.heightCm} xPx={22} units={units} />
      )}
      <g
        transform={
          isLying
            ? `translate(${frame.axisPx} ${frame.basePx}) scale(${frame.scale}) rotate(-90) translate(0 ${mount.heightCm / 2})`
            : `translate(${isBare ? frame.axisPx - 20 : frame.axisPx - 60} ${frame.basePx}) scale(${frame.scale})`
        }
      >
        {isLying ? null : <Hook heightCm={mount.heightCm} />}
        <rect
          x={-BACKING_CM}
          y={-mount.heightCm}
          width={BACKING_CM}
          height={mount.heightCm}
          rx={0.4}
          fill={MOUNT_WOOD}
          stroke={colors.ink}
          strokeWidth={0.08}
        />
        {Array.from({ length: 9 }, (_, k) => (
          <path
            key={k}
            d={`M${-BACKING_CM + 0.2} ${-(k + 0.6) * (mount.heightCm / 9.5)} q0.8 -0.4 1.7 0.1`}
            fill="none"
            stroke="#4c3a28"
            strokeWidth={0.1}
          />
        ))}
        {mount.padThicknessCm > 0 ? (
          <g>
            <rect
              x={0}
              y={-(padFrom + padHeight)}
              width={thickness}
              height={padHeight}
              rx={Math.min(0.4, thickness / 2)}
              fill={mediumColors.sphagnum}
              stroke={colors.ink}
              strokeWidth={0.06}
            />
            <g transform={`translate(${thickness / 2} 0)`}>
              <PieceShapes pieces={pieces} />
            </g>
          </g>
        ) : null}
        {Array.from({ length: 4 }, (_, k) => {
          const y = -(padFrom + padHeight * (0.78 - k * 0.2));
          const d = `M${thickness + 0.2} ${y} q${-thickness * 0.9} ${1 + k * 0.3} ${-thickness * 0.4} ${padHeight * 0.3}`;
          return (
            <g key={k} fill="none" strokeLinecap="round">
              <path d={d} stroke={ROOT_LINE} strokeWidth={rootCm + 0.07} />
              <path d={d} stroke={ROOT} strokeWidth={rootCm} />
            </g>
          );
        })}
        {water && curve
          ? curve.thicknessCm.map((cell, i) => (
              <rect
                key={i}
                x={curve.floorCm[i]!}
                y={-(padFrom + padHeight)}
                width={cell}
                height={padHeight}
                fill={colors.water}
                opacity={0.1 + 0.6 * Math.min(1, water[i]! / curve.porosity[i]!)}
              />
            ))
          : null}
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
      {row && !isBare ? (
        <text x={widthPx - 200} y={heightPx - 24} fontSize={13} fill={colors.ink}>
          {`${row.waterG.toFixed(0)} g of water on the mount`}
        </text>
      ) : null}
    </svg>
  );
}
