'use client';

/** How long it takes, what is short, what to bring. */
import { useState } from 'react';
import type { DayAnswer } from '@core/words';
import { Button } from '../../../controls/button';
import { useStored, writeStored } from '../../../data/browser/stored';
import styles from '../day.module.css';

export function Time({ answer, onDrop }: { readonly answer: DayAnswer; readonly onDrop: () => void }) {
  const { time, timeText, dropText, drop } = answer;
  return (
    <section aria-label="Time" className={styles.time} data-fits={time.fits ? '' : undefined}>
      <h2>{time.fits ? 'It fits' : 'Too much for the day'}</h2>
      <p>{timeText}</p>
      {dropText ? (
        <>
          <p>{dropText}</p>
          <Button kind="main" onClick={onDrop}>
            Leave {drop.length === 1 ? 'it' : `these ${drop.length}`} for another day
          </Button>
        </>
      ) : null}
    </section>
  );
}

const SHOWN_FIRST = 4;

export function Short({ answer: { shortages } }: { readonly answer: DayAnswer }) {
  const [isAll, setAll] = useState(false);
  if (shortages.length === 0) return null;
  const shown = isAll ? shortages : shortages.slice(0, SHOWN_FIRST);
  return (
    <section aria-label="What is short">
      <h2>Short</h2>
      <ul className={styles.short}>
        {shown.map(({ sentence, insteadTexts }) => (
          <li key={sentence}>
            {sentence}
            {insteadTexts.length > 0 ? <small>Instead: {insteadTexts.join('; ')}.</small> : null}
          </li>
        ))}
      </ul>
      {shortages.length > shown.length ? (
        <Button isWide onClick={() => setAll(true)}>
          All {shortages.length}
        </Button>
      ) : null}
    </section>
  );
}

export function Beforehand({ answer: { beforehandTexts } }: { readonly answer: DayAnswer }) {
  if (beforehandTexts.length === 0) return null;
  return (
    <section aria-label="The evening before">
      <h2>The evening before</h2>
      <ul className={styles.short}>
        {beforehandTexts.map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ul>
    </section>
  );
}

/** A list to tick off; the ticks stay on this device. */
export function Bring({ answer, dayId }: { readonly answer: DayAnswer; readonly dayId: string }) {
  const key = `tender-cairn.bring.${dayId}`;
  const ticked = new Set((useStored(key) ?? '').split('|'));
  const toggle = (text: string) => {
    const next = new Set(ticked);
    if (!next.delete(text)) next.add(text);
    writeStored(key, [...next].filter(Boolean).join('|'));
  };
  return (
    <section aria-label="To bring">
      <h2>Bring</h2>
      <ul className={styles.bring}>
        {answer.bringTexts.map((text) => (
          <li key={text}>
            <label className="tick">
              <input type="checkbox" checked={ticked.has(text)} onChange={() => toggle(text)} />
              {text}
            </label>
          </li>
        ))}
      </ul>
    </section>
  );
}
