/** Turns a catalogue kind and a size into a pot or mount with all its measures. */
import { round1 } from '../../base';
import { type Mount, type Pot, type Reservoir, volumeBetweenL } from '../../physics/pots';
import { k } from './constants';
import { mountKindById, type PotKind, potKindById } from './vessels';

function reservoirFor(kind: PotKind['reservoir'], bare: Pot): Reservoir {
  switch (kind) {
    case 'none':
      return { kind: 'none' };
    case 'side holes':
      return {
        kind: 'side holes',
        holeHeightCm: Math.max(k.LEAST_SIDE_HOLE_CM, bare.heightCm * k.SIDE_HOLE_HEIGHT_SHARE),
      };
    case 'bowl':
      return { kind: 'side holes', holeHeightCm: Math.min(k.BOWL_WATER_CM, bare.heightCm * k.MOST_BOWL_SHARE) };
    case 'wicks':
      return {
        kind: 'wicks',
        volumeL: k.OUTER_POT_SHARE * volumeBetweenL(bare, 0, bare.heightCm),
        wickCount: bare.rimDiameterCm >= k.TWO_WICKS_FROM_CM ? 2 : 1,
        wickReachCm: k.WICK_REACH_SHARE * bare.heightCm,
      };
  }
}

/** What a grower measured on their own pot; whatever is missing follows the kind's usual proportions. */
export interface PotMeasures {
  readonly heightCm?: number;
  readonly baseDiameterCm?: number;
  readonly wickCount?: number;
  readonly wickHeightCm?: number;
}

export function makePot(potKindId: string, rimDiameterCm: number, measured: PotMeasures = {}): Pot {
  const kind = potKindById(potKindId);
  const heightCm = measured.heightCm ?? round1(rimDiameterCm * kind.heightPerRim);
  const baseDiameterCm = measured.baseDiameterCm ?? round1(rimDiameterCm * kind.basePerRim);
  const baseAreaCm2 = kind.shape === 'round' ? (Math.PI / 4) * baseDiameterCm ** 2 : baseDiameterCm ** 2;
  const coneHeightCm = Math.min(kind.coneHeightCm, heightCm * k.CONE_MOST_SHARE);
  const bare: Pot = {
    kind: 'pot',
    potKindId,
    shape: kind.shape,
    rimDiameterCm,
    baseDiameterCm,
    heightCm,
    cone:
      coneHeightCm > 0
        ? {
            heightCm: coneHeightCm,
            baseDiameterCm: baseDiameterCm * k.CONE_BASE_SHARE,
            tipDiameterCm: baseDiameterCm * k.CONE_TIP_SHARE,
          }
        : null,
    wall: kind.wall,
    wallThicknessMm: kind.wallThicknessMm,
    openShare: kind.openShare,
    baseOpenAreaCm2: kind.baseOpenShare * baseAreaCm2,
    reservoir: { kind: 'none' },
  };
  const reservoir = reservoirFor(kind.reservoir, bare);
  const wicked =
    reservoir.kind === 'wicks'
      ? {
          ...reservoir,
          wickCount: measured.wickCount ?? reservoir.wickCount,
          wickReachCm: Math.min(heightCm, measured.wickHeightCm ?? reservoir.wickReachCm),
        }
      : reservoir;
  return { ...bare, reservoir: wicked };
}

export function makeMount(mountKindId: string, widthCm: number, padThicknessCm: number, isLying = false): Mount {
  const kind = mountKindById(mountKindId);
  return {
    kind: 'mount',
    potKindId: mountKindId,
    material: kind.material,
    widthCm,
    heightCm: round1(widthCm * kind.heightPerWidth),
    padThicknessCm,
    isLying,
  };
}
