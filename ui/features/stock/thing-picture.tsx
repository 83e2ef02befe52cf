/** What it is, at a glance: the bag of a medium as full as it is, a pot or mount to one scale, a small sign for the rest. */
import { makePot, mediumById, type StockThing, widthAtCm } from '@core';
import { PotWall } from '../../drawing/pot-wall';
import { colors, mediumColors, MOUNT_WOOD } from '../../theme/tokens';

const SIZE_PX = 64;
/** The widest of the trade is drawn whole. */
const WIDEST_CM = 22;

interface ThingPictureProps {
  readonly thing: StockThing;
  readonly amount: number;
  /** Litres of a full bag. */
  readonly bagL: number | undefined;
}

export function ThingPicture({ thing, amount, bagL }: ThingPictureProps) {
  return (
    <svg width={SIZE_PX} height={SIZE_PX} viewBox={`0 0 ${SIZE_PX} ${SIZE_PX}`} aria-hidden="true" focusable="false">
      {thing.kind === 'medium' ? <Bag mediumId={thing.mediumId} full={fullness(amount, bagL)} /> : null}
      {thing.kind === 'pot' ? <Pot potKindId={thing.potKindId} rimDiameterCm={thing.rimDiameterCm} /> : null}
      {thing.kind === 'mount' ? <Slab widthCm={thing.widthCm} /> : null}
      {thing.kind === 'sundry' ? <Spool /> : null}
    </svg>
  );
}

const USUAL_BAG_L = 20;

/** How full the bag that is open stands, 0..1; a full one where nothing of it is gone. */
function fullness(amount: number, bagL = USUAL_BAG_L): number {
  if (amount <= 0) return 0;
  return amount >= bagL ? 1 : amount / bagL;
}

const BAG_TALL = 42;

function Bag({ mediumId, full }: { readonly mediumId: string; readonly full: number }) {
  const tall = BAG_TALL * full;
  return (
    <g>
      <path
        d={`M16 ${58 - tall} H48 V54 Q48 58 44 58 H20 Q16 58 16 54 Z`}
        fill={mediumColors[mediumById(mediumId).family]}
        opacity={full > 0 ? 1 : 0}
      />
      <path
        d="M18 6 Q24 11 20 14 Q14 20 16 30 V54 Q16 58 20 58 H44 Q48 58 48 54 V30 Q50 20 44 14 Q40 11 46 6 Z"
        fill="none"
        stroke={colors.ink}
        strokeWidth={1.6}
      />
      <path d="M20 14 H44" stroke={colors.ink} strokeWidth={1.6} />
    </g>
  );
}

function Pot({ potKindId, rimDiameterCm }: { readonly potKindId: string; readonly rimDiameterCm: number }) {
  const pot = makePot(potKindId, Math.min(WIDEST_CM, rimDiameterCm));
  const scale = (SIZE_PX - 6) / WIDEST_CM;
  const half = (heightCm: number) => widthAtCm(pot, heightCm) / 2;
  return (
    <g transform={`translate(${SIZE_PX / 2} ${SIZE_PX - 5}) scale(${scale})`}>
      <path
        d={`M${-half(pot.heightCm)} ${-pot.heightCm} L${-half(0)} 0 H${half(0)} L${half(pot.heightCm)} ${-pot.heightCm} Z`}
        fill={colors.trough}
        stroke={colors.ink}
        strokeWidth={1.6 / scale}
        strokeLinejoin="round"
      />
      <PotWall pot={pot} />
    </g>
  );
}

function Slab({ widthCm }: { readonly widthCm: number }) {
  const wide = Math.min(48, 8 + widthCm * 1.6);
  return (
    <rect
      x={(SIZE_PX - wide) / 2}
      y={8}
      width={wide}
      height={48}
      rx={5}
      fill={MOUNT_WOOD}
      stroke={colors.ink}
      strokeWidth={1.6}
    />
  );
}

function Spool() {
  return (
    <g fill="none" stroke={colors.ink} strokeWidth={1.8}>
      <path d="M18 14 H46 M18 50 H46 M23 14 V50 M41 14 V50" />
      <path d="M23 21 L41 25 M23 28 L41 32 M23 35 L41 39 M23 42 L41 46" stroke={colors.water} />
    </g>
  );
}
