/** Water in the cells: deeper tone and more wavelets where it is wetter. y points down, cm. */
import type { SetupCurve } from '@core';
import { colors } from '../theme/tokens';

interface WaterOverlayProps {
  readonly curve: SetupCurve;
  readonly hour: number;
  readonly halfWidthCm: (heightCm: number) => number;
}

/** Wavelets for a full cell of 1 cm. */
const WAVES_PER_CM = 3;

export function WaterOverlay({ curve, hour, halfWidthCm }: WaterOverlayProps) {
  const water = curve.cellWater[Math.min(hour, curve.cellWater.length - 1)];
  if (!water) return null;
  return (
    <g data-part="water" pointerEvents="none">
      {curve.floorCm.map((floorCm, i) => {
        const thickness = curve.thicknessCm[i]!;
        const share = Math.min(1, water[i]! / curve.porosity[i]!);
        const middle = floorCm + thickness / 2;
        const half = halfWidthCm(middle) + 1;
        const waves = Math.round(share * WAVES_PER_CM * thickness * 1.2);
        return (
          <g key={i}>
            <rect
              x={-half}
              y={-(floorCm + thickness)}
              width={half * 2}
              height={thickness}
              fill={colors.water}
              opacity={0.08 + 0.6 * share}
            />
            {Array.from({ length: waves }, (_, k) => {
              const y = -(floorCm + (thickness * (k + 0.5)) / waves);
              const shift = ((i * 7 + k * 3) % 5) * 0.2;
              return (
                <path
                  key={k}
                  d={`M${-half + shift} ${y} ${Array.from({ length: Math.ceil(half * 2) }, () => 'q0.25 -0.22 0.5 0 t0.5 0').join(' ')}`}
                  fill="none"
                  stroke="#eaf4f9"
                  strokeWidth={0.05}
                  opacity={0.85}
                />
              );
            })}
          </g>
        );
      })}
    </g>
  );
}
