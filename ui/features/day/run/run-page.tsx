'use client';

/** One plant at a time, large: its drawing, its steps with its amounts, and one big control. Nothing needs typing. */
import { MINUTES_PER_HOUR } from '@core';
import dayjs from 'dayjs';
import { PageLink } from '../../../controls/page-link';
import { useCallback, useMemo, useState } from 'react';
import type { DayKept, PlanCase, RunPlant, SetupSpec, StepKind } from '@core';
import {
  clockText,
  spanText,
  wordDay,
  type WordedDayPlant,
  pottingDayOn,
  stillToSend,
  hasNewAnswer,
  foundOtherwise,
  pottedAndLogged,
  plantIsInHand,
} from '@core/words';
import type { Day } from '@server/records/days/schemas';
import { Button } from '../../../controls/button';
import { today } from '../../../data/dates';
import { messages } from '../../../data/messages';
import { inStock, useStock } from '../../../data/stock';
import { useIsBrowser } from '../../../data/browser/stored';
import { useUnits } from '../../../data/units-context';
import { usePrepared } from '../use-prepared';
import { useAwake } from './awake';
import { FoundDialog, type FoundOtherwise } from './found-dialog';
import { InHand } from './in-hand';
import { LeaveDialog } from './leave-dialog';
import { OtherwiseDialog } from './otherwise-dialog';
import { asReckoned, type PottedOtherwise, pottingOf } from './potting-of';
import { minutesLeft, restOfDay } from './rest-of-day';
import styles from './run.module.css';
import { Timers, timersOf, useNow } from './timers';
import { useRun } from './use-run';
import { useRunKeys } from './use-run-keys';

const minuteOfDay = (ms: number): number => dayjs(ms).hour() * MINUTES_PER_HOUR + dayjs(ms).minute();
/** The rest is looked at anew so often, even where nothing was touched. */
const REPLAN_MS = 5 * 60_000;

type Dialog = 'otherwise' | 'found' | 'leave' | null;

interface RunPageProps {
  readonly first: Day & { readonly day: DayKept };
}

/** A day runs by this device's clock, which the server does not know. */
export function RunPage({ first }: RunPageProps) {
  return useIsBrowser() ? <RunningDay first={first} /> : <p aria-live="polite">{WORKING}</p>;
}

