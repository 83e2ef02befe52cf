'use client';

/** What else can be said, found by any word for it. */
import { Input } from 'antd';
import { useState } from 'react';
import { openPhrase } from '../open-phrase';
import { sayablesFor } from '../sayable';
import styles from './pickers.module.css';

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
          if (first) openPhrase(first.phrase, first.fieldId || null);
        }}
      />
      <div className={styles.sayables}>
        {found.map(({ label, phrase, fieldId }) => (
          <button
            key={label}
            type="button"
            className={styles.sayable}
            onClick={() => openPhrase(phrase, fieldId || null)}
          >
            {label}
          </button>
        ))}
        {found.length === 0 ? <p className={styles.hint}>Nothing by that word. Try another.</p> : null}
      </div>
    </div>
  );
}
