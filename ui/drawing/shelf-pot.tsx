/** A small section of a setup, all on the shelf drawn to one scale. */
import { memo } from 'react';
import {
  filledHeightCm,
  heaviestPart,
  layerBounds,
  makeMount,
  type PottedSetup,
  realise,
  type SetupSpec,
  widthAtCm,
} from '@core';
import { piecesOf } from './pieces';
import { PieceShapes } from './piece-shapes';
import { ROOT } from './plant/colors';
import { PotWall } from './pot-wall';
import { colors, mediumColors, MOUNT_WOOD } from '../theme/tokens';

/** Height of the board's edge under what stands on it, px. */
export const FOOT_PX = 5;
/** Walls and strokes stand out so far, cm. */
const EDGE_CM = 0.6;

/** Room a setup takes on the shelf as it is drawn, cm. */
export function shelfSizeCm(spec: SetupSpec): { readonly tallCm: number; readonly wideCm: number } {
  if (spec.vessel.kind === 'mount') {
    const { heightCm } = makeMount(spec.vessel.mountKindId, spec.vessel.widthCm, spec.vessel.padThicknessCm);
    return { tallCm: heightCm + EDGE_CM, wideCm: 2 * (MOUNT_THICK_CM + spec.vessel.padThicknessCm) + EDGE_CM };
  }
  const setup = realise(spec) as PottedSetup;
  const outerCm = setup.pot.reservoir.kind === 'wicks' ? 2 * OUTER_GAP_CM : 0;
  return {
    tallCm: Math.max(setup.pot.heightCm, filledHeightCm(setup)) + EDGE_CM,
    wideCm: setup.pot.rimDiameterCm + outerCm + 2 * EDGE_CM,
  };
}

const OUTER_GAP_CM = 0.8;
const MOUNT_THICK_CM = 1.6;

interface ShelfPotProps {
  readonly spec: SetupSpec;
  /** Pixels per centimetre, the same for the whole shelf. */
  readonly scale: number;
  readonly widthPx: number;
  readonly heightPx: number;
}

export const ShelfPot = memo(function ShelfPot({ spec, scale, widthPx, heightPx }: ShelfPotProps) {
  return (
    <svg width={widthPx} height={heightPx} viewBox={`0 0 ${widthPx} ${heightPx}`} aria-hidden="true" focusable="false">
      <g transform={`translate(${widthPx / 2} ${heightPx - FOOT_PX + 2}) scale(${scale})`}>
        {spec.vessel.kind === 'pot' ? <SmallPot spec={spec} /> : <SmallMount spec={spec} />}
      </g>
    </svg>
  );
});

function SmallPot({ spec }: { readonly spec: SetupSpec }) {
  const { pot, layers } = realise(spec) as PottedSetup;
  const half = (h: number) => widthAtCm(pot, h) / 2;
  const bounds = layerBounds(layers);
  const surface = filledHeightCm({ kind: 'pot', pot, layers });
  return (
    <g>
      {pot.reservoir.kind === 'wicks' ? (
        <path
          d={`M${-pot.rimDiameterCm / 2 - OUTER_GAP_CM} ${-pot.heightCm} V0.1 H${pot.rimDiameterCm / 2 + OUTER_GAP_CM} V${-pot.heightCm}`}
          fill="none"
          stroke={colors.water}
          strokeWidth={0.5}
        />
      ) : null}
      {layers.map((layer, i) => {
        const { fromCm: from, toCm: bottom } = bounds[i]!;
        const main = heaviestPart(layer.mix).medium;
        const coarse = layer.mix.map((part) => ({
          ...part,
          medium: {
            ...part.medium,
            d10Mm: Math.max(4, part.medium.d10Mm),
            d90Mm: Math.max(6, part.medium.d90Mm),
          },
        }));
        return (
          <g key={i}>
            <path
              d={`M${-half(from)} ${-from} L${-half(bottom)} ${-bottom} H${half(bottom)} L${half(from)} ${-from} Z`}
              fill={mediumColors[main.family]}
              opacity={0.45}
            />
            <PieceShapes
              pieces={piecesOf(
                { ...layer, mix: coarse },
                { halfWidthCm: half, innerHalfCm: () => 0, fromCm: from, toCm: bottom },
                3 + i,
              )}
            />
          </g>
        );
      })}
      {pot.reservoir.kind === 'side holes' ? (
        <rect
          x={-half(0)}
          y={-pot.reservoir.holeHeightCm}
          width={half(0) * 2}
          height={pot.reservoir.holeHeightCm}
          fill={colors.water}
          opacity={0.5}
        />
      ) : null}
      <path d={`M${-half(surface)} ${-surface} H${half(surface)}`} stroke={colors.ink} strokeWidth={0.12} />
      <PotWall pot={pot} />
    </g>
  );
}

function SmallMount({ spec }: { readonly spec: SetupSpec }) {
  if (spec.vessel.kind !== 'mount') return null;
  const mount = makeMount(spec.vessel.mountKindId, spec.vessel.widthCm, spec.vessel.padThicknessCm);
  const pad = mount.padThicknessCm;
  return (
    <g>
      <rect
        x={-MOUNT_THICK_CM}
        y={-mount.heightCm}
        width={MOUNT_THICK_CM}
        height={mount.heightCm}
        rx={0.3}
        fill={MOUNT_WOOD}
        stroke={colors.ink}
        strokeWidth={0.12}
      />
      <rect
        x={0}
        y={-mount.heightCm * 0.83}
        width={Math.max(0.3, pad)}
        height={mount.heightCm * 0.67}
        rx={0.3}
        fill={pad > 0 ? mediumColors.sphagnum : ROOT}
        stroke={colors.ink}
        strokeWidth={0.12}
      />
    </g>
  );
}
