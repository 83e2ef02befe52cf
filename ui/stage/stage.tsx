'use client';

import { RollbackOutlined, SwapOutlined, UndoOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useCallback, useDeferredValue, useEffect, useState } from 'react';
import { days, monthNames, setupTitle, vesselText, type WordUnits } from '@core/words';
import type { BenchState } from '../bench/use-bench';
import { WhatIfStage } from '../what-if/what-if-stage';
import { MountDrawing } from '../section/mount-drawing';
import { PotDrawing } from '../section/pot-drawing';
import { DryCurve } from './dry-curve';
import { MonthStrip } from './month-strip';
import styles from './stage.module.css';
import { KEY_STEP_HOURS, TimeControl } from './time-control';

const DRAWING_WIDTH_PX = 640;
const DRAWING_HEIGHT_PX = 306;

interface StageProps {
  readonly bench: BenchState;
  readonly units: WordUnits;
}

export function Stage({ bench, units }: StageProps) {
  const { spec, review, curve, plan, monthIndex } = bench;
  const [hour, setHour] = useState(0);
  // The drawing may lag a fast hand; the slider never does.
  const drawnHour = useDeferredValue(hour);
  const last = curve ? curve.hours.length - 1 : 0;
  const moveHour = useCallback((next: number) => setHour(Math.max(0, next)), []);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (
        target.closest(
          'input, textarea, [role="slider"], [role="combobox"], [role="radiogroup"], .ant-select, .ant-modal',
        )
      )
        return;
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.key === 'ArrowRight') setHour((before) => Math.min(last, before + KEY_STEP_HOURS));
      else if (event.key === 'ArrowLeft') setHour((before) => Math.max(0, before - KEY_STEP_HOURS));
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [last]);

  if (!spec || !review || !plan) {
    return (
      <section className={styles.stage} aria-label="The chosen setup">
        <p className={styles.empty}>{bench.failure ?? 'Working it out…'}</p>
      </section>
    );
  }
  const { plant } = plan.resolved;
  const shownHour = Math.min(drawnHour, last);
  const time = review.daysByMonth[monthIndex];
  return (
    <section className={styles.stage} aria-label="The chosen setup">
      <div className={styles.head}>
        <div className={styles.name}>
          <h1>{setupTitle(spec, units)}</h1>
          {spec.vessel.kind === 'pot' ? <span className={styles.sub}>{vesselText(spec, units)}</span> : null}
        </div>
        <span className={styles.actions}>
          {bench.tried ? null : (
            <Button icon={<SwapOutlined />} onClick={() => bench.tryChange({})}>
              What if…
            </Button>
          )}
          {bench.canUndo ? (
            <Button icon={<UndoOutlined />} onClick={bench.undo}>
              Undo
            </Button>
          ) : null}
          {bench.draft.edited ? (
            <Button icon={<RollbackOutlined />} onClick={bench.resetEdit}>
              As proposed
            </Button>
          ) : null}
        </span>
      </div>
      {review.ruledOutBy ? (
        <p className={styles.warning} role="alert">
          <strong>Against the rules now.</strong> {review.ruledOutBy.sentence}
        </p>
      ) : null}
      {bench.tried ? (
        <WhatIfStage
          spec={spec}
          review={review}
          curve={curve}
          tried={bench.tried}
          plant={plant}
          hour={shownHour}
          monthIndex={monthIndex}
          units={units}
          onMonth={bench.showMonth}
        />
      ) : spec.vessel.kind === 'pot' ? (
        <PotDrawing
          spec={spec}
          plant={plant}
          placement={review.placement}
          curve={curve}
          hour={shownHour}
          units={units}
          widthPx={DRAWING_WIDTH_PX}
          heightPx={DRAWING_HEIGHT_PX}
          onEdit={bench.edit}
        />
      ) : (
        <MountDrawing
          spec={spec}
          plant={plant}
          curve={curve}
          hour={shownHour}
          units={units}
          widthPx={DRAWING_WIDTH_PX}
          heightPx={DRAWING_HEIGHT_PX}
        />
      )}
      {curve ? (
        <>
          <div className={styles.curve}>
            <DryCurve curve={curve} other={bench.tried?.curve ?? null} hour={shownHour} />
          </div>
          <TimeControl
            curve={curve}
            hour={Math.min(hour, last)}
            shownHour={shownHour}
            units={units}
            due={`${monthNames[monthIndex]}: ${time?.status === 'dries' ? `water after ${days(time.days)}` : 'wet beyond 60 days'}`}
            onHour={moveHour}
          />
        </>
      ) : null}
      {bench.tried ? null : (
        <MonthStrip byMonth={review.daysByMonth} year={review.year} monthIndex={monthIndex} onMonth={bench.showMonth} />
      )}
    </section>
  );
}
