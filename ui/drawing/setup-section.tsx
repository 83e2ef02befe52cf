'use client';

/** A setup in section without labels, at a given scale: what-if and comparison put several side by side. */
import { makeMount, type Placement, type PlantInHand, potOf, type SetupCurve, type SetupSpec } from '@core';
import type { WordUnits } from '@core/words';
import { MountDrawing } from './mount-drawing';
import { PotDrawing } from './pot-drawing';
import { outerDepthCm } from './reservoir';

interface SetupSectionProps {
  readonly spec: SetupSpec;
  readonly plant: PlantInHand;
  readonly placement: Placement;
  readonly curve: SetupCurve | null;
  readonly hour: number;
  readonly units: WordUnits;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly scale: number;
}

/** Room a setup needs in the drawing with a little plant above it, cm. */
export function extentCm(spec: SetupSpec): { readonly widthCm: number; readonly heightCm: number } {
  if (spec.vessel.kind === 'mount') {
    const { heightCm } = makeMount(spec.vessel.mountKindId, spec.vessel.widthCm, spec.vessel.padThicknessCm);
    return { widthCm: spec.vessel.widthCm * 0.8 + 10, heightCm: heightCm + 5.5 };
  }
  const pot = potOf(spec.vessel);
  const outer = pot.reservoir.kind === 'wicks' ? 2.4 : 0;
  return { widthCm: pot.rimDiameterCm + 1.5 + outer, heightCm: pot.heightCm * 1.42 + 1.5 + outerDepthCm(pot) };
}

/** The one scale at which every setup fits its box, px per cm. */
export function commonScale(specs: readonly SetupSpec[], widthPx: number, heightPx: number): number {
  return Math.min(
    ...specs.map((spec) => {
      const { widthCm, heightCm } = extentCm(spec);
      return Math.min((widthPx - 12) / widthCm, (heightPx - 16) / heightCm);
    }),
  );
}

export function SetupSection({ placement, ...props }: SetupSectionProps) {
  return props.spec.vessel.kind === 'pot' ? (
    <PotDrawing {...props} placement={placement} isBare onEdit={null} />
  ) : (
    <MountDrawing {...props} isBare />
  );
}
