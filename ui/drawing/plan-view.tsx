/** The pot from above: round or square, where the ball goes, and which way growth runs. */
import type { Placement, PlantInHand, Pot } from '@core';
import { colors } from '../theme/tokens';
import { BULB, LEAF, LEAF_LINE, YOUNG_BULB } from './plant/colors';
import { figureOf } from './plant/figure';

interface PlanViewProps {
  readonly pot: Pot;
  readonly plant: PlantInHand;
  readonly placement: Placement;
  readonly leftPx: number;
  readonly topPx: number;
  readonly sizePx: number;
}

/** Leaves of a shoot as seen from above, in cm. */
const LEAF_WIDE_SHARE = 0.22;
const MOST_LEAVES_ABOVE = 6;

interface ShootsProps {
  readonly plant: PlantInHand;
  /** Where the middle of the ball lies, px. */
  readonly x: number;
  readonly y: number;
  readonly scale: number;
  /** Which way growth runs, degrees; 0 = to the right. */
  readonly turnDeg: number;
  /** How far leaves may reach, cm. */
  readonly reachCm: number;
}

/** The plant of the section, from above: each shoot where it stands, the newest pale. */
function Shoots({ plant, x, y, scale, turnDeg, reachCm }: ShootsProps) {
  const figure = figureOf(plant);
  const leafCm = Math.min(reachCm, plant.heightCm * 0.55);
  const isStem = figure.form.stem !== undefined;
  return (
    <g transform={`translate(${x} ${y}) rotate(${turnDeg}) scale(${scale})`}>
      {figure.shoots.map((shoot, k) => {
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
              r={isStem ? 0.5 : Math.min(1.1, Math.max(0.4, plant.heightCm * 0.025))}
              fill={shoot.isNewest ? YOUNG_BULB : BULB}
              stroke={LEAF_LINE}
              strokeWidth={0.15}
            />
          </g>
        );
      })}
    </g>
  );
}

/** One arrow for each plant of several. */
function OutwardArrows({
  count,
  ball,
  half,
}: {
  readonly count: number;
  readonly ball: number;
  readonly half: number;
}) {
  return (
    <>
      {Array.from({ length: count }, (_, k) => (
        <path
          key={k}
          transform={`rotate(${(360 / count) * k})`}
          d={`M${ball * 0.8} 0 H${Math.max(ball, half * 0.9)} m-4 -4 l4 4 l-4 4`}
          stroke={colors.clay}
          strokeWidth={2}
          fill="none"
          strokeLinecap="round"
        />
      ))}
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
        <circle
          cx={dx}
          cy={dy}
          r={ball}
          fill={colors.mossPale}
          stroke={colors.moss}
          strokeWidth={1}
          strokeDasharray="3 2"
        />
        <Shoots
          plant={plant}
          x={dx}
          y={dy}
          scale={scale}
          turnDeg={isDiagonal ? -45 : 0}
          reachCm={(half - Math.hypot(dx, dy)) / scale}
        />
        {plant.plantCount > 1 ? <OutwardArrows count={plant.plantCount} ball={ball} half={half} /> : null}
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
        ) : null}
      </g>
      <text x={middle} y={sizePx + 10} fontSize={11} fill={colors.inkSoft} textAnchor="middle">
        from above
      </text>
    </g>
  );
}
