'use client';

/** How often and how the plant is watered: days to tap, for a rhythm or for a week. */
import { wateredEvery, weekdayNames } from '@core/words';
import { Choice } from '../../../controls/choice';
import { UnitNumber } from '../../../controls/unit-number';
import styles from './questions.module.css';

interface RoutineFieldProps {
  readonly value: unknown;
  readonly fault: string | null;
  readonly onChange: (routine: unknown) => void;
}

const kinds = [
  { label: 'every few days', value: 'every' },
  { label: 'weekdays', value: 'weekdays' },
  { label: 'when dry', value: 'when dry' },
  { label: 'mist', value: 'misting' },
  { label: 'rain alone', value: 'rain' },
];
const everyDays = Array.from({ length: 14 }, (_, i) => i + 1);

const starts: Readonly<Record<string, unknown>> = {
  every: { kind: 'every', days: 7 },
  weekdays: { kind: 'weekdays', weekdays: [2, 6] },
  'when dry': { kind: 'when dry' },
  misting: { kind: 'misting', timesADay: 2 },
  rain: { kind: 'rain' },
};

const ways = [
  { label: 'can', value: 'pour' },
  { label: 'soak', value: 'soak' },
  { label: 'dripper', value: 'drip' },
  { label: 'hose', value: 'hose' },
];
const USUAL_SOAK_MIN = 15;

interface LooseRoutine {
  readonly kind?: string;
  readonly way?: string;
  readonly soakMinutes?: unknown;
  readonly days?: unknown;
  readonly weekdays?: readonly number[];
  readonly timesADay?: unknown;
}

export function RoutineField({ value, fault, onChange }: RoutineFieldProps) {
  const routine = (value ?? {}) as LooseRoutine;
  const { way, soakMinutes } = routine;
  const kind = routine.kind ?? 'every';
  const weekdays = routine.weekdays ?? [];
  // A change of rhythm keeps the way the water is given.
  const manner = way === undefined ? {} : { way, ...(soakMinutes === undefined ? {} : { soakMinutes }) };
  const change = (next: object) => onChange({ ...next, ...manner });
  return (
    <div className={styles.routine}>
      <Choice
        isWide
        label="Watering rhythm"
        options={kinds}
        value={kind}
        onChange={(next) =>
          next === 'misting' || next === 'rain' ? onChange(starts[next]) : change(starts[next] as object)
        }
      />
      {kind === 'weekdays' ? (
        <Weekdays weekdays={weekdays} onChange={(next) => change({ kind: 'weekdays', weekdays: next })} />
      ) : null}
      {kind === 'every' ? (
        <EveryDays days={routine.days} fault={fault} onChange={(days) => change({ kind: 'every', days })} />
      ) : null}
      {kind === 'misting' ? (
        <UnitNumber
          id="routine-times"
          value={routine.timesADay}
          suffix="times a day"
          step={1}
          hasFault={fault !== null}
          onChange={(timesADay) => onChange({ kind: 'misting', timesADay })}
        />
      ) : kind === 'rain' ? null : (
        <>
          <Choice
            isWide
            label="How the water is given"
            options={ways}
            value={way ?? 'pour'}
            onChange={(next) =>
              onChange({
                ...routine,
                kind,
                way: next,
                soakMinutes: next === 'soak' ? (soakMinutes ?? USUAL_SOAK_MIN) : undefined,
              })
            }
          />
          {way === 'soak' ? (
            <UnitNumber
              id="routine-soak"
              value={soakMinutes}
              suffix="min"
              step={5}
              hasFault={fault !== null}
              onChange={(minutes) => onChange({ ...routine, soakMinutes: minutes })}
            />
          ) : null}
        </>
      )}
    </div>
  );
}

interface WeekdaysProps {
  readonly weekdays: readonly number[];
  readonly onChange: (weekdays: readonly number[]) => void;
}

function Weekdays({ weekdays, onChange }: WeekdaysProps) {
  return (
    <div className={styles.days} role="group" aria-label="Days of the week">
      {weekdayNames.map((name, day) => (
        <button
          key={name}
          type="button"
          className={styles.day}
          aria-pressed={weekdays.includes(day)}
          onClick={() =>
            onChange(
              weekdays.includes(day)
                ? weekdays.filter((entry) => entry !== day)
                : [...weekdays, day].sort((a, b) => a - b),
            )
          }
        >
          {name}
        </button>
      ))}
    </div>
  );
}

interface EveryDaysProps extends Pick<RoutineFieldProps, 'fault'> {
  readonly days: unknown;
  readonly onChange: (days: unknown) => void;
}

function EveryDays({ days: said, fault, onChange }: EveryDaysProps) {
  return (
    <>
      <div className={styles.days} role="group" aria-label="Touch the day you water again">
        {everyDays.map((days) => (
          <button
            key={days}
            type="button"
            className={styles.day}
            aria-pressed={said === days}
            aria-label={days === 1 ? 'every day' : wateredEvery(days)}
            data-wet={typeof said === 'number' && days % said === 0 ? '' : undefined}
            onClick={() => onChange(days)}
          >
            {days}
          </button>
        ))}
      </div>
      <UnitNumber id="routine-days" value={said} suffix="days" step={1} hasFault={fault !== null} onChange={onChange} />
    </>
  );
}
