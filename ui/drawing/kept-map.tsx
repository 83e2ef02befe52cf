/** A growth map as it was drawn on a day: shoots where they stood, those that are new since the map before ringed. */
import { shootsFromAbove } from '@core/words';
import { type GrowthMapSaid, shootsSince } from '@core';
import { colors } from '../theme/tokens';
import { PSEUDOBULB, LEAF_LINE, YOUNG_PSEUDOBULB } from './plant/colors';
import { PotAbove } from './pot-above';

interface KeptMapProps {
  readonly map: GrowthMapSaid;
  /** The one drawn before it; null for the first. */
  readonly before: GrowthMapSaid | null;
  readonly sizePx: number;
}

const LEAST_HALF_CM = 4;
const BEYOND_SHARE = 1.12;
const RAD = Math.PI / 180;

type Shoot = GrowthMapSaid['plants'][number]['bulbs'][number] & { readonly headingDeg: number | null };

const shootsOf = ({ plants }: GrowthMapSaid): readonly Shoot[] =>
  plants.flatMap(({ bulbs, leads }) => [...bulbs.map((bulb) => ({ ...bulb, headingDeg: null })), ...leads]);

export function KeptMap({ map, before, sizePx }: KeptMapProps) {
  const shoots = shootsOf(map);
  const grown = before ? shootsSince(before, map) : [];
  const widest = Math.max(...shoots.map(({ xCm, yCm }) => Math.hypot(xCm, yCm)));
  const half = BEYOND_SHARE * Math.max(LEAST_HALF_CM, (map.rim?.widthCm ?? 0) / 2, widest + 1);
  const radius = half * 0.07;
  const told = shootsFromAbove(shoots.length, before ? grown.length : null);
  return (
    <svg
      width={sizePx}
      height={sizePx}
      viewBox={`${-half} ${-half} ${2 * half} ${2 * half}`}
      role="img"
      aria-label={told}
    >
      {map.rim ? <PotAbove shape={map.rim.shape} widthCm={map.rim.widthCm} strokeCm={half * 0.025} /> : null}
      <g transform="scale(1 -1)">
        {shoots.map((shoot, n) => {
          const { xCm, yCm, headingDeg } = shoot;
          const [dx, dy] = headingDeg === null ? [0, 0] : [Math.cos(headingDeg * RAD), Math.sin(headingDeg * RAD)];
          return (
            <g key={n} transform={`translate(${xCm} ${yCm})`}>
              {headingDeg === null ? null : (
                <line
                  x2={dx * radius * 2.4}
                  y2={dy * radius * 2.4}
                  stroke={colors.clay}
                  strokeWidth={radius * 0.4}
                  strokeLinecap="round"
                />
              )}
              <circle
                r={radius}
                fill={headingDeg === null ? PSEUDOBULB : YOUNG_PSEUDOBULB}
                fillOpacity={shoot.isSpent ? 0.3 : 1}
                stroke={LEAF_LINE}
                strokeWidth={radius * 0.18}
                strokeDasharray={shoot.isSpent ? `${radius * 0.5} ${radius * 0.35}` : undefined}
              />
              {grown.some((one) => one.xCm === xCm && one.yCm === yCm) ? (
                <circle r={radius * 1.5} fill="none" stroke={colors.clay} strokeWidth={radius * 0.25} />
              ) : null}
            </g>
          );
        })}
      </g>
    </svg>
  );
}
