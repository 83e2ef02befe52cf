'use client';

/** The mix as it lies in a tub of the chosen depth, to scale, and beside it solids, water and air by height. */
import { useId, useMemo } from 'react';
import {
  capacityBetween,
  heaviestPart,
  hydraulicsOfAgedMix,
  type MixPartSpec,
  ORDINARY_CONDITIONS,
  realiseMix,
  settledHeightShare,
} from '@core';
import { cm, percent, type WordUnits, tubToScale } from '@core/words';
import { packPieces } from '../../drawing/pieces';
import { PieceShapes } from '../../drawing/piece-shapes';
import { colors, mediumColors, MOUNT_WOOD } from '../../theme/tokens';
import styles from './media.module.css';

interface TubProps {
  readonly parts: readonly MixPartSpec[];
  readonly depthCm: number;
  readonly monthsOld: number;
  readonly units: WordUnits;
}

const TUB_CM = 16;
const CHART_CM = 8;
const GAP_CM = 1.6;
const SLICES = 40;

export function Tub({ parts, depthCm, monthsOld, units }: TubProps) {
  const clipId = useId();
  const mix = useMemo(() => realiseMix(parts), [parts]);
  const age = { months: monthsOld, conditions: ORDINARY_CONDITIONS };
  const medium = hydraulicsOfAgedMix(mix, age);
  const heightCm = depthCm * settledHeightShare(mix, age);
  const pieces = useMemo(
    () => packPieces(mix, { halfWidthCm: () => TUB_CM / 2, innerHalfCm: () => 0, fromCm: 0, toCm: heightCm }, 19),
    [mix, heightCm],
  );
  const heaviest = heaviestPart(mix).medium;
  const slices = Array.from({ length: SLICES }, (_, i) => {
    const fromCm = (heightCm * i) / SLICES;
    const toCm = (heightCm * (i + 1)) / SLICES;
    return { fromCm, toCm, water: Math.min(medium.totalPorosity, capacityBetween(medium, fromCm, toCm)) };
  });
  const solid = 1 - medium.totalPorosity;
  const chartX = TUB_CM / 2 + GAP_CM;
  const outline = slices.map(({ fromCm, toCm, water }) => {
    const x = chartX + CHART_CM * (solid + water);
    return `L${x} ${-fromCm} L${x} ${-toCm}`;
  });
  const textCm = depthCm > 14 ? 0.75 : 0.55;
  return (
    <svg
      className={styles.tub}
      viewBox={`${-TUB_CM / 2 - 0.6} ${-depthCm - 1.6} ${TUB_CM + CHART_CM + GAP_CM + 3} ${depthCm + 3}`}
      role="img"
      aria-label={tubToScale(cm(heightCm, units))}
    >
      <rect
        x={-TUB_CM / 2}
        y={-heightCm}
        width={TUB_CM}
        height={heightCm}
        fill={mediumColors[heaviest.family]}
        opacity={0.3}
      />
      <clipPath id={clipId}>
        <rect x={-TUB_CM / 2} y={-depthCm - 1} width={TUB_CM} height={depthCm + 1} />
      </clipPath>
      <g clipPath={`url(#${clipId})`}>
        <PieceShapes pieces={pieces} />
      </g>
      <path
        d={`M${-TUB_CM / 2} ${-depthCm - 0.8} V0 H${TUB_CM / 2} V${-depthCm - 0.8}`}
        fill="none"
        stroke={colors.ink}
        strokeWidth={0.22}
      />
      <g>
        <rect x={chartX} y={-heightCm} width={CHART_CM} height={heightCm} fill={colors.raised} />
        <rect x={chartX} y={-heightCm} width={CHART_CM * solid} height={heightCm} fill={MOUNT_WOOD} opacity={0.75} />
        <path
          d={`M${chartX + CHART_CM * solid} 0 ${outline.join(' ')} L${chartX + CHART_CM * solid} ${-heightCm} Z`}
          fill={colors.water}
          opacity={0.8}
        />
        <rect
          x={chartX}
          y={-heightCm}
          width={CHART_CM}
          height={heightCm}
          fill="none"
          stroke={colors.inkSoft}
          strokeWidth={0.08}
        />
        {slices
          .filter((_, i) => i % (SLICES / 4) === SLICES / 8)
          .map((slice) => (
            <text
              key={slice.fromCm}
              x={chartX + CHART_CM + 0.25}
              y={-(slice.fromCm + slice.toCm) / 2 + textCm / 3}
              fontSize={textCm}
              fill={colors.ink}
            >
              {percent(medium.totalPorosity - slice.water)}
            </text>
          ))}
        <text x={chartX + 0.15} y={1} fontSize={0.6} fill={colors.ink}>
          pieces
        </text>
        <text x={chartX + CHART_CM * (solid + 0.08)} y={1} fontSize={0.6} fill={colors.water}>
          water
        </text>
        <text x={chartX + CHART_CM + 0.25} y={1} fontSize={0.6} fill={colors.inkSoft}>
          air
        </text>
      </g>
    </svg>
  );
}
