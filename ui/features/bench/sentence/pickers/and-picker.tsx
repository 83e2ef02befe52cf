'use client';

/** What else can be said, by what it is about, or found by any word for it. */
import { Input } from 'antd';
import { useState } from 'react';
import { drawPlant } from '../../state/actions';
import { showDetails } from '../../state/details-store';
import { startInspection } from '../../state/inspect-store';
import { openPhrase } from '../phrases/open-phrase';
import { type PhraseGroup, phraseGroups, type PhraseHit, sayablesFor } from '../phrases/phrase-search';
import styles from '../../questions/pickers.module.css';
import { GroupGlyph } from './group-glyph';

/** Into its picker, at its field; or to where it is said or told. */
function say({ phrase, fieldId, isDrawn, isInspected, page, href }: PhraseHit): void {
  const isElsewhere = isDrawn === true || isInspected === true;
  openPhrase(isElsewhere ? null : phrase, isElsewhere ? null : fieldId || null);
  if (isDrawn) drawPlant();
  if (isInspected) startInspection();
  if (page) {
    showDetails(page);
    document.querySelector('[aria-label="About this setup"]')?.scrollIntoView({ block: 'start' });
  }
  if (href) window.location.assign(href);
}

const groupNames: Readonly<Record<PhraseGroup, string>> = {
  plant: 'The plant',
  seen: 'What you see on it',
  pot: 'Pot and medium',
  place: 'Place and season',
  water: 'Water and feed',
  you: 'You',
  answer: 'In the answer',
};

export function AndPicker() {
  const [looked, setLooked] = useState('');
  const found = sayablesFor(looked);
  const isGrouped = looked.trim() === '';
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
      {isGrouped ? (
        phraseGroups.map((group) => (
          <section key={group} className={styles.group} aria-labelledby={`and-${group}`}>
            <h3 id={`and-${group}`}>
              <GroupGlyph group={group} />
              {groupNames[group]}
            </h3>
            <Sayables found={found.filter((sayable) => sayable.group === group)} />
          </section>
        ))
      ) : (
        <Sayables found={found} />
      )}
      {found.length === 0 ? <p className={styles.hint}>Nothing by that word. Try another.</p> : null}
    </div>
  );
}

function Sayables({ found }: { readonly found: readonly PhraseHit[] }) {
  return (
    <div className={styles.sayables}>
      {found.map((sayable) => (
        <button key={sayable.label} type="button" className={styles.sayable} onClick={() => say(sayable)}>
          {sayable.label}
        </button>
      ))}
    </div>
  );
}
