'use client';

/** What else can be said, found by any word for it. */
import { Input } from 'antd';
import { useState } from 'react';
import { drawPlant } from '../../state/actions';
import { startInspection } from '../../state/inspect-store';
import { openPhrase } from '../phrases/open-phrase';
import { type PhraseHit, sayablesFor } from '../phrases/phrase-search';
import styles from '../../questions/pickers.module.css';

/** Into its picker, at its field; the plant is drawn beside the pot and not in a picker. */
function say({ phrase, fieldId, isDrawn, isInspected }: PhraseHit): void {
  const isElsewhere = isDrawn === true || isInspected === true;
  openPhrase(isElsewhere ? null : phrase, isElsewhere ? null : fieldId || null);
  if (isDrawn) drawPlant();
  if (isInspected) startInspection();
}

export function AndPicker() {
  const [looked, setLooked] = useState('');
  const found = sayablesFor(looked);
  return (
    <div className={styles.column}>
      <Input
        id="and-search"
        aria-label="Find what to say"
        placeholder="root ball, rain water, away…"
        value={looked}
        onChange={(event) => setLooked(event.target.value)}
        onPressEnter={() => {
          const [first] = found;
          if (first) say(first);
        }}
      />
      <div className={styles.sayables}>
        {found.map((sayable) => (
          <button key={sayable.label} type="button" className={styles.sayable} onClick={() => say(sayable)}>
            {sayable.label}
          </button>
        ))}
        {found.length === 0 ? <p className={styles.hint}>Nothing by that word. Try another.</p> : null}
      </div>
    </div>
  );
}
