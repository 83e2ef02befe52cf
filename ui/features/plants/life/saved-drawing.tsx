'use client';

/** A kept setup in section. */
import { resolveCase } from '@core';
import { useUnits } from '../../../data/units-context';
import { usePlacement } from '../../../data/use-placement';
import { MountDrawing } from '../../../drawing/mount-drawing';
import { PotDrawing } from '../../../drawing/pot-drawing';
import type { SavedPlan } from '../../../data/saved-plan';

const DRAWN_PX = { widthPx: 560, heightPx: 300 };

export function SavedDrawing({ saved }: { readonly saved: SavedPlan }) {
  const { units } = useUnits();
  const { planCase, spec } = saved;
  const placement = usePlacement(planCase, spec);
  const drawn = { spec, plant: resolveCase(planCase).plant, curve: null, hour: 0, units, ...DRAWN_PX };
  if (spec.vessel.kind === 'mount') return <MountDrawing {...drawn} />;
  if (!placement) return <div aria-busy style={{ aspectRatio: DRAWN_PX.widthPx / DRAWN_PX.heightPx }} />;
  return <PotDrawing {...drawn} placement={placement} onEdit={null} />;
}
