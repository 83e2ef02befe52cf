'use client';

/** Trials: two or more setups for one kind of plant, followed with the same measure, and what the numbers say by now. */
import { DeleteSeveral } from '../../controls/delete-several';
import { PageLink } from '../../controls/page-link';
import { useState } from 'react';
import type { PlantSummary } from '@server/projections/plants/schemas';
import type { TrialList, TrialRow } from '@server/projections/trials/schemas';
import { Button } from '../../controls/button';
import { useIsBrowser } from '../../data/browser/stored';
import { useTrials } from '../../data/trials';
import { TrialCard } from './trial-card';
import { TrialForm } from './trial-form';
import styles from './trials.module.css';

interface TrialsPageProps {
  readonly first: TrialList;
  /** Plants that can take part. */
  readonly plants: readonly Pick<PlantSummary, 'id' | 'name' | 'genusId'>[];
  /** Those that were chosen among the plants. */
  readonly chosenIds: readonly string[];
}

export function TrialsPage({ first, plants, chosenIds }: TrialsPageProps) {
  const { trials } = useTrials(first);
  // Lots are drawn in the browser: a page of the server draws none.
  const isBrowser = useIsBrowser();
  const [open, setOpen] = useState<{ readonly row: TrialRow | null } | null>(
    chosenIds.length > 0 ? { row: null } : null,
  );
  return (
    <div className={styles.page}>
      <div className={styles.head}>
        <h1>Trials</h1>
        {open ? null : (
          <Button kind="main" isLarge onClick={() => setOpen({ row: null })}>
            A new trial
          </Button>
        )}
      </div>
      <p className={styles.soft}>
        Pot against mount, one mix against another: plants by lot, one measure, and an answer that says when it cannot
        tell. Plants come by choosing them under <PageLink href="/plants">Plants</PageLink>.
      </p>
      {open && isBrowser ? (
        <TrialForm
          key={open.row?.id ?? 'new'}
          row={open.row}
          plants={plants}
          chosenIds={chosenIds}
          onClose={() => setOpen(null)}
        />
      ) : null}
      {trials.length === 0 && !open ? <p>None yet.</p> : null}
      <ul className={styles.trials}>
        {trials.map((row) => (
          <li key={row.id}>
            <TrialCard row={row} onChange={() => setOpen({ row })} />
          </li>
        ))}
      </ul>
      <DeleteSeveral kind="trial" things={trials.map(({ id, data }) => ({ id, name: data.name }))} />
    </div>
  );
}
