/** A plant from above: each shoot where it stands, the newest pale, with the way it is heading. */
import { leadingHeadingDeg, type MappedPlant, type PlantInHand, type PlantPlacement } from '@core';
import { colors } from '../theme/tokens';
import { PSEUDOBULB, LEAF, LEAF_LINE, YOUNG_PSEUDOBULB } from './plant/colors';
import { shootsOf } from './plant/figure';
import { formOf } from './plant/forms';

/** Leaves of a shoot as seen from above, in cm. */
const LEAF_WIDE_SHARE = 0.22;
const MOST_LEAVES_ABOVE = 6;
const ARROW_CM = 1.7;

interface ShootsAboveProps {
  readonly plant: PlantInHand;
  readonly mapped: MappedPlant;
  readonly stand: PlantPlacement;
  /** How far leaves may reach, cm. */
  readonly reachCm: number;
}

/** In centimetres from the middle of the pot, upwards as on paper: it stands in a group that turns the picture over. */
export function ShootsAbove({ plant, mapped, stand, reachCm }: ShootsAboveProps) {
  const headingDeg = leadingHeadingDeg(mapped);
  const isStem = formOf(plant.genus.id, plant.genus.habit, plant.habit).stem !== undefined;
  const leafCm = Math.min(reachCm, plant.heightCm * 0.55);
  const bulbCm = isStem ? 0.5 : Math.min(1.1, Math.max(0.4, plant.heightCm * 0.025));
  return (
    <g transform={`translate(${stand.xCm.toFixed(2)} ${stand.yCm.toFixed(2)}) rotate(${stand.turnDeg.toFixed(1)})`}>
      <circle
        r={mapped.ball.diameterCm / 2}
        fill={colors.mossPale}
        stroke={colors.moss}
        strokeWidth={0.1}
        strokeDasharray="0.35 0.25"
      />
      <g transform={`rotate(${headingDeg.toFixed(1)})`}>
        {shootsOf(plant, mapped).map((shoot, k) => {
          const leaves = Math.min(MOST_LEAVES_ABOVE, shoot.leaves);
          const long = leafCm * (0.5 + 0.5 * shoot.grown) * (isStem ? 1 : 0.6);
          return (
            <g key={k} transform={`translate(${shoot.alongCm.toFixed(2)} ${shoot.asideCm.toFixed(2)})`}>
              {Array.from({ length: leaves }, (_, n) => (
                <ellipse
                  key={n}
                  cx={long / 2}
                  rx={long / 2}
                  ry={Math.max(0.25, (long * LEAF_WIDE_SHARE) / 2)}
                  fill={LEAF}
                  fillOpacity={0.6}
                  stroke={LEAF_LINE}
                  strokeWidth={0.12}
                  transform={`rotate(${(360 / leaves) * n + 40 * shoot.lean})`}
                />
              ))}
              <circle
                r={bulbCm}
                fill={shoot.isSpent ? 'none' : shoot.isNewest ? YOUNG_PSEUDOBULB : PSEUDOBULB}
                stroke={LEAF_LINE}
                strokeWidth={0.15}
                strokeDasharray={shoot.isSpent ? '0.4 0.3' : undefined}
              />
            </g>
          );
        })}
      </g>
      {mapped.leads.map((lead, k) => (
        <path
          key={k}
          transform={`translate(${(lead.xCm - mapped.ball.xCm).toFixed(2)} ${(lead.yCm - mapped.ball.yCm).toFixed(2)}) rotate(${lead.headingDeg.toFixed(1)})`}
          d={`M${bulbCm} 0 H${ARROW_CM} m-0.5 -0.5 l0.5 0.5 l-0.5 0.5`}
          stroke={colors.clay}
          strokeWidth={0.28}
          fill="none"
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      ))}
    </g>
  );
}
