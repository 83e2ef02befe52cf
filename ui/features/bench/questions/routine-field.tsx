'use client';

import { Checkbox, Select } from 'antd';
import { UnitNumber } from '../../../controls/unit-number';
import styles from './questions.module.css';

interface RoutineFieldProps {
  readonly value: unknown;
  readonly fault: string | null;
  readonly onChange: (routine: unknown) => void;
}

const kinds = [
  { label: 'every so many days', value: 'every' },
  { label: 'on fixed weekdays', value: 'weekdays' },
  { label: 'when it is dry', value: 'when dry' },
  { label: 'by misting', value: 'misting' },
];
const weekdayNames = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

const starts: Readonly<Record<string, unknown>> = {
  every: { kind: 'every', days: 7 },
  weekdays: { kind: 'weekdays', weekdays: [2, 6] },
  'when dry': { kind: 'when dry' },
  misting: { kind: 'misting', timesADay: 2 },
};

const ways = [
  { label: 'can', value: 'pour' },
  { label: 'soak', value: 'soak' },
  { label: 'dripper', value: 'drip' },
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
  // A change of rhythm keeps the way the water is given.
  const manner = way === undefined ? {} : { way, ...(soakMinutes === undefined ? {} : { soakMinutes }) };
  const change = (next: object) => onChange({ ...next, ...manner });
  return (
    <div className={styles.routine}>
      <Select
        aria-label="Watering rhythm"
        options={kinds}
        value={routine.kind ?? 'every'}
        onChange={(kind: string) => (kind === 'misting' ? onChange(starts[kind]) : change(starts[kind] as object))}
      />
      {routine.kind === 'weekdays' ? (
        <Checkbox.Group
          value={[...(routine.weekdays ?? [])]}
          options={weekdayNames.map((label, i) => ({ label, value: i }))}
          onChange={(weekdays) => change({ kind: 'weekdays', weekdays })}
        />
      ) : null}
      {routine.kind === 'misting' ? (
        <UnitNumber
          id="routine-times"
          value={routine.timesADay}
          suffix="times a day"
          step={1}
          hasFault={fault !== null}
          onChange={(timesADay) => onChange({ kind: 'misting', timesADay })}
        />
      ) : null}
      {routine.kind === 'misting' ? null : (
        <div className={styles.pair}>
          {routine.kind === 'every' ? (
            <UnitNumber
              id="routine-days"
              value={routine.days}
              suffix="days"
              step={1}
              hasFault={fault !== null}
              onChange={(days) => change({ kind: 'every', days })}
            />
          ) : null}
          <Select
            aria-label="How the water is given"
            options={ways}
            value={way ?? 'pour'}
            popupMatchSelectWidth={false}
            onChange={(next) =>
              onChange({
                ...routine,
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
        </div>
      )}
    </div>
  );
}
