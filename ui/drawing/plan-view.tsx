/** The pot from above, small beside its section: where each plant stands, and which way growth runs. */
import { type Placement, type PlantInHand, plantsFromAbove, type Pot } from '@core';
import { colors } from '../theme/tokens';
import { PotAbove } from './pot-above';
import { ShootsAbove } from './shoots-above';

interface PlanViewProps {
  readonly pot: Pot;
  readonly plant: PlantInHand;
  readonly placement: Placement;
  readonly leftPx: number;
  readonly topPx: number;
  readonly sizePx: number;
}

export function PlanView({ pot, plant, placement, leftPx, topPx, sizePx }: PlanViewProps) {
  const scale = (sizePx - 6) / pot.rimDiameterCm;
  const middle = sizePx / 2;
  const plants = plantsFromAbove(plant);
  return (
    <g
      transform={`translate(${leftPx} ${topPx})`}
      data-part="plan"
      role="img"
      aria-label={`From above: ${placement.position}`}
    >
      <g transform={`translate(${middle} ${middle}) scale(${scale} ${-scale})`}>
        <PotAbove shape={pot.shape} widthCm={pot.rimDiameterCm} strokeCm={2 / scale} />
        {placement.stands.map((stand, k) => (
          <ShootsAbove
            key={k}
            plant={plant}
            mapped={plants[k]!}
            stand={stand}
            reachCm={Math.max(1, pot.rimDiameterCm / 2 - Math.hypot(stand.xCm, stand.yCm))}
          />
        ))}
      </g>
      <text x={middle} y={sizePx + 10} fontSize={11} fill={colors.inkSoft} textAnchor="middle">
        from above
      </text>
    </g>
  );
}
