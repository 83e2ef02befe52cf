'use client';

/** The growth map as a step: it begins as last time, or as usual, and each change is part of the case at once. */
import { useEffect } from 'react';
import { growthMapSchema } from '@core';
import { Button } from '../../../controls/button';
import { GrowthMap } from '../stage/growth-map';
import { drawPlant } from '../state/actions';
import { showFromAbove } from '../state/above-store';
import { useCase } from '../state/case-store';
import { usePlanned } from '../state/plan-store';
import { see, useInspect } from '../state/inspect-store';
import styles from './inspect.module.css';

function seeMap(growthMap: unknown): void {
  const read = growthMapSchema.safeParse(growthMap);
  see({ growthMap: read.success ? read.data : undefined });
}

export function MapStep({ onNext }: { readonly onNext: () => void }) {
  const view = usePlanned((state) => state.growth);
  const said = useCase((state) => state.answers.growthMap);
  const isSeen = useInspect((state) => state.seen.growthMap !== undefined);
  useEffect(() => {
    drawPlant();
    const end = useCase.subscribe((now, before) => {
      if (now.answers.growthMap !== before.answers.growthMap) seeMap(now.answers.growthMap);
    });
    return () => {
      end();
      showFromAbove(false);
    };
  }, []);
  if (!view) return <p className={styles.hint}>Drawing it as it usually stands…</p>;
  return (
    <div className={styles.map}>
      <GrowthMap view={view} onDone={onNext} />
      {said !== undefined && !isSeen ? (
        <Button
          isLarge
          onClick={() => {
            seeMap(said);
            onNext();
          }}
        >
          It stands as last time
        </Button>
      ) : null}
    </div>
  );
}
