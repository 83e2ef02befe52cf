'use client';

/** The day in one line: when, how long, with whom, how much room, and when the sun is on the bench. */
import dayjs from 'dayjs';
import { type DayKept, ranges, MINUTES_PER_HOUR } from '@core';
import { clockText } from '@core/words';
import { NumberField } from '../../../controls/number-field';
import styles from '../day.module.css';

interface SettingFieldsProps {
  readonly day: DayKept;
  readonly onChange: (patch: Partial<DayKept>) => void;
}

const minuteOf = (text: string): number => Number(text.slice(0, 2)) * MINUTES_PER_HOUR + Number(text.slice(3, 5));
const NOON_SUN = { fromMinute: 11 * MINUTES_PER_HOUR, untilMinute: 14 * MINUTES_PER_HOUR };
const USUAL_BENCH_CM = 120;
const USUAL_RESERVE = 0.1;
const PCT = 100;
const HOUR_STEPS = 4;

export function SettingFields({ day, onChange }: SettingFieldsProps) {
  const { on, beginsAtMinute, hours, helpers, benchCm = USUAL_BENCH_CM, sun, reserveShare } = day;
  return (
    <div className={`entry ${styles.setting}`}>
      <h1>Potting day, {dayjs(on).format('dddd D MMMM')}</h1>
      <label>
        Day
        <input type="date" value={on} onChange={(event) => onChange({ on: event.target.value || on })} />
      </label>
      <label>
        From
        <input
          type="time"
          value={clockText(beginsAtMinute)}
          onChange={(event) => event.target.value && onChange({ beginsAtMinute: minuteOf(event.target.value) })}
        />
      </label>
      <NumberField
        label="Hours"
        value={hours}
        step={1 / HOUR_STEPS}
        range={ranges.dayHours}
        onChange={(value) => onChange({ hours: value })}
      />
      <NumberField
        label="Helpers"
        value={helpers}
        step={1}
        range={ranges.helpers}
        onChange={(value) => onChange({ helpers: Math.round(value) })}
      />
      <NumberField
        label="Room to soak, cm"
        value={benchCm}
        step={10}
        range={ranges.benchCm}
        onChange={(value) => onChange({ benchCm: value })}
      />
      <NumberField
        label="Mix in reserve, %"
        value={Math.round(PCT * (reserveShare ?? USUAL_RESERVE))}
        step={5}
        range={{ min: 0, max: 100 }}
        onChange={(value) => onChange({ reserveShare: value / PCT })}
      />
      <label className="tick">
        <input
          type="checkbox"
          checked={sun !== undefined}
          onChange={(event) => onChange({ sun: event.target.checked ? NOON_SUN : undefined })}
        />
        Sun on the bench
      </label>
      {sun ? (
        <>
          <SunField
            label="from"
            minute={sun.fromMinute}
            onChange={(fromMinute) => onChange(sunOf({ ...sun, fromMinute }))}
          />
          <SunField
            label="until"
            minute={sun.untilMinute}
            onChange={(untilMinute) => onChange(sunOf({ ...sun, untilMinute }))}
          />
        </>
      ) : null}
    </div>
  );
}

type Sun = NonNullable<DayKept['sun']>;
/** Until comes after from. */
const sunOf = ({ fromMinute, untilMinute }: Sun): Partial<DayKept> => ({
  sun: {
    fromMinute,
    untilMinute: Math.max(untilMinute, Math.min(fromMinute + MINUTES_PER_HOUR, ranges.minuteOfDay.max)),
  },
});

interface SunFieldProps {
  readonly label: string;
  readonly minute: number;
  readonly onChange: (minute: number) => void;
}

function SunField({ label, minute, onChange }: SunFieldProps) {
  return (
    <label>
      {label}
      <input
        type="time"
        aria-label={`Sun ${label}`}
        value={clockText(minute)}
        onChange={(event) => event.target.value && onChange(minuteOf(event.target.value))}
      />
    </label>
  );
}
