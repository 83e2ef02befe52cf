/** The rim of a pot from above, in centimetres from its middle. */
import type { PotShape } from '@core';
import { colors } from '../theme/tokens';

interface PotAboveProps {
  readonly shape: PotShape;
  readonly widthCm: number;
  readonly strokeCm: number;
}

export function PotAbove({ shape, widthCm, strokeCm }: PotAboveProps) {
  const half = widthCm / 2;
  const look = { fill: colors.raised, stroke: colors.inkSoft, strokeWidth: strokeCm };
  return shape === 'square' ? (
    <rect x={-half} y={-half} width={widthCm} height={widthCm} rx={0.5} {...look} />
  ) : (
    <circle r={half} {...look} />
  );
}
