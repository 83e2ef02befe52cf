/** The plant above the medium, by its habit: enough to see where it sits and which way it grows. */
import { type GrowthHabit, hasBulbs } from '@core';

interface PlantSketchProps {
  readonly habit: GrowthHabit;
  readonly xCm: number;
  /** Height of the base of the growth above the pot's base, cm. */
  readonly baseCm: number;
  readonly heightCm: number;
  /** Height to which there is room to draw, cm above the base of the growth. */
  readonly roomCm: number;
  readonly stepCm: number;
  readonly shootCount: number;
  /** Direction of growth: +1 to the right. */
  readonly isBuried: boolean;
}

const LEAF = '#7d9a6a';
const LEAF_LINE = '#2d4a31';
const BULB = '#a9b184';

function leaf(x: number, y: number, length: number, width: number, angleDeg: number, key: string) {
  return (
    <g key={key} transform={`translate(${x.toFixed(2)} ${y.toFixed(2)}) rotate(${angleDeg.toFixed(0)})`}>
      <path
        d={`M0 0 C${-width} ${-length * 0.35} ${-width * 0.8} ${-length * 0.8} 0 ${-length} C${width * 0.8} ${-length * 0.8} ${width} ${-length * 0.35} 0 0Z`}
        fill={LEAF}
        stroke={LEAF_LINE}
        strokeWidth={0.06}
      />
      <path d={`M0 0 V${-length * 0.94}`} stroke={LEAF_LINE} strokeWidth={0.04} opacity={0.6} />
    </g>
  );
}

export function PlantSketch(props: PlantSketchProps) {
  const { habit, xCm, baseCm, heightCm, roomCm, stepCm, shootCount, isBuried } = props;
  const tall = Math.min(heightCm, roomCm);
  const y = -baseCm;
  if (habit === 'single stem') {
    const pairs = 3;
    return (
      <g data-part="plant">
        <path d={`M${xCm} ${y} V${y - tall * 0.42}`} stroke={LEAF_LINE} strokeWidth={0.7} strokeLinecap="round" />
        {Array.from({ length: pairs }, (_, k) => [
          leaf(xCm, y - 0.4 - tall * 0.12 * k, tall * 0.62, tall * 0.12, -72 + k * 12, `l${k}`),
          leaf(xCm, y - 0.7 - tall * 0.12 * k, tall * 0.62, tall * 0.12, 72 - k * 12, `r${k}`),
        ])}
      </g>
    );
  }
  if (habit === 'fans' || habit === 'creeping stem') {
    const fans = Math.min(3, Math.max(1, Math.round(shootCount / 2)));
    return (
      <g data-part="plant">
        {Array.from({ length: fans }, (_, f) => {
          const fx = xCm + f * Math.max(1, stepCm);
          return Array.from({ length: 6 }, (_, k) =>
            leaf(fx, y, tall * (0.8 - Math.abs(k - 2.5) * 0.07), tall * 0.07 + 0.2, -62 + k * 25, `f${f}${k}`),
          );
        })}
      </g>
    );
  }
  const shown = Math.min(shootCount, habit === 'clump' || habit === 'canes' ? 5 : 4);
  const step = Math.max(habit === 'clump' || habit === 'canes' ? 1 : 1.4, Math.min(stepCm, 4));
  const bulbHigh = habit === 'canes' ? tall * 0.75 : Math.min(6, Math.max(1.2, tall * 0.22));
  const bulbWide = habit === 'canes' ? 0.7 : Math.min(2.4, Math.max(0.7, bulbHigh * 0.42));
  const first = habit === 'clump' || habit === 'canes' ? xCm - (step * (shown - 1)) / 2 : xCm;
  return (
    <g data-part="plant">
      <path
        d={`M${first} ${y - 0.15} H${first + step * (shown - 1)}`}
        stroke={LEAF_LINE}
        strokeWidth={0.45}
        strokeLinecap="round"
      />
      {Array.from({ length: shown }, (_, k) => {
        const bx = first + step * k;
        const rise = habit === 'climbing chain' ? k * Math.min(2, tall * 0.12) : 0;
        const by = y - rise;
        const isNew = k === shown - 1 && !(habit === 'clump' || habit === 'canes');
        const high = isNew ? bulbHigh * 0.6 : bulbHigh;
        return (
          <g key={k}>
            {hasBulbs(habit) || isBuried ? (
              <ellipse
                cx={bx}
                cy={isBuried ? by + high * 0.3 : by - high / 2}
                rx={bulbWide / 2}
                ry={high / 2}
                fill={isNew ? '#c6d39c' : BULB}
                stroke={LEAF_LINE}
                strokeWidth={0.07}
              />
            ) : null}
            {leaf(
              bx,
              isBuried ? by : by - high * 0.96,
              tall * (isNew ? 0.35 : 0.6),
              Math.min(2, tall * 0.07 + 0.2),
              -14 + k * 9,
              `a${k}`,
            )}
            {k % 2 === 0
              ? leaf(
                  bx,
                  isBuried ? by : by - high * 0.96,
                  tall * 0.5,
                  Math.min(2, tall * 0.06 + 0.2),
                  16 - k * 6,
                  `b${k}`,
                )
              : null}
          </g>
        );
      })}
    </g>
  );
}
