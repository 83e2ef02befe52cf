'use client';

/** The setup on the stage as it is drawn: in its pot, on its mount, or beside what is tried on it. */
import dynamic from 'next/dynamic';
import { memo } from 'react';
import type { PlantInHand, SetupCurve, SetupSpec } from '@core';
import type { SetupReview } from '@core/words';
import { MountDrawing } from '../../../drawing/mount-drawing';
import { PotDrawing } from '../../../drawing/pot-drawing';
import { useUnits } from '../../../data/units-context';
import { useMedia } from '../../../theme/use-media';
import { edit, showMonth } from '../state/actions';
import { useAbove } from '../state/above-store';
import { usePlanned } from '../state/plan-store';
import { useWhatIf } from '../state/what-if-store';

const WhatIfStage = dynamic(() => import('../what-if/what-if-stage').then((file) => file.WhatIfStage), { ssr: false });

/** About as many pixels as it has on the screen, so that letters and handles keep their size. */
const WIDE_PX = { widthPx: 540, heightPx: 356 };
const PHONE_PX = { widthPx: 352, heightPx: 236 };

/** What belongs together in one drawing. */
export interface Drawn {
  readonly spec: SetupSpec;
  readonly plant: PlantInHand;
  readonly review: SetupReview;
  readonly curve: SetupCurve | null;
}

interface DrawnSetupProps {
  /** null: nothing is drawn yet, and its room is kept. */
  readonly drawn: Drawn | null;
  readonly hour: number;
  readonly monthIndex: number;
  /** The pot is looked at from above, too. */
  readonly isAbove: boolean;
}

export const DrawnSetup = memo(function DrawnSetup({ drawn, hour, monthIndex, isAbove }: DrawnSetupProps) {
  const { units } = useUnits();
  const size = useMedia('(max-width: 560px)') ? PHONE_PX : WIDE_PX;
  const triedCurve = usePlanned((state) => state.tried?.curve ?? null);
  const change = useWhatIf((state) => state.change);
  const movedStands = useAbove((state) => state.stands);
  if (!drawn) return <div aria-hidden="true" style={{ aspectRatio: size.widthPx / size.heightPx }} />;
  const { spec, plant, review, curve } = drawn;
  if (change)
    return (
      <WhatIfStage
        spec={spec}
        review={review}
        curve={curve}
        change={change}
        triedCurve={triedCurve}
        plant={plant}
        hour={hour}
        monthIndex={monthIndex}
        units={units}
        onMonth={showMonth}
      />
    );
  return spec.vessel.kind === 'pot' ? (
    <PotDrawing
      spec={spec}
      plant={plant}
      placement={movedStands && isAbove ? { ...review.placement, stands: movedStands } : review.placement}
      curve={curve}
      hour={hour}
      units={units}
      {...size}
      onEdit={edit}
    />
  ) : (
    <MountDrawing spec={spec} plant={plant} curve={curve} hour={hour} units={units} {...size} />
  );
});
