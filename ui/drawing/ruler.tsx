/** Centimetres or inches beside the pot, from its base. */
import { CM_PER_INCH } from '@core';
import type { WordUnits } from '@core/words';
import { colors } from '../theme/tokens';
import type { Frame } from './frame';

interface RulerProps {
  readonly frame: Frame;
  readonly topCm: number;
  readonly xPx: number;
  readonly units: WordUnits;
}

export function Ruler({ frame, topCm, xPx, units }: RulerProps) {
  const unitCm = units.length === 'inch' ? CM_PER_INCH : 1;
  const count = Math.floor(topCm / unitCm);
  const every = units.length === 'inch' ? 1 : count > 20 ? 5 : 2;
  return (
    <g aria-hidden="true">
      <path
        d={`M${xPx} ${frame.basePx} V${frame.basePx - topCm * frame.scale}`}
        stroke={colors.inkSoft}
        strokeWidth={1}
      />
      {Array.from({ length: count + 1 }, (_, k) => {
        const y = frame.basePx - k * unitCm * frame.scale;
        const isNumbered = k % every === 0;
        return (
          <g key={k}>
            <path d={`M${xPx} ${y} h${isNumbered ? 8 : 4}`} stroke={colors.inkSoft} strokeWidth={1} />
            {isNumbered ? (
              <text x={xPx + 11} y={y + 4} fontSize={11} fill={colors.inkSoft}>
                {k === count || k + every > count ? `${k} ${units.length === 'inch' ? 'in' : 'cm'}` : k}
              </text>
            ) : null}
          </g>
        );
      })}
    </g>
  );
}
