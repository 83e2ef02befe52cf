'use client';

/** The plant in hand: drawn to scale in section and from above, and its steps with what they take. */
import { useEffect, useRef } from 'react';
import { type PlanCase, potOf, type RunPlant, type StepKind, resolveCase } from '@core';
import { minutesText, type WordedDayPlant } from '@core/words';
import { Button } from '../../../controls/button';
import { useUnits } from '../../../data/units-context';
import { MountDrawing } from '../../../drawing/mount-drawing';
import { PlanView } from '../../../drawing/plan-view';
import { PotDrawing } from '../../../drawing/pot-drawing';
import styles from './run.module.css';
import { leftText, useNow } from './timers';

interface InHandProps {
  readonly plant: WordedDayPlant;
  readonly run: RunPlant;
  readonly onStep: (step: StepKind, isDone: boolean) => void;
  readonly onTimer: (step: StepKind, minutes: number) => void;
  readonly onTimerOff: (step: StepKind) => void;
}

/** What the rules of the trade ask for is read before the pot is filled. */
const ADVISED_AT: StepKind = 'clean';

const DRAWN_PX = { widthPx: 620, heightPx: 420 };
/** From above, and its caption under it. */
const [PLAN_PX, CAPTION_PX] = [260, 16];

function Drawing({ plant, run }: Pick<InHandProps, 'plant' | 'run'>) {
  const { units } = useUnits();
  const { setup: spec, placement } = plant;
  const drawn = {
    spec,
    plant: resolveCase(run.asked.case as PlanCase).plant,
    curve: null,
    hour: 0,
    units,
    ...DRAWN_PX,
  };
  if (spec.vessel.kind === 'mount') return <MountDrawing {...drawn} />;
  return (
    <div className={styles.views}>
      <PotDrawing {...drawn} placement={placement} onEdit={null} hasNoPlan />
      <svg viewBox={`0 0 ${PLAN_PX} ${PLAN_PX + CAPTION_PX}`}>
        <PlanView
          pot={potOf(spec.vessel)}
          plant={drawn.plant}
          placement={placement}
          leftPx={0}
          topPx={0}
          sizePx={PLAN_PX}
        />
      </svg>
    </div>
  );
}

export function InHand(props: InHandProps) {
  const { plant, run, onStep, onTimer, onTimerOff } = props;
  const nowMs = useNow(run.timers.length > 0);
  const openStep = plant.stepTexts.find(({ kind }) => !run.stepsDone.includes(kind));
  const openKind = openStep?.kind ?? null;
  const list = useRef<HTMLOListElement>(null);
  // The step that comes next is in sight, whatever is done above it.
  useEffect(() => {
    list.current?.querySelector('[data-now]')?.scrollIntoView({ block: 'nearest' });
  }, [openKind]);
  return (
    <div className={styles.hand}>
      <div className={styles.drawing}>
        <h1>{plant.name}</h1>
        <p>
          {plant.vesselText}, {plant.title.toLowerCase()}
        </p>
        {plant.potText ? <p className={styles.pot}>{plant.potText}</p> : null}
        <Drawing plant={plant} run={run} />
      </div>
      <ol ref={list} className={styles.steps} aria-label="Steps">
        {plant.stepTexts.map(({ kind, name, sentence, minutes, isPassive, cautions }) => {
          const isDone = run.stepsDone.includes(kind);
          const timer = run.timers.find(({ step }) => step === kind);
          return (
            <li key={kind} data-done={isDone ? '' : undefined} data-now={openKind === kind ? '' : undefined}>
              <label className="tick">
                <input type="checkbox" checked={isDone} onChange={(event) => onStep(kind, event.target.checked)} />
                <span>
                  <strong>{name}</strong> <small>{minutesText(minutes)}</small>
                </span>
              </label>
              {isDone ? null : (
                <>
                  <p>{sentence}</p>
                  {cautions.map((caution) => (
                    <p key={caution} className={styles.caution}>
                      <span aria-hidden="true">⚠ </span>
                      {caution}
                    </p>
                  ))}
                  {kind === ADVISED_AT
                    ? plant.advice.map((line) => (
                        <p key={line} className={styles.advice}>
                          {line}
                        </p>
                      ))
                    : null}
                  {isPassive ? (
                    timer ? (
                      <Button onClick={() => onTimerOff(kind)}>Timer {leftText(timer.endsAtMs, nowMs)}: stop it</Button>
                    ) : (
                      <Button onClick={() => onTimer(kind, minutes)}>Timer, {minutesText(minutes)}</Button>
                    )
                  ) : null}
                </>
              )}
            </li>
          );
        })}
      </ol>
    </div>
  );
}
