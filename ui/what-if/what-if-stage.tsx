'use client';

/** The setup as it is and as changed, side by side to one scale, drying together. */
import { changedSpec, type PlantInHand, type SetupCurve, type SetupReview, type SetupSpec } from '@core';
import { mixText, vesselText, type WordUnits } from '@core/words';
import type { Tried } from '../bench/use-bench';
import { commonScale, SetupSection } from '../section/setup-section';
import { MonthPair } from './month-pair';
import styles from './what-if.module.css';

interface WhatIfStageProps {
  readonly spec: SetupSpec;
  readonly review: SetupReview;
  readonly curve: SetupCurve | null;
  readonly tried: Tried;
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
  const age = spec.monthsOld ? `, ${spec.monthsOld} months old` : '';
  return `${vesselText(spec, units)}: ${mixText(main.mix, units)}${age}`;
}

export function WhatIfStage(props: WhatIfStageProps) {
  const { spec, review, curve, tried, plant, hour, monthIndex, units, onMonth } = props;
  const { answer } = tried;
  const after = answer?.after ?? null;
  const afterSpec = changedSpec(spec, tried.change);
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
            curve={tried.curve ?? curve}
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
