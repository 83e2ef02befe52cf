/** Water against height, beside the pot and at its scale: what each slice holds now and could hold. */
import type { SetupCurve } from '@core';
import { colors } from '../theme/tokens';
import type { Frame } from './frame';

interface WaterGaugeProps {
  readonly curve: SetupCurve;
  readonly hour: number;
  readonly frame: Frame;
  readonly leftPx: number;
  readonly widthPx: number;
}

export function WaterGauge({ curve, hour, frame, leftPx, widthPx }: WaterGaugeProps) {
  const water = curve.cellWater[Math.min(hour, curve.cellWater.length - 1)];
  if (!water) return null;
  const topCm = Math.max(...curve.floorCm.map((floor, i) => floor + curve.thicknessCm[i]!));
  const y = (heightCm: number) => frame.basePx - heightCm * frame.scale;
  const x = (share: number) => leftPx + Math.min(1, share) * widthPx;
  const outline = (values: ArrayLike<number>): string =>
    curve.floorCm
      .map(
        (floor, i) =>
          `L${x(values[i]!).toFixed(1)} ${y(floor + curve.thicknessCm[i]!).toFixed(1)} L${x(values[i]!).toFixed(1)} ${y(floor).toFixed(1)}`,
      )
      .join(' ');
  return (
    <g data-part="gauge">
      <text x={leftPx - 4} y={y(topCm) - 10} fontSize={11} fill={colors.inkSoft}>
        water by height
      </text>
      <rect
        x={leftPx}
        y={y(topCm)}
        width={widthPx}
        height={topCm * frame.scale}
        fill={colors.paper}
        stroke={colors.line}
      />
      <path d={`M${leftPx} ${y(topCm)} ${outline(water)} L${leftPx} ${y(0)} Z`} fill={colors.water} opacity={0.85} />
      <path
        d={`M${x(curve.capacity[0]!)} ${y(topCm)} ${outline(curve.capacity)}`}
        fill="none"
        stroke={colors.ink}
        strokeWidth={1.2}
        strokeDasharray="4 3"
      />
      <text x={leftPx} y={y(0) + 14} fontSize={11} fill={colors.inkSoft}>
        0
      </text>
      <text x={leftPx + widthPx} y={y(0) + 14} fontSize={11} fill={colors.inkSoft} textAnchor="end">
        100 %
      </text>
    </g>
  );
}
