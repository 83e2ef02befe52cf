/** Turns a catalogue kind and a size into a pot or mount with all its measures. */
import { round1 } from '../../base';
import { type Mount, type Pot, type Reservoir, volumeBetweenL } from '../../physics/pots';
import { mountKindById, potKindById } from './vessels';

/** Two wicks from this rim diameter on (common practice). */
export const TWO_WICKS_FROM_CM = 18;
/** Share of the height at which the side holes sit (common practice: a few cm up). */
const SIDE_HOLE_HEIGHT_SHARE = 0.25;
/** Room in the outer pot for water, as a share of the inner pot's volume (from memory). */
const OUTER_POT_SHARE = 0.25;

function reservoirFor(kind: 'none' | 'side holes' | 'wicks', bare: Pot): Reservoir {
  switch (kind) {
    case 'none':
      return { kind: 'none' };
    case 'side holes':
      return { kind: 'side holes', holeHeightCm: Math.max(2, bare.heightCm * SIDE_HOLE_HEIGHT_SHARE) };
    case 'wicks':
      return {
        kind: 'wicks',
        volumeL: OUTER_POT_SHARE * volumeBetweenL(bare, 0, bare.heightCm),
        wickCount: bare.rimDiameterCm >= TWO_WICKS_FROM_CM ? 2 : 1,
        wickReachCm: 0.7 * bare.heightCm,
      };
  }
}

/** What a grower measured on their own pot; whatever is missing follows the kind's usual proportions. */
export interface PotMeasures {
  readonly heightCm?: number;
  readonly baseDiameterCm?: number;
  readonly wickCount?: number;
}

export function makePot(potKindId: string, rimDiameterCm: number, measured: PotMeasures = {}): Pot {
  const kind = potKindById(potKindId);
  const heightCm = measured.heightCm ?? round1(rimDiameterCm * kind.heightPerRim);
  const baseDiameterCm = measured.baseDiameterCm ?? round1(rimDiameterCm * kind.basePerRim);
  const baseAreaCm2 = kind.shape === 'round' ? (Math.PI / 4) * baseDiameterCm ** 2 : baseDiameterCm ** 2;
  const coneHeightCm = Math.min(kind.coneHeightCm, heightCm / 3);
  const bare: Pot = {
    kind: 'pot',
    potKindId,
    shape: kind.shape,
    rimDiameterCm,
    baseDiameterCm,
    heightCm,
    cone:
      coneHeightCm > 0
        ? { heightCm: coneHeightCm, baseDiameterCm: baseDiameterCm * 0.45, tipDiameterCm: baseDiameterCm * 0.2 }
        : null,
    wall: kind.wall,
    wallThicknessMm: kind.wallThicknessMm,
    openShare: kind.openShare,
    baseOpenAreaCm2: kind.baseOpenShare * baseAreaCm2,
    reservoir: { kind: 'none' },
  };
  const reservoir = reservoirFor(kind.reservoir, bare);
  const wicked =
    reservoir.kind === 'wicks' && measured.wickCount !== undefined
      ? { ...reservoir, wickCount: measured.wickCount }
      : reservoir;
  return { ...bare, reservoir: wicked };
}

export function makeMount(mountKindId: string, widthCm: number, padThicknessCm: number): Mount {
  const kind = mountKindById(mountKindId);
  return {
    kind: 'mount',
    potKindId: mountKindId,
    material: kind.material,
    widthCm,
    heightCm: round1(widthCm * kind.heightPerWidth),
    padThicknessCm,
  };
}
