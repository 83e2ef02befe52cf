'use client';

/** The setup as it is and as changed, side by side to one scale, drying together. */
import { changedSpec, type PlantInHand, type SetupCurve, type SetupSpec, type WhatIf } from '@core';
import { layerText, type SetupReview, vesselText, type WordUnits, monthsOld } from '@core/words';
import { useTriedWords } from '../state/worded';
import { commonScale, SetupSection } from '../../../drawing/setup-section';
import { MonthPair } from './month-pair';
import styles from './what-if.module.css';

interface WhatIfStageProps {
  readonly spec: SetupSpec;
  readonly review: SetupReview;
  readonly curve: SetupCurve | null;
  readonly change: WhatIf;
  readonly triedCurve: SetupCurve | null;
  readonly plant: PlantInHand;
  readonly hour: number;
  readonly monthIndex: number;
  readonly units: WordUnits;
  readonly onMonth: (monthIndex: number) => void;
}

const WIDTH_PX = 312;
const HEIGHT_PX = 232;

function captionOf(spec: SetupSpec, units: WordUnits): string {
  if (spec.vessel.kind === 'mount') return vesselText(spec, units);
  const main = spec.layers.find((layer) => layer.role === 'main')!;
  const age = spec.monthsOld ? monthsOld(spec.monthsOld) : '';
  return `${vesselText(spec, units)}: ${layerText(main, units)}${age}`;
}

export function WhatIfStage(props: WhatIfStageProps) {
  const { spec, review, curve, change, triedCurve, plant, hour, monthIndex, units, onMonth } = props;
  const after = useTriedWords()?.after ?? null;
  const afterSpec = changedSpec(spec, change);
  const scale = commonScale([spec, afterSpec], WIDTH_PX, HEIGHT_PX);
  const drawing = { hour, units, widthPx: WIDTH_PX, heightPx: HEIGHT_PX, scale, plant };
  return (
    <div>
      <div className={styles.pair}>
        <figure>
          <figcaption>
            <strong>As it is</strong> {captionOf(spec, units)}
          </figcaption>
          <SetupSection {...drawing} spec={spec} placement={review.placement} curve={curve} />
        </figure>
        <figure>
          <figcaption>
            <strong>Changed</strong> {captionOf(afterSpec, units)}
          </figcaption>
          <SetupSection
            {...drawing}
            spec={afterSpec}
            placement={after?.placement ?? review.placement}
            curve={triedCurve ?? curve}
          />
        </figure>
      </div>
      {after?.ruledOutBy ? (
        <p className={styles.warning} role="alert">
          <strong>Against the rules.</strong> {after.ruledOutBy.sentence}
        </p>
      ) : null}
      <MonthPair before={review} after={after ?? review} monthIndex={monthIndex} onMonth={onMonth} />
    </div>
  );
}
