'use client';

/** Weeks away and a heat wave. */
import { InputNumber, Select } from 'antd';
import { firstDayOfMonth, monthOfDay } from '@core';
import { monthNames, type WordUnits } from '@core/words';
import { useUnits } from '../../../data/units-context';
import { answer } from '../state/actions';
import { useCase } from '../state/case-store';
import { Field } from '../../../controls/field';
import styles from './questions.module.css';

export interface Holiday {
  readonly fromDay: number;
  readonly days: number;
}
export interface HeatWave {
  readonly month: number;
  readonly warmerC: number;
}

const USUAL_DAYS = 14;
const USUAL_WARMER_C = 6;

interface HolidayFieldProps {
  readonly id: string;
  readonly value: Holiday | undefined;
  readonly onChange: (holiday: Holiday | undefined) => void;
}

export function HolidayField({ id, value, onChange }: HolidayFieldProps) {
  return (
    <Field id={id} label="Away from home">
      <div className={styles.pair}>
        <Select
          id={id}
          value={value ? monthOfDay(value.fromDay) : 0}
          options={[
            { value: 0, label: 'never' },
            ...monthNames.map((name, i) => ({ value: i + 1, label: `from 1 ${name}` })),
          ]}
          onChange={(month) =>
            onChange(month === 0 ? undefined : { fromDay: firstDayOfMonth(month), days: value?.days ?? USUAL_DAYS })
          }
        />
        {value ? (
          <InputNumber
            aria-label="Days away"
            min={1}
            max={60}
            value={value.days}
            suffix="days"
            onChange={(days) => onChange({ fromDay: value.fromDay, days: days ?? USUAL_DAYS })}
          />
        ) : null}
      </div>
    </Field>
  );
}

interface HeatWaveFieldProps {
  readonly id: string;
  readonly value: HeatWave | undefined;
  readonly units: WordUnits;
  readonly onChange: (heatWave: HeatWave | undefined) => void;
}

export function HeatWaveField({ id, value, units, onChange }: HeatWaveFieldProps) {
  const perC = units.temperature === 'F' ? 1.8 : 1;
  return (
    <Field id={id} label="A heat wave">
      <div className={styles.pair}>
        <Select
          id={id}
          value={value?.month ?? 0}
          options={[{ value: 0, label: 'none' }, ...monthNames.map((name, i) => ({ value: i + 1, label: name }))]}
          onChange={(month) => onChange(month === 0 ? undefined : { month, warmerC: value?.warmerC ?? USUAL_WARMER_C })}
        />
        {value ? (
          <InputNumber
            aria-label="Degrees warmer"
            min={1}
            max={15 * perC}
            value={Math.round(value.warmerC * perC)}
            prefix="+"
            suffix={units.temperature === 'F' ? '°F' : '°C'}
            onChange={(warmer) =>
              onChange({ month: value.month, warmerC: warmer === null ? USUAL_WARMER_C : warmer / perC })
            }
          />
        ) : null}
      </div>
    </Field>
  );
}

export function AwayFields() {
  const { units } = useUnits();
  const answers = useCase((state) => state.answers);
  return (
    <div className={styles.questions}>
      <p className={styles.hint}>Both count in the whole year: nobody waters while you are away.</p>
      <HolidayField
        id="away"
        value={answers.holiday as Holiday | undefined}
        onChange={(holiday) => answer({ holiday })}
      />
      <HeatWaveField
        id="heat"
        value={answers.heatWave as HeatWave | undefined}
        units={units}
        onChange={(heatWave) => answer({ heatWave })}
      />
    </div>
  );
}
