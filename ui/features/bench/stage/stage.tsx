'use client';

import { AimOutlined, LineChartOutlined, RollbackOutlined, SwapOutlined, UndoOutlined } from '@ant-design/icons';
import dynamic from 'next/dynamic';
import { useDeferredValue, useEffect, useMemo } from 'react';
import { useStore } from 'zustand';
import { keepsWater } from '@core';
import { answerLine, type PlanAnswer, type SetupReview, dueText } from '@core/words';
import { useUnits } from '../../../data/units-context';
import { asProposed, showMonth } from '../state/actions';
import { showFromAbove, useAbove } from '../state/above-store';
import { reportDrawn } from '../state/marks';
import { usePlanned } from '../state/plan-store';
import { undoEdit, useStage } from '../state/stage-store';
import { tryChange, useWhatIf } from '../state/what-if-store';
import { useMonthIndex, usePlanWords, useReading, useReviewWords, useSpec } from '../state/worded';
import { DrawnSetup } from './drawn-setup';
import { MonthStrip } from './month-strip';
import styles from './stage.module.css';
import { afterPaint } from './after-paint';
import { showHour, useHour } from './hours';
import { TimeControl } from './time-control';
import { Button } from '../../../controls/button';
import { nb } from '../../../controls/nb';
import { Together } from '../../../controls/together';

/** The curve's library is large: the answer does not wait for it. */
const DryCurve = dynamic(
  () =>
    afterPaint()
      .then(afterPaint)
      .then(() => import('./dry-curve'))
      .then((file) => file.DryCurve),
  {
    ssr: false,
  },
);
const FromAbove = dynamic(() => import('./from-above').then((file) => file.FromAbove), { ssr: false });

interface StageProps {
  /** What is said stands there with its drawing; what follows from it may be drawn now. */
  readonly onDrawn: (plan: PlanAnswer, review: SetupReview) => void;
}

export function Stage({ onDrawn }: StageProps) {
  const { units } = useUnits();
  const spec = useSpec();
  const review = useReviewWords();
  const monthIndex = useMonthIndex();
  const plan = usePlanWords();
  const curve = usePlanned((state) => state.curve);
  const triedCurve = usePlanned((state) => state.tried?.curve ?? null);
  const failure = usePlanned((state) => state.failure);
  const change = useWhatIf((state) => state.change);
  const isAboveWanted = useAbove((state) => state.isOpen);
  const hour = useHour((state) => state.hour);
  // The drawing may lag a fast hand; the slider never does.
  const drawnHour = useDeferredValue(hour);

  const isFaulty = useReading().status === 'faulty';
  const plant = plan?.resolved.plant;
  const ready = useMemo(
    () => (spec && review && plant ? { spec, review, plant, curve } : null),
    [spec, review, plant, curve],
  );
  // The first drawing follows the first words, in the time that they leave: together they would hold the page up.
  const isDrawn = useDeferredValue(ready !== null, false);
  const isInStep = isDrawn && ready !== null;
  useEffect(() => {
    if (!isInStep || !plan || !review) return;
    reportDrawn();
    onDrawn(plan, review);
  }, [isInStep, plan, review, onDrawn]);
  // So does the curve, whose library is slow.
  const drawnCurve = useDeferredValue(curve);
  const lastHour = drawnCurve ? drawnCurve.hours.length - 1 : 0;

  if (!spec || !review || !plan || !plant) {
    return (
      <section className={styles.stage} aria-label="The chosen setup">
        <p className={styles.empty}>
          {failure ?? (isFaulty ? 'Set right what is marked, then the setups stand here.' : 'Working it out…')}
        </p>
      </section>
    );
  }
  const shownHour = Math.min(drawnHour, curve ? curve.hours.length - 1 : 0);
  const time = review.daysByMonth[monthIndex];
  const line = answerLine(plan, review, units);
  const isPot = spec.vessel.kind === 'pot';
  const isAbove = isAboveWanted && isPot && change === null;
  return (
    <section className={styles.stage} aria-label="The chosen setup">
      <div className={styles.head}>
        <div className={styles.answer} aria-live="polite" aria-atomic>
          <h1>
            <Together text={line.pot} />
          </h1>
          <p>{nb(line.water)}</p>
        </div>
        <HeadActions isPot={isPot} isAbove={isAbove} isTrying={change !== null} />
      </div>
      <AgainstRules plan={plan} review={review} />
      <div className={styles.body}>
        <div className={styles.drawing}>
          <WayBack />
          <DrawnSetup drawn={isInStep ? ready : null} hour={shownHour} monthIndex={monthIndex} isAbove={isAbove} />
        </div>
        <div className={styles.daysColumn}>
          {isAbove ? <FromAbove spec={spec} plant={plant} units={units} /> : null}
          {drawnCurve && isInStep && !isAbove ? (
            <>
              <div className={styles.curve}>
                <DryCurve curve={drawnCurve} other={change ? triedCurve : null} hour={Math.min(drawnHour, lastHour)} />
              </div>
              <TimeControl
                curve={drawnCurve}
                hour={Math.min(hour, lastHour)}
                shownHour={Math.min(drawnHour, lastHour)}
                units={units}
                due={dueText(
                  monthIndex,
                  time,
                  plan.timing.restMonths.includes(monthIndex) ? plant.genus.rest : 'none',
                  spec.vessel.kind === 'pot' && keepsWater(spec.vessel.potKindId),
                )}
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

interface HeadActionsProps {
  readonly isPot: boolean;
  readonly isAbove: boolean;
  readonly isTrying: boolean;
}

/** The ways to look at it otherwise. */
function HeadActions({ isPot, isAbove, isTrying }: HeadActionsProps) {
  return (
    <span className={styles.actions}>
      {isTrying || !isPot ? null : (
        <Button icon={isAbove ? <LineChartOutlined /> : <AimOutlined />} onClick={() => showFromAbove(!isAbove)}>
          {isAbove ? 'Days' : 'From above'}
        </Button>
      )}
      {isTrying ? null : (
        <Button icon={<SwapOutlined />} onClick={() => tryChange({})}>
          What if…
        </Button>
      )}
    </span>
  );
}

/** Over the drawing: nothing moves under the finger that changes the first layer. */
function WayBack() {
  const isEdited = useStage((state) => state.edited !== null);
  const canUndo = useStore(useStage.temporal, (state) => state.pastStates.length > 0);
  return (
    <div className={styles.back}>
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
    </div>
  );
}

function AgainstRules({ plan, review }: { readonly plan: PlanAnswer; readonly review: SetupReview }) {
  return review.ruledOutBy ? (
    <p className={styles.warning} role="alert">
      <strong>{plan.isLeastBad ? 'Nothing suits; this comes nearest.' : 'Against the rules now.'}</strong>{' '}
      {review.ruledOutBy.sentence}
    </p>
  ) : null;
}
