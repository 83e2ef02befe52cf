'use client';

/** A plan in a plant's life: what it was meant to be potted in, drawn, and whether it still stands. */
import { plannedFor } from '@core/words';
import type { PlanEntry } from '@server/records/journal/entry-schemas';
import { Button } from '../../../controls/button';
import styles from '../plants.module.css';
import { readSaved, type SavedPlan } from '../../../data/saved-plan';
import type { EntryActions } from './entry-actions';
import { longDay } from './long-day';
import { SavedDrawing } from './saved-drawing';

interface PlanLineProps {
  readonly entry: PlanEntry;
  /** Nothing was potted since, and no other plan made. */
  readonly isOpen: boolean;
  readonly onOpen: (saved: SavedPlan) => void;
  readonly actions: EntryActions;
}

export function PlanLine({ entry, isOpen, onOpen, actions }: PlanLineProps) {
  const saved = readSaved(entry);
  const { forOn } = entry;
  return (
    <>
      <div>
        <h2>
          {isOpen ? 'Planned' : 'A plan of'} {longDay(entry.plannedOn)}
        </h2>
        {isOpen ? <p className={styles.open}>{forOn ? plannedFor(longDay(forOn)) : 'Not potted yet.'}</p> : null}
        <p>{entry.title}</p>
        {entry.note ? <p className={styles.note}>{entry.note}</p> : null}
        <div className={styles.entryActions}>
          {saved ? (
            <Button kind={isOpen ? 'main' : 'plain'} onClick={() => onOpen(saved)}>
              Open on the bench
            </Button>
          ) : null}
          {actions({
            id: entry.id,
            version: entry.version,
            day: entry.plannedOn,
            note: entry.note,
            kind: 'planned',
            said: { forOn },
          })}
        </div>
      </div>
      {saved ? <SavedDrawing saved={saved} /> : null}
    </>
  );
}
