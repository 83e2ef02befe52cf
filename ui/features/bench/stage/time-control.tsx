'use client';

/** Moves through the days after watering: slider, keys, or play. */
import { CaretRightFilled, PauseOutlined } from '@ant-design/icons';
import { useEffect, useState } from 'react';
import type { SetupCurve } from '@core';
import { number, percent, temperature, type WordUnits } from '@core/words';
import { KeyedSlider } from '../../../controls/keyed-slider';
import styles from './stage.module.css';
import { Button } from '../../../controls/button';

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
const DAY_HOURS = 24;

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

  return (
    <div className={styles.time}>
      <div className={styles.timeRow}>
        <Button
          isRound
          aria-label={isPlaying ? 'Pause' : 'Play the days'}
          icon={isPlaying ? <PauseOutlined /> : <CaretRightFilled />}
          onClick={() => {
            if (!isPlaying && hour >= last) onHour(0);
            setPlaying(!isPlaying);
          }}
        />
        <KeyedSlider
          className={styles.timeSlider}
          label="Hours after watering"
          min={0}
          max={last}
          step={1}
          bigStep={DAY_HOURS}
          value={Math.min(hour, last)}
          valueText={(value) => `day ${number(value / DAY_HOURS, 1)}`}
          onChange={onHour}
        />
      </div>
      <p className={styles.due} data-testid="due">
        {due}
      </p>
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
        </p>
      ) : null}
    </div>
  );
}
