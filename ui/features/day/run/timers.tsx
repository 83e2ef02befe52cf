'use client';

/** Timers of all plants: they run on under whatever is in hand, and ring. */
import { MS_PER_SECOND } from '@core';
import { useEffect, useRef, useState } from 'react';
import type { RunPlant, StepKind } from '@core';
import { stepNames } from '@core/words';
import styles from './run.module.css';

const TICK_MS = 500;
const S_PER_MIN = 60;

export interface ShownTimer {
  readonly plantId: string;
  readonly name: string;
  readonly step: StepKind;
  readonly endsAtMs: number;
}

export const timersOf = (plants: readonly RunPlant[]): readonly ShownTimer[] =>
  plants
    .flatMap(({ asked, timers }) => timers.map((timer) => ({ plantId: asked.id, name: asked.name, ...timer })))
    .sort((a, b) => a.endsAtMs - b.endsAtMs);

/** "4:05"; over, it says so. */
export function leftText(endsAtMs: number, nowMs: number): string {
  const leftS = Math.ceil((endsAtMs - nowMs) / MS_PER_SECOND);
  if (leftS <= 0) return 'done';
  return `${Math.floor(leftS / S_PER_MIN)}:${String(leftS % S_PER_MIN).padStart(2, '0')}`;
}

/** By the clock of this device. */
export function useNow(isOn: boolean): number {
  const [nowMs, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!isOn) return undefined;
    const timer = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, [isOn]);
  return nowMs;
}

const TONES_HZ = [880, 660, 880];
const TONE_S = 0.25;

/** Three tones and a shake: heard over running water. */
function ring(): void {
  navigator.vibrate?.([200, 100, 200]);
  try {
    const audio = new AudioContext();
    TONES_HZ.forEach((hertz, n) => {
      const tone = audio.createOscillator();
      tone.frequency.value = hertz;
      tone.connect(audio.destination);
      tone.start(audio.currentTime + n * TONE_S);
      tone.stop(audio.currentTime + (n + 1) * TONE_S);
    });
    setTimeout(() => void audio.close(), 2 * MS_PER_SECOND);
  } catch {
    // A browser without sound still shows that it is done.
  }
}

export function Timers({
  timers,
  onGo,
}: {
  readonly timers: readonly ShownTimer[];
  readonly onGo: (plantId: string) => void;
}) {
  const nowMs = useNow(timers.length > 0);
  const rung = useRef(new Set<string>());
  useEffect(() => {
    for (const { plantId, step, endsAtMs } of timers) {
      const key = `${plantId} ${step} ${endsAtMs}`;
      if (endsAtMs <= nowMs && !rung.current.has(key)) {
        rung.current.add(key);
        ring();
      }
    }
  }, [nowMs, timers]);
  return (
    <ul className={styles.timers} aria-label="Timers">
      {timers.map(({ plantId, name, step, endsAtMs }) => (
        <li key={`${plantId} ${step}`}>
          <button type="button" data-over={endsAtMs <= nowMs ? '' : undefined} onClick={() => onGo(plantId)}>
            <span>{name}</span> {stepNames[step].toLowerCase()} <strong>{leftText(endsAtMs, nowMs)}</strong>
          </button>
        </li>
      ))}
    </ul>
  );
}
