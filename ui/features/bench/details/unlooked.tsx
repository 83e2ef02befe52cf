'use client';

/** What nobody has looked at, and, asked for, what it could change. */
import { useState } from 'react';
import { suppositionsFor, type UninspectedFact } from '@core';
import { inspectedName, wordUninspected, takenAsUsual } from '@core/words';
import { Button } from '../../../controls/button';
import { nb } from '../../../controls/nb';
import { messages } from '../../../data/messages';
import { useUnits } from '../../../data/units-context';
import { startInspection } from '../state/inspect-store';
import { usePlanned } from '../state/plan-store';
import { useEngine } from '../state/use-engine';
import styles from './details.module.css';

export function UnlookedView() {
  const engine = useEngine();
  const { units } = useUnits();
  const planCase = usePlanned((state) => state.planCase);
  const thinking = usePlanned((state) => state.thinking);
  const [found, setFound] = useState<{ readonly of: unknown; readonly facts: readonly UninspectedFact[] } | null>(null);
  if (!planCase) return null;
  const open = [...new Set(suppositionsFor(planCase).map(({ supposed }) => supposed.looked))];
  if (open.length === 0) return null;
  const facts = found?.of === planCase ? found.facts : null;
  const ask = async () => {
    const outcome = await engine.askUnlooked();
    if (outcome.status === 'done') setFound({ of: planCase, facts: outcome.value });
    else if (outcome.status === 'failed') messages.error(outcome.message);
  };
  return (
    <div>
      <h2>Not looked at</h2>
      <p>{nb(takenAsUsual(open.map(inspectedName).join(', ')))}</p>
      {facts === null ? null : facts.length === 0 ? (
        <p>None of it would change the answer.</p>
      ) : (
        <ul className={styles.reasons}>
          {facts.map((fact) => {
            const { sentence } = wordUninspected(fact, units);
            return <li key={sentence}>{nb(sentence)}</li>;
          })}
        </ul>
      )}
      <div className={styles.watch}>
        {facts === null && !thinking ? <Button onClick={() => void ask()}>What could that change?</Button> : null}
        <Button onClick={startInspection}>Look it over</Button>
      </div>
    </div>
  );
}