function RunningDay({ first }: RunPageProps) {
  const { day } = first;
  const { units } = useUnits();
  const { state, write, waiting } = useRun(first);
  const rows = useStock()?.items;
  const stock = useMemo(() => rows && inStock(rows), [rows]);
  const isRunning = state.begunAtMs !== null && !state.isStopped;
  useAwake(isRunning);
  const nowMs = useNow(isRunning);
  const steppedMs = Math.round(nowMs / REPLAN_MS) * REPLAN_MS;
  const rest = useMemo(() => restOfDay(day, state, steppedMs, minuteOfDay(steppedMs)), [day, state, steppedMs]);
  const noSetup = useCallback(
    (plantId: string, setup: SetupSpec) => void write('Setup', 'changed', { plantId, setup: setup as never }),
    [write],
  );
  const { prepared, choices } = usePrepared(rest ?? day, stock, noSetup);
  const answer = useMemo(() => prepared && wordDay(prepared, units), [prepared, units]);
  const [dialog, setDialog] = useState<Dialog>(null);
  const [otherwise, setOtherwise] = useState<PottedOtherwise>(asReckoned);

  const open = state.plants.filter(({ status }) => status === 'waits' || status === 'in hand');
  const inOrder = (answer?.plants ?? []).filter(({ id }) => open.some(({ asked }) => asked.id === id));
  const handId = state.inHand;
  const inHand = handId === null ? null : (inOrder.find(({ id }) => id === handId) ?? null);
  const runPlant = state.plants.find(({ asked }) => asked.id === handId) ?? null;
  const potted = state.plants.filter(({ status }) => status === 'potted').length;

  const take = (plantId: string) => {
    const name = state.plants.find(({ asked }) => asked.id === plantId)?.asked.name ?? '';
    setOtherwise(asReckoned);
    void write(plantIsInHand(name), 'in hand', { plantId });
  };
  const others = inOrder.filter(({ id }) => id !== handId);
  const next = others[0] ?? null;

  const stepDone = (step: StepKind) => handId && void write('Step done', 'step done', { plantId: handId, step });
  const pot = async (plant: WordedDayPlant, run: RunPlant) => {
    const body = pottingOf(plant, run.asked.case as PlanCase, today(), stock ?? [], otherwise);
    const data = { plantId: plant.id } as { plantId: string; eventId: string };
    const isKept = await write(`${plant.name} potted`, 'potted', data, body);
    if (!isKept) return;
    messages.success(pottedAndLogged(plant.name));
    setOtherwise(asReckoned);
    if (next) take(next.id);
  };
  /** The one big control: the next step that is open, then the potting. */
  const openStep =
    inHand && runPlant ? (inHand.stepTexts.find(({ kind }) => !runPlant.stepsDone.includes(kind)) ?? null) : null;
  const big = () => {
    if (!isRunning) return void write('Potting day begun', 'begun', {});
    if (!inHand || !runPlant) return next ? take(next.id) : undefined;
    return openStep ? stepDone(openStep.kind) : void pot(inHand, runPlant);
  };
  const undo = () => {
    const last = runPlant?.stepsDone.at(-1);
    if (handId && last) void write('Step opened again', 'step open', { plantId: handId, step: last });
  };
  const leave = () => setDialog('leave');
  useRunKeys({ big, undo, next: () => next && take(next.id), leave }, dialog === null);

  const found = async ({ planCase, isSuspect }: FoundOtherwise) => {
    setDialog(null);
    if (!handId || !runPlant) return;
    const asked = { ...runPlant.asked, case: planCase as typeof runPlant.asked.case, isSuspect };
    const [setup] = await choices({ ...asked, setup: undefined });
    await write(foundOtherwise(asked.name), 'changed', {
      plantId: handId,
      case: asked.case,
      isSuspect,
      ...(setup ? { setup: setup as never } : {}),
    });
    messages.info(hasNewAnswer(asked.name));
  };

  const leftMin = minutesLeft(day, state, nowMs);
  const bigText = isRunning
    ? textOfNext(inHand !== null, openStep?.name ?? null, next?.name ?? null, open.length === 0)
    : state.isStopped
      ? 'Go on'
      : 'Begin';

  return (
    <div className={styles.run} data-whole={answer ? '' : undefined}>
      <div className={styles.top}>
        <p>
          <strong>
            {potted} of {state.plants.length} potted
          </strong>{' '}
          {isRunning ? (leftMin > 0 ? `${spanText(leftMin)} left` : 'over the hours there were') : ''}
          {waiting > 0 ? stillToSend(waiting) : ''}
        </p>
        <Timers timers={timersOf(state.plants)} onGo={take} />
        <PageLink href={`/days/${first.id}`}>All of the day</PageLink>
      </div>
      {inHand && runPlant ? (
        <InHand
          key={inHand.id}
          plant={inHand}
          run={runPlant}
          onStep={(step, isDone) =>
            void write(isDone ? 'Step done' : 'Step opened again', isDone ? 'step done' : 'step open', {
              plantId: inHand.id,
              step,
            })
          }
          onTimer={(step, minutes) => void write('Timer', 'timer', { plantId: inHand.id, step, minutes })}
          onTimerOff={(step) => void write('Timer off', 'timer off', { plantId: inHand.id, step })}
        />
      ) : (
        <Between
          day={rest ?? day}
          isRunning={isRunning}
          potted={potted}
          isOver={open.length === 0}
          coming={inOrder}
          onTake={take}
        />
      )}
      <div className={styles.bottom}>
        <SmallControls
          run={inHand && runPlant}
          next={next}
          mayStop={isRunning && open.length > 0}
          onUndo={undo}
          onDialog={setDialog}
          onTake={take}
        />
        {bigText ? (
          <button type="button" data-part="big" className={styles.big} onClick={big} disabled={bigText === WORKING}>
            {bigText}
          </button>
        ) : null}
      </div>
      {dialog === 'found' && runPlant ? (
        <FoundDialog asked={runPlant.asked} onClose={() => setDialog(null)} onFound={(said) => void found(said)} />
      ) : null}
      {dialog === 'otherwise' && inHand ? (
        <OtherwiseDialog
          plant={inHand}
          stock={rows ?? []}
          said={otherwise}
          onSaid={setOtherwise}
          onSetup={(setup) => void write('Other pot', 'changed', { plantId: inHand.id, setup: setup as never })}
          onBroken={(itemId) => void write('Pot broken', 'broken', { itemId })}
          onClose={() => setDialog(null)}
        />
      ) : null}
      {dialog === 'leave' ? (
        <LeaveDialog
          names={inHand ? [inHand.name] : open.map(({ asked }) => asked.name)}
          onClose={() => setDialog(null)}
          onLeave={(reason, note) => {
            setDialog(null);
            const ids = inHand ? [inHand.id] : open.map(({ asked }) => asked.id);
            for (const plantId of ids) void write('Left for another day', 'left', { plantId, reason, note });
            if (!inHand) void write('Potting day stopped', 'stopped', {});
          }}
        />
      ) : null}
    </div>
  );
}

