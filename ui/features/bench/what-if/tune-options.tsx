'use client';

/** "Tune to my routine": asks for the smallest changes and offers them. */
import { useState } from 'react';
import type { TuningFacts, WhatIf } from '@core';
import { faultMessage, number, type Tuning, wordTuning } from '@core/words';
import { useUnits } from '../../../data/units-context';
import { useEngine } from '../state/use-engine';
import { tryChange } from '../state/what-if-store';
import styles from './what-if.module.css';
import { Button } from '../../../controls/button';

type TuneState =
  | { readonly status: 'idle' | 'working' }
  | { readonly status: 'failed'; readonly message: string }
  | { readonly status: 'done'; readonly tuning: TuningFacts };

export function Tune() {
  const { units } = useUnits();
  const engine = useEngine();
  const [state, setState] = useState<TuneState>({ status: 'idle' });
  const ask = async () => {
    setState({ status: 'working' });
    const outcome = await engine.tune();
    if (outcome.status === 'cancelled') setState({ status: 'idle' });
    else if (outcome.status === 'failed') setState({ status: 'failed', message: outcome.message });
    else if (outcome.value.status === 'ok') setState({ status: 'done', tuning: outcome.value.value });
    else setState({ status: 'failed', message: outcome.value.faults.map(({ fact }) => faultMessage(fact)).join('; ') });
  };
  return (
    <div className={styles.tune}>
      <Button isWide isBusy={state.status === 'working'} onClick={() => void ask()}>
        Tune to my routine
      </Button>
      {state.status === 'failed' ? <p role="alert">{state.message}.</p> : null}
      {state.status === 'done' ? <TuneOptions tuning={wordTuning(state.tuning, units)} onTake={tryChange} /> : null}
    </div>
  );
}

function TuneOptions({ tuning, onTake }: { readonly tuning: Tuning; readonly onTake: (change: WhatIf) => void }) {
  const { targetDays, nowDays, options, isReached } = tuning;
  const days = (value: number) => `${number(value, 1)} ${value === 1 ? 'day' : 'days'}`;
  return (
    <div>
      <p>
        It asks after {days(nowDays)} in a middling month; you come every {days(targetDays)}.{' '}
        {options.length === 0
          ? 'Nothing tried comes nearer.'
          : isReached
            ? 'Smallest change first:'
            : 'Nothing reaches your day; nearest first:'}
      </p>
      <div className={styles.options}>
        {options.map((option) => (
          <button key={option.sentence} type="button" onClick={() => onTake(option.change)}>
            {option.sentence} <strong>{days(option.days)}</strong>
          </button>
        ))}
      </div>
    </div>
  );
}
