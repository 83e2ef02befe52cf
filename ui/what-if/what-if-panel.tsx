'use client';

/** What to change, what it does, and tuning to the grower's day. */
import { Button } from 'antd';
import { changedSpec, type SetupSpec, type WhatIf } from '@core';
import type { WordUnits } from '@core/words';
import type { BenchState, Tried } from '../bench/use-bench';
import { ChangeFields } from './change-fields';
import { Tune } from './tune-options';
import styles from './what-if.module.css';

interface WhatIfPanelProps {
  readonly bench: BenchState;
  readonly spec: SetupSpec;
  readonly tried: Tried;
  readonly units: WordUnits;
}

export function WhatIfPanel({ bench, spec, tried, units }: WhatIfPanelProps) {
  const { change, answer } = tried;
  // Read off at once, so that fast hands never wait for the worker.
  const now = changedSpec(spec, change);
  const set = (patch: WhatIf) => bench.tryChange({ ...change, ...patch });
  const isChanged = Object.keys(change).length > 0;
  return (
    <section className={styles.panel} aria-label="What if">
      <div className={styles.head}>
        <h2>What if…</h2>
        <Button size="small" onClick={() => bench.tryChange({})} disabled={!isChanged}>
          Start over
        </Button>
        <Button size="small" onClick={() => bench.tryChange(null)}>
          Close
        </Button>
      </div>
      <div className={styles.scroll} tabIndex={0} role="region" aria-label="What to change and what it does">
        <Tune key={JSON.stringify([bench.planCase?.routine, spec])} bench={bench} />
        <Differences tried={tried} />
        <ChangeFields bench={bench} now={now} change={change} units={units} set={set} />
      </div>
      <Button
        type="primary"
        size="large"
        block
        disabled={!isChanged || answer === null}
        onClick={bench.keepTried}
        className={styles.keep}
      >
        Take the changed one
      </Button>
    </section>
  );
}

function Differences({ tried }: { readonly tried: Tried }) {
  const lines = tried.answer?.differences ?? [];
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
          <tr key={line.label}>
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
