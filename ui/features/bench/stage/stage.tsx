'use client';

import { AimOutlined, LineChartOutlined, RollbackOutlined, SwapOutlined, UndoOutlined } from '@ant-design/icons';
import dynamic from 'next/dynamic';
import { useDeferredValue } from 'react';
import { useStore } from 'zustand';
import { answerLine } from '@core/words';
import { useUnits } from '../../../data/units-context';
import { useMedia } from '../../../theme/use-media';
import { asProposed, edit, showMonth } from '../state/actions';
import { lookFromAbove, useAbove } from '../state/above-store';
import { usePlanned } from '../state/plan-store';
import { undoEdit, useStage } from '../state/stage-store';
import { tryChange, useWhatIf } from '../state/what-if-store';
import { useMonthIndex, usePlanWords, useReading, useReviewWords, useSpec } from '../state/worded';
import { MountDrawing } from '../../../drawing/mount-drawing';
import { PotDrawing } from '../../../drawing/pot-drawing';
import { dueText } from './due';
import { MonthStrip } from './month-strip';
import styles from './stage.module.css';
import { showHour, useHour } from './hours';
import { TimeControl } from './time-control';
import { Button } from '../../../controls/button';

/** When what is being drawn now stands on the screen. */
function afterPaint(): Promise<void> {
  return new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
}

/** The curve's library is large: the answer does not wait for it. */
const DryCurve = dynamic(
  () =>
    afterPaint()
      .then(() => import('./dry-curve'))
      .then((file) => file.DryCurve),
  {
    ssr: false,
  },
);
const FromAbove = dynamic(() => import('./from-above').then((file) => file.FromAbove), { ssr: false });
const WhatIfStage = dynamic(() => import('../what-if/what-if-stage').then((file) => file.WhatIfStage), { ssr: false });

/** About as many pixels as it has on the screen, so that letters and handles keep their size. */
const WIDE_PX = { widthPx: 540, heightPx: 356 };
const PHONE_PX = { widthPx: 352, heightPx: 236 };

export function Stage() {
  const { units } = useUnits();
  const size = useMedia('(max-width: 560px)') ? PHONE_PX : WIDE_PX;
  const spec = useSpec();
  const review = useReviewWords();
  const monthIndex = useMonthIndex();
  const plan = usePlanWords();
  const curve = usePlanned((state) => state.curve);
  const triedCurve = usePlanned((state) => state.tried?.curve ?? null);
  const failure = usePlanned((state) => state.failure);
  const change = useWhatIf((state) => state.change);
  const isEdited = useStage((state) => state.edited !== null);
  const canUndo = useStore(useStage.temporal, (state) => state.pastStates.length > 0);
  const isAboveWanted = useAbove((state) => state.isOpen);
  const movedStands = useAbove((state) => state.stands);
  const hour = useHour((state) => state.hour);
  // The drawing may lag a fast hand; the slider never does.
  const drawnHour = useDeferredValue(hour);
  const last = curve ? curve.hours.length - 1 : 0;

  const isFaulty = useReading().status === 'faulty';
  // The first drawing follows the first words, in the time that they leave: together they would hold the page up.
  const isDrawn = useDeferredValue(spec !== null && review !== null && plan !== null, false);

  if (!spec || !review || !plan) {
    return (
      <section className={styles.stage} aria-label="The chosen setup">
        <p className={styles.empty}>
          {failure ?? (isFaulty ? 'Set right what is marked, then the setups stand here.' : 'Working it out…')}
        </p>
      </section>
    );
  }
  const { plant } = plan.resolved;
  const shownHour = Math.min(drawnHour, last);
  const time = review.daysByMonth[monthIndex];
  const line = answerLine(plan, review, units);
  const isPot = spec.vessel.kind === 'pot';
  const isAbove = isAboveWanted && isPot && change === null;
  return (
    <section className={styles.stage} aria-label="The chosen setup">
      <div className={styles.head}>
        <div className={styles.answer} aria-live="polite" aria-atomic>
          <h1>{line.pot}</h1>
          <p>{line.water}</p>
        </div>
        <span className={styles.actions}>
          {change || !isPot ? null : (
            <Button icon={isAbove ? <LineChartOutlined /> : <AimOutlined />} onClick={() => lookFromAbove(!isAbove)}>
              {isAbove ? 'Days' : 'From above'}
            </Button>
          )}
          {change ? null : (
            <Button icon={<SwapOutlined />} onClick={() => tryChange({})}>
              What if…
            </Button>
          )}
          {canUndo ? (
            <Button icon={<UndoOutlined />} onClick={undoEdit}>
              Undo
            </Button>
          ) : null}
          {isEdited ? (
            <Button icon={<RollbackOutlined />} onClick={asProposed}>
              As proposed
            </Button>
          ) : null}
        </span>
      </div>
      {review.ruledOutBy ? (
        <p className={styles.warning} role="alert">
          <strong>{plan.isLeastBad ? 'Nothing suits; this comes nearest.' : 'Against the rules now.'}</strong>{' '}
          {review.ruledOutBy.sentence}
        </p>
      ) : null}
      <div className={styles.body}>
        <div className={styles.drawing}>
          {!isDrawn ? (
            <div aria-hidden="true" style={{ aspectRatio: size.widthPx / size.heightPx }} />
          ) : change ? (
            <WhatIfStage
              spec={spec}
              review={review}
              curve={curve}
              change={change}
              triedCurve={triedCurve}
              plant={plant}
              hour={shownHour}
              monthIndex={monthIndex}
              units={units}
              onMonth={showMonth}
            />
          ) : spec.vessel.kind === 'pot' ? (
            <PotDrawing
              spec={spec}
              plant={plant}
              placement={movedStands && isAbove ? { ...review.placement, stands: movedStands } : review.placement}
              curve={curve}
              hour={shownHour}
              units={units}
              {...size}
              onEdit={edit}
            />
          ) : (
            <MountDrawing spec={spec} plant={plant} curve={curve} hour={shownHour} units={units} {...size} />
          )}
        </div>
        <div className={styles.daysColumn}>
          {isAbove ? <FromAbove spec={spec} plant={plant} units={units} /> : null}
          {curve && !isAbove ? (
            <>
              <div className={styles.curve}>
                <DryCurve curve={curve} other={change ? triedCurve : null} hour={shownHour} />
              </div>
              <TimeControl
                curve={curve}
                hour={Math.min(hour, last)}
                shownHour={shownHour}
                units={units}
                due={dueText(monthIndex, time, plan.timing.restMonths.includes(monthIndex) ? plant.genus.rest : 'none')}
                onHour={showHour}
              />
            </>
          ) : null}
          {change || isAbove ? null : (
            <MonthStrip
              byMonth={review.daysByMonth}
              year={review.year}
              restMonths={plan.timing.restMonths}
              placeMonths={plan.place.months}
              monthIndex={monthIndex}
              onMonth={showMonth}
            />
          )}
        </div>
      </div>
    </section>
  );
}
