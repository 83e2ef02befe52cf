/** Standing water: in the foot of a closed pot, in a bowl about an open one, or in an outer pot with wicks. */
import { isOpenWork, type Pot, type SetupCurve, widthAtCm } from '@core';
import { colors } from '../theme/tokens';

interface ReservoirProps {
  readonly pot: Pot;
  readonly curve: SetupCurve | null;
  readonly hour: number;
}

function fullness(curve: SetupCurve | null, hour: number): number {
  if (!curve || curve.reservoirCapacityG <= 0) return 1;
  const row = curve.hours[Math.min(hour, curve.hours.length - 1)];
  return row ? row.reservoirG / curve.reservoirCapacityG : 1;
}

/** How far the outer pot of a wick setup reaches below the inner one, cm. */
export function outerDepthCm(pot: Pot): number {
  if (pot.reservoir.kind !== 'wicks') return 0;
  const outerArea = (Math.PI / 4) * (pot.rimDiameterCm + 1.6) ** 2;
  return (pot.reservoir.volumeL * 1000) / outerArea + 0.8;
}

const BOWL_WIDER_CM = 1.4;
const BOWL_RIM_CM = 0.6;

/** The bowl about a net pot, with its water. */
function Bowl({ pot, curve, hour }: ReservoirProps) {
  if (pot.reservoir.kind !== 'side holes') return null;
  const { holeHeightCm } = pot.reservoir;
  const foot = widthAtCm(pot, 0) / 2 + BOWL_WIDER_CM / 2;
  const rim = widthAtCm(pot, holeHeightCm) / 2 + BOWL_WIDER_CM;
  const top = holeHeightCm + BOWL_RIM_CM;
  const level = holeHeightCm * fullness(curve, hour);
  const wet = foot + ((rim - foot) * level) / top;
  return (
    <g data-part="bowl">
      <path d={`M${-foot} 0 L${-wet} ${-level} H${wet} L${foot} 0 Z`} fill={colors.water} opacity={0.65} />
      <path
        d={`M${-rim} ${-top} L${-foot} 0.25 H${foot} L${rim} ${-top}`}
        fill="none"
        stroke={colors.inkSoft}
        strokeWidth={0.3}
        strokeLinejoin="round"
      />
    </g>
  );
}

/** Behind the pot: the bowl or outer pot and its water. */
export function OuterPot({ pot, curve, hour }: ReservoirProps) {
  if (isOpenWork(pot)) return <Bowl pot={pot} curve={curve} hour={hour} />;
  if (pot.reservoir.kind !== 'wicks') return null;
  const depth = outerDepthCm(pot);
  const half = pot.rimDiameterCm / 2 + 0.8;
  const level = (depth - 0.8) * fullness(curve, hour);
  return (
    <g data-part="outer-pot">
      <rect x={-half} y={depth - level} width={half * 2} height={level} fill={colors.water} opacity={0.65} />
      <path
        d={`M${-half} ${depth - level} h${half * 2}`}
        stroke={colors.ink}
        strokeWidth={0.08}
        strokeDasharray="0.5 0.3"
      />
      <path
        d={`M${-half} ${-pot.heightCm * 0.9} V${depth} H${half} V${-pot.heightCm * 0.9}`}
        fill="none"
        stroke={colors.inkSoft}
        strokeWidth={0.3}
        strokeLinejoin="round"
      />
    </g>
  );
}

/** In front of the medium: wicks, or the water up to the side holes. */
export function InnerWater({ pot, curve, hour }: ReservoirProps) {
  const { reservoir } = pot;
  switch (reservoir.kind) {
    case 'none':
      return null;
    case 'wicks':
      return (
        <g data-part="wicks">
          {Array.from({ length: reservoir.wickCount }, (_, k) => {
            const x =
              reservoir.wickCount === 1 ? 0 : ((k / (reservoir.wickCount - 1)) * 2 - 1) * pot.baseDiameterCm * 0.25;
            return (
              <path
                key={k}
                d={`M${x} ${outerDepthCm(pot) - 0.3} V${-reservoir.wickReachCm}`}
                stroke="#f4f1e4"
                strokeWidth={0.5}
                strokeDasharray="0.45 0.12"
              />
            );
          })}
        </g>
      );
    case 'side holes': {
      const level = reservoir.holeHeightCm * fullness(curve, hour);
      const half = widthAtCm(pot, level) / 2;
      return (
        <g data-part="standing-water">
          <path
            d={`M${-widthAtCm(pot, 0) / 2} 0 L${-half} ${-level} H${half} L${widthAtCm(pot, 0) / 2} 0 Z`}
            fill={colors.water}
            opacity={0.55}
          />
          <path d={`M${-half} ${-level} H${half}`} stroke={colors.ink} strokeWidth={0.08} strokeDasharray="0.5 0.3" />
          {(isOpenWork(pot) ? [] : [-1, 1]).map((sign) => (
            <circle
              key={sign}
              cx={(sign * widthAtCm(pot, reservoir.holeHeightCm)) / 2 + sign * 0.08}
              cy={-reservoir.holeHeightCm}
              r={0.28}
              fill={colors.ground}
              stroke={colors.ink}
              strokeWidth={0.08}
            />
          ))}
        </g>
      );
    }
  }
}

const GAUGE_LOW_SHARE = 0.1;
const FLOAT_COLOR = '#c24b2c';
const WINDOW_CM = 2;

/** The float gauge of an outer pot: a float that stands as high as the water, its mark in a window at the rim. */
export function FloatGauge({ pot, curve, hour }: ReservoirProps) {
  if (pot.reservoir.kind !== 'wicks') return null;
  const depth = outerDepthCm(pot);
  const full = fullness(curve, hour);
  const x = pot.rimDiameterCm / 2 + 0.4;
  const top = -pot.heightCm * 0.98;
  const markY = top + WINDOW_CM * (1 - full);
  const floatY = depth - 0.6 - (depth - 1) * full;
  return (
    <g data-part="float-gauge">
      <title>{full <= GAUGE_LOW_SHARE ? 'Gauge: fill it' : `Gauge: ${Math.round(full * 100)} % full`}</title>
      <path d={`M${x} ${floatY} V${markY}`} stroke={FLOAT_COLOR} strokeWidth={0.14} />
      <rect
        x={x - 0.32}
        y={top}
        width={0.64}
        height={WINDOW_CM}
        rx={0.2}
        fill={colors.raised}
        fillOpacity={0.75}
        stroke={colors.ink}
        strokeWidth={0.08}
      />
      <path
        d={`M${x - 0.32} ${top + WINDOW_CM * (1 - GAUGE_LOW_SHARE)} h0.64`}
        stroke={colors.ink}
        strokeWidth={0.07}
      />
      <rect x={x - 0.22} y={markY - 0.16} width={0.44} height={0.32} fill={FLOAT_COLOR} />
      <circle cx={x} cy={floatY} r={0.34} fill={FLOAT_COLOR} stroke={colors.ink} strokeWidth={0.06} />
    </g>
  );
}