const WORKING = 'Working it out…';

/** What the one big control does next. stepName, nextName: null for none. */
function textOfNext(isInHand: boolean, stepName: string | null, nextName: string | null, isOver: boolean): string {
  if (isInHand) return stepName === null ? 'Potted it' : `Done: ${stepName.toLowerCase()}`;
  if (nextName !== null) return `Take ${nextName}`;
  return isOver ? '' : WORKING;
}

const MOST_NEXT = 6;

interface BetweenProps {
  readonly day: Pick<DayKept, 'on' | 'beginsAtMinute'>;
  readonly isRunning: boolean;
  readonly potted: number;
  readonly isOver: boolean;
  readonly coming: readonly WordedDayPlant[];
  readonly onTake: (plantId: string) => void;
}

/** Between two plants: which come next. */
function Between({ day, isRunning, potted, isOver, coming, onTake }: BetweenProps) {
  return (
    <div className={styles.between}>
      {isOver ? (
        <h1>The day is done: {potted} potted.</h1>
      ) : (
        <>
          <h1>{isRunning ? 'Next' : pottingDayOn(dayjs(day.on).format('dddd D MMMM'))}</h1>
          <ol>
            {coming.slice(0, MOST_NEXT).map(({ id, name, turnText, times }) => (
              <li key={id}>
                <Button isLarge isWide disabled={!isRunning} onClick={() => onTake(id)}>
                  <span>
                    {clockText(day.beginsAtMinute + times.beginMin)} <strong>{name}</strong>
                  </span>
                  <small>{turnText}</small>
                </Button>
              </li>
            ))}
          </ol>
        </>
      )}
    </div>
  );
}

interface SmallControlsProps {
  /** The plant in hand; null between two. */
  readonly run: RunPlant | null;
  readonly next: Pick<WordedDayPlant, 'id' | 'name'> | null;
  readonly mayStop: boolean;
  readonly onUndo: () => void;
  readonly onDialog: (dialog: Dialog) => void;
  readonly onTake: (plantId: string) => void;
}

function SmallControls({ run, next, mayStop, onUndo, onDialog, onTake }: SmallControlsProps) {
  return (
    <div className={styles.small}>
      {run ? (
        <>
          <Button isLarge disabled={run.stepsDone.length === 0} onClick={onUndo}>
            Back
          </Button>
          <Button isLarge aria-haspopup="dialog" onClick={() => onDialog('found')}>
            Worse, or better…
          </Button>
          <Button isLarge aria-haspopup="dialog" onClick={() => onDialog('otherwise')}>
            It went otherwise…
          </Button>
          <Button isLarge aria-haspopup="dialog" onClick={() => onDialog('leave')}>
            Leave it…
          </Button>
          {next ? (
            <Button isLarge onClick={() => onTake(next.id)}>
              Next: {next.name}
            </Button>
          ) : null}
        </>
      ) : mayStop ? (
        <Button isLarge onClick={() => onDialog('leave')}>
          Stop for today…
        </Button>
      ) : null}
    </div>
  );
}
