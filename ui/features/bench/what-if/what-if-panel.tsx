'use client';

/** What to change, what it does, and tuning to the grower's day. */
import { changedSpec, type SetupSpec, type WhatIf } from '@core';
import type { Difference } from '@core/words';
import { ThemeProvider } from '../../../theme/provider';
import { keepTried } from '../state/actions';
import { usePlanned } from '../state/plan-store';
import { useTriedWords } from '../state/worded';
import { tryChange, useWhatIf } from '../state/what-if-store';
import { ChangeFields } from './change-fields';
import { Tune } from './tune-options';
import styles from './what-if.module.css';
import { Button } from '../../../controls/button';

const noChange: WhatIf = {};
const noLines: readonly Difference[] = [];

export function WhatIfPanel({ spec }: { readonly spec: SetupSpec }) {
  const change = useWhatIf((state) => state.change) ?? noChange;
  const routine = usePlanned((state) => state.planCase?.routine);
  const answer = useTriedWords();
  // Read off at once, so that fast hands never wait for the worker.
  const now = changedSpec(spec, change);
  const set = (patch: WhatIf) => tryChange({ ...change, ...patch });
  const isChanged = Object.keys(change).length > 0;
  return (
    <section className={styles.panel} aria-label="What if">
      <div className={styles.head}>
        <h2>What if…</h2>
        <Button onClick={() => tryChange({})} disabled={!isChanged}>
          Start over
        </Button>
        <Button onClick={() => tryChange(null)}>Close</Button>
      </div>
      <div className={styles.scroll} tabIndex={0} role="region" aria-label="What to change and what it does">
        <Tune key={JSON.stringify([routine, spec])} />
        <Differences lines={answer?.differences ?? noLines} />
        <ThemeProvider>
          <ChangeFields now={now} change={change} set={set} />
        </ThemeProvider>
      </div>
      <Button
        kind="main"
        isLarge
        isWide
        disabled={!isChanged || answer === null}
        onClick={keepTried}
        className={styles.keep}
      >
        Take the changed one
      </Button>
    </section>
  );
}

function Differences({ lines }: { readonly lines: readonly Difference[] }) {
  if (lines.length === 0) return <p className={styles.hint}>Change something below; both stand side by side.</p>;
  return (
    <table className={styles.differences}>
      <caption className="visually-hidden">What the change does</caption>
      <thead>
        <tr>
          <th scope="col">over the year</th>
          <th scope="col">as it is</th>
          <th scope="col">changed</th>
        </tr>
      </thead>
      <tbody>
        {lines.map((line) => (
          <tr key={line.code}>
            <th scope="row">{line.label}</th>
            <td>{line.before}</td>
            <td data-better={line.isBetter === null ? undefined : String(line.isBetter)}>
              {line.after}
              {line.isBetter === null ? '' : line.isBetter ? ' ✓' : ' ✗'}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
