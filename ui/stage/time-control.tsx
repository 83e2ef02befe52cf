'use client';

/** Moves through the days after watering: slider, keys, or play. */
import { CaretRightFilled, PauseOutlined } from '@ant-design/icons';
import { Button, Slider } from 'antd';
import { useEffect, useState, type KeyboardEvent } from 'react';
import { number, percent, temperature, type SetupCurve, type WordUnits } from '@core/index';
import styles from './stage.module.css';

interface TimeControlProps {
  readonly curve: SetupCurve;
  /** Where the slider stands. */
  readonly hour: number;
  /** The hour drawn; in a fast move it follows a moment later. */
  readonly shownHour: number;
  readonly units: WordUnits;
  /** When the pot asks for water in the month shown. */
  readonly due: string;
  readonly onHour: (hour: number) => void;
}

const PLAY_STEP_HOURS = 2;
const PLAY_EVERY_MS = 60;
export const KEY_STEP_HOURS = 6;
const DAY_HOURS = 24;

/** Where a key moves the slider to; null for other keys. */
function keyTarget(key: string, hour: number, last: number): number | null {
  switch (key) {
    case 'ArrowRight':
    case 'ArrowUp':
      return hour + 1;
    case 'ArrowLeft':
    case 'ArrowDown':
      return hour - 1;
    case 'PageUp':
      return hour + DAY_HOURS;
    case 'PageDown':
      return hour - DAY_HOURS;
    case 'Home':
      return 0;
    case 'End':
      return last;
    default:
      return null;
  }
}

export function TimeControl({ curve, hour, shownHour, units, due, onHour }: TimeControlProps) {
  const [isPlaying, setPlaying] = useState(false);
  const last = curve.hours.length - 1;
  useEffect(() => {
    if (!isPlaying) return undefined;
    const timer = setTimeout(() => {
      if (hour >= last) setPlaying(false);
      else onHour(Math.min(last, hour + PLAY_STEP_HOURS));
    }, PLAY_EVERY_MS);
    return () => clearTimeout(timer);
  }, [isPlaying, hour, last, onHour]);
  const row = curve.hours[Math.min(shownHour, last)];

  // The slider's own key handling sets state in an effect of every key press, which React takes for an
  // endless loop when keys come fast; so keys are handled here.
  const onKeyDown = (event: KeyboardEvent) => {
    const target = keyTarget(event.key, hour, last);
    if (target === null) return;
    event.preventDefault();
    onHour(Math.min(last, Math.max(0, target)));
  };
  return (
    <div>
      <div className={styles.timeRow} onKeyDown={onKeyDown}>
        <Button
          shape="circle"
          aria-label={isPlaying ? 'Pause' : 'Play the days'}
          icon={isPlaying ? <PauseOutlined /> : <CaretRightFilled />}
          onClick={() => {
            if (!isPlaying && hour >= last) onHour(0);
            setPlaying(!isPlaying);
          }}
        />
        <Slider
          className={styles.timeSlider}
          min={0}
          max={last}
          step={1}
          value={Math.min(hour, last)}
          keyboard={false}
          onChange={onHour}
          tooltip={{ open: false }}
          ariaLabelForHandle="Hours after watering"
          ariaValueTextFormatterForHandle={(value) => `day ${number((value ?? 0) / 24, 1)}`}
        />
      </div>
      {row ? (
        <p className={styles.reading} data-testid="reading" aria-live="off">
          <strong>Day {number(row.hour / 24, 1)}</strong>
          <span>
            <i aria-hidden="true" />
            {percent(Math.max(0, row.availableShare))} water left
          </span>
          <span>{number(row.waterG, 0)} g</span>
          {curve.reservoirCapacityG > 0 ? <span>{number(row.reservoirG, 0)} g below</span> : null}
          <span>
            <i data-kind="air" aria-hidden="true" />
            {percent(row.airShare)} air
          </span>
          <span>roots {temperature(row.rootZoneC, units)}</span>
          <span className={styles.due} data-testid="due">
            {due}
          </span>
        </p>
      ) : null}
    </div>
  );
}
