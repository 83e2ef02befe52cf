/** The pot from above: round or square, where the ball goes, and which way growth runs. */
import type { Placement, PlantInHand, Pot } from '@core';
import { colors } from '../theme/tokens';

interface PlanViewProps {
  readonly pot: Pot;
  readonly plant: PlantInHand;
  readonly placement: Placement;
  readonly leftPx: number;
  readonly topPx: number;
  readonly sizePx: number;
}

/** Several plants back to back, each growing outwards. */
function Together({ count, ball, half }: { readonly count: number; readonly ball: number; readonly half: number }) {
  // As many circles as fit side by side in a ring that fills the common ball.
  const each = ball / (1 + 1 / Math.sin(Math.PI / count));
  const ring = ball - each;
  return (
    <>
      {Array.from({ length: count }, (_, k) => {
        const turn = (360 / count) * k;
        return (
          <g key={k} transform={`rotate(${turn})`}>
            <circle cx={ring} r={each} fill={colors.mossPale} stroke={colors.moss} strokeWidth={1.5} />
            <path
              d={`M${ring} 0 H${Math.max(ring + each, half * 0.86)} m-4 -4 l4 4 l-4 4`}
              stroke={colors.clay}
              strokeWidth={2}
              fill="none"
              strokeLinecap="round"
            />
          </g>
        );
      })}
    </>
  );
}

export function PlanView({ pot, plant, placement, leftPx, topPx, sizePx }: PlanViewProps) {
  const scale = (sizePx - 6) / pot.rimDiameterCm;
  const middle = sizePx / 2;
  const half = (pot.rimDiameterCm * scale) / 2;
  const ball = Math.min(half, (plant.rootBallDiameterCm * scale) / 2);
  const isDiagonal = placement.position === 'on the diagonal';
  const runs = placement.position === 'back to the wall' || isDiagonal;
  const away = Math.min(half - ball, placement.offsetCm * scale);
  // On the diagonal the back goes into the near left corner.
  const dx = isDiagonal ? -away * 0.71 : -away;
  const dy = isDiagonal ? away * 0.71 : 0;
  const tip = isDiagonal ? { x: half * 0.62, y: -half * 0.62 } : { x: half * 0.8, y: 0 };
  const fromX = dx + ball * (isDiagonal ? 0.5 : 0.7);
  const fromY = dy - (isDiagonal ? ball * 0.5 : 0);
  return (
    <g
      transform={`translate(${leftPx} ${topPx})`}
      data-part="plan"
      role="img"
      aria-label={`From above: ${placement.position}`}
    >
      {pot.shape === 'square' ? (
        <rect
          x={middle - half}
          y={middle - half}
          width={half * 2}
          height={half * 2}
          rx={4}
          fill={colors.raised}
          stroke={colors.inkSoft}
          strokeWidth={2}
        />
      ) : (
        <circle cx={middle} cy={middle} r={half} fill={colors.raised} stroke={colors.inkSoft} strokeWidth={2} />
      )}
      <g transform={`translate(${middle} ${middle})`}>
        {plant.plantCount > 1 ? (
          <Together count={plant.plantCount} ball={ball} half={half} />
        ) : (
          <circle cx={dx} cy={dy} r={ball} fill={colors.mossPale} stroke={colors.moss} strokeWidth={1.5} />
        )}
        {plant.plantCount > 1 ? null : runs ? (
          <g stroke={colors.clay} strokeWidth={2} fill="none" strokeLinecap="round">
            <path d={`M${fromX} ${fromY} L${tip.x} ${tip.y}`} />
            <path
              d={
                isDiagonal
                  ? `M${tip.x - 7} ${tip.y} H${tip.x} V${tip.y + 7}`
                  : `M${tip.x - 5} ${tip.y - 5} L${tip.x} ${tip.y} L${tip.x - 5} ${tip.y + 5}`
              }
            />
          </g>
        ) : (
          <circle cx={dx} cy={dy} r={2.5} fill={colors.moss} />
        )}
      </g>
      <text x={middle} y={sizePx + 10} fontSize={11} fill={colors.inkSoft} textAnchor="middle">
        from above
      </text>
    </g>
  );
}
