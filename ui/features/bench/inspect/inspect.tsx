'use client';

/**
 * Looking a plant over, step by step, with one wet hand: over the whole screen, one thing at a time, in the order in which a
 * plant is unpotted. What was not looked at stays unknown.
 */
import { ArrowLeftOutlined, ArrowRightOutlined, CloseOutlined } from '@ant-design/icons';
import { type KeyboardEvent, useEffect, useRef } from 'react';
import { type Genus, genusById, genusIds, thingsInspected, skippedSteps, stepsFor, type InspectionStep } from '@core';
import { Button } from '../../../controls/button';
import { useCase } from '../state/case-store';
import { beginAnew, goTo, leaveInspection, useInspect } from '../state/inspect-store';
import { PhotoButton, PhotoRow } from '../../../controls/photographs';
import { useSeenPhotos } from './seen-photos';
import { stepText } from './questions';
import { StepView } from './step-view';
import { Summary } from './summary';
import styles from './inspect.module.css';

/** The genus on the bench; null while none is said that can be used. */
function useGenus(): Genus | null {
  const genus = useCase((state) => state.answers.genus) as string | Genus | undefined;
  if (typeof genus === 'object') return genus;
  return genus !== undefined && genusIds.includes(genus) ? genusById(genus) : null;
}

/** Where arrows and digits belong to what has the focus. */
const OWN_KEYS = 'input, textarea, select, [role="slider"], [role="radiogroup"]';

export function Inspect() {
  const photos = useSeenPhotos();
  const genus = useGenus();
  const { step: at, seen } = useInspect();
  const plantName = useCase((state) => state.plantName);
  const dialog = useRef<HTMLDialogElement>(null);
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    const shown = dialog.current;
    if (shown && !shown.open) shown.showModal();
  }, []);
  useEffect(() => {
    heading.current?.focus({ preventScroll: true });
    heading.current?.scrollIntoView({ block: 'nearest' });
  }, [at]);
  if (!genus) return null;
  const steps = stepsFor(genus);
  const index = Math.min(at, steps.length);
  const step = steps[index] ?? null;
  const skipped = skippedSteps(seen, genus);
  const isEmpty = step !== null && skipped.includes(step);
  const next = () => goTo(Math.min(useInspect.getState().step + 1, steps.length));
  const back = () => goTo(index - 1);

  const onKeyDown = (event: KeyboardEvent) => {
    if (!(event.target instanceof Element) || event.target.closest(OWN_KEYS)) return;
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const tile = /^[1-9]$/.test(event.key)
      ? dialog.current?.querySelector<HTMLButtonElement>(`[data-key="${event.key}"]`)
      : null;
    if (tile) tile.click();
    else if (event.key === 'ArrowRight' && step) next();
    else if (event.key === 'ArrowLeft' && index > 0) back();
    else return;
    event.preventDefault();
  };

  return (
    <dialog
      ref={dialog}
      className={styles.layer}
      aria-labelledby="inspect-title"
      onKeyDown={onKeyDown}
      onClose={leaveInspection}
    >
      <header className={styles.head}>
        <p className={styles.whose}>
          Looking over <strong>{plantName || genus.name}</strong>
        </p>
        <Beads steps={steps} skipped={skipped} at={index} />
        <p className={styles.place}>
          {step ? `${index + 1} of ${steps.length}` : 'All of it'}
          <progress max={steps.length} value={index} aria-hidden="true" />
        </p>
        {index === 0 && skipped.length < steps.length ? <Button onClick={beginAnew}>Begin anew</Button> : null}
        <Button
          kind="quiet"
          icon={<CloseOutlined />}
          aria-label="Leave it for now"
          title="Leave it for now: what was seen stays"
          onClick={leaveInspection}
        />
      </header>
      <div className={styles.body}>
        <h2 id="inspect-title" ref={heading} tabIndex={-1}>
          {step ? stepText[step].title : 'What you have seen'}
        </h2>
        {step ? (
          <>
            <StepView key={step} step={step} looked={thingsInspected(step, genus)} genus={genus} onNext={next} />
            <PhotoRow {...photos} />
          </>
        ) : (
          <Summary genus={genus} steps={steps} />
        )}
      </div>
      {step ? (
        <footer className={styles.foot}>
          <Button isLarge icon={<ArrowLeftOutlined />} aria-label="Back" disabled={index === 0} onClick={back} />
          <PhotoButton {...photos} />
          <Button isLarge onClick={() => goTo(steps.length)}>
            To the end
          </Button>
          <Button kind="main" isLarge className={styles.next} icon={<ArrowRightOutlined />} onClick={next}>
            {isEmpty ? 'Skip' : 'Next'}
          </Button>
        </footer>
      ) : null}
    </dialog>
  );
}

interface BeadsProps {
  readonly steps: readonly InspectionStep[];
  readonly skipped: readonly InspectionStep[];
  readonly at: number;
}

/** All steps, those seen with a tick; a touch goes there. */
function Beads({ steps, skipped, at }: BeadsProps) {
  return (
    <ol className={styles.beads} aria-label="Steps">
      {steps.map((name, n) => (
        <li key={name}>
          <button
            type="button"
            aria-current={n === at ? 'step' : undefined}
            data-seen={skipped.includes(name) ? undefined : ''}
            aria-label={`${stepText[name].short}${skipped.includes(name) ? '' : ', looked at'}`}
            onClick={() => goTo(n)}
          >
            <i aria-hidden="true">{skipped.includes(name) ? n + 1 : '✓'}</i>
            {stepText[name].short}
          </button>
        </li>
      ))}
    </ol>
  );
}
