/** The pot a plant is in, as far as it is known: its kind, its width to one scale, what fills it. */
import { makePot, mediaCatalogue, potKindById, vesselCatalogue, widthAtCm } from '@core';
import { colors, mediumColors, MOUNT_WOOD } from '../theme/tokens';
import { PotWall } from './pot-wall';

interface PotOutlineProps {
  /** A pot or a mount of the catalogue. */
  readonly vesselKind: string | undefined;
  readonly rimDiameterCm: number | undefined;
  readonly mediumId: string | undefined;
}

const SIZE_PX = 150;
/** Pots up to this wide are drawn to one scale; wider ones as wide. */
const WIDEST_CM = 24;
const USUAL_RIM_CM = 12;
const BARE = colors.trough;

export function PotOutline({ vesselKind, rimDiameterCm, mediumId }: PotOutlineProps) {
  const kind = vesselCatalogue.find(({ id }) => id === (vesselKind ?? 'plastic-round'));
  const medium = mediaCatalogue.find(({ id }) => id === mediumId);
  const isPot = kind !== undefined && 'rimDiametersCm' in kind;
  if (!isPot) {
    return (
      <svg width={SIZE_PX} height={SIZE_PX} viewBox="0 0 150 150" aria-hidden="true">
        <rect x={60} y={14} width={22} height={122} rx={5} fill={MOUNT_WOOD} stroke={colors.ink} />
      </svg>
    );
  }
  const rim = Math.min(WIDEST_CM, Math.max(4, rimDiameterCm ?? USUAL_RIM_CM));
  const pot = makePot(potKindById(kind.id).id, rim);
  const scale = (SIZE_PX - 16) / WIDEST_CM;
  const fillCm = pot.heightCm * 0.9;
  const half = (heightCm: number) => widthAtCm(pot, heightCm) / 2;
  return (
    <svg width={SIZE_PX} height={SIZE_PX} viewBox={`0 0 ${SIZE_PX} ${SIZE_PX}`} aria-hidden="true">
      <g
        transform={`translate(${SIZE_PX / 2} ${SIZE_PX - 12}) scale(${scale})`}
        opacity={rimDiameterCm === undefined && vesselKind === undefined ? 0.45 : 1}
      >
        <path
          d={`M${-half(fillCm)} ${-fillCm} L${-half(0)} 0 H${half(0)} L${half(fillCm)} ${-fillCm} Z`}
          fill={medium ? mediumColors[medium.family] : BARE}
          stroke={colors.ink}
          strokeWidth={0.08}
          strokeDasharray={medium ? undefined : '0.5 0.4'}
        />
        <PotWall pot={pot} />
      </g>
    </svg>
  );
}
