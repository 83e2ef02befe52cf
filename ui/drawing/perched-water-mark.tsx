/** Marks how high the main layer’s passages stay full after draining: its foot, wherever that lies. */
import { comparePerchedWater, layerBounds, type PottedSetup, widthAtCm } from '@core';
import { cm, type WordUnits, wetFoot } from '@core/words';
import { colors } from '../theme/tokens';
import type { Frame } from './frame';

interface WetFootMarkProps {
  readonly setup: PottedSetup;
  readonly frame: Frame;
  readonly units: WordUnits;
}

/** Less than this is no foot worth a mark, cm. */
const LEAST_CM = 0.3;

export function PerchedWaterMark({ setup, frame, units }: WetFootMarkProps) {
  const { withCrocking } = comparePerchedWater(setup);
  const index = setup.layers.findIndex((layer) => layer.role === 'main');
  const base = layerBounds(setup.layers)[index]?.fromCm ?? 0;
  if (withCrocking.heightCm < LEAST_CM) return null;
  const top = base + withCrocking.heightCm;
  const x = frame.axisPx - (widthAtCm(setup.pot, top) / 2) * frame.scale - 9;
  const y = (heightCm: number) => frame.basePx - heightCm * frame.scale;
  return (
    <g data-part="wet-foot" pointerEvents="none">
      <title>{wetFoot(cm(withCrocking.heightCm, units))}</title>
      <path d={`M${x + 5} ${y(top)} H${x} V${y(base)} H${x + 5}`} fill="none" stroke={colors.water} strokeWidth={2} />
    </g>
  );
}
