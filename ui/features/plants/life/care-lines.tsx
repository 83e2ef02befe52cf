/** What was done in a few touches, in a plant's life: one line each, day by day. */
import dayjs from 'dayjs';
import type { CareEntry } from '@server/care/kinds';
import { careLine } from '../../care/care-words';
import styles from '../plants.module.css';
import type { EntryActions } from './entry-actions';
import { Photos } from './photos';

interface CareLinesProps {
  readonly entries: readonly CareEntry[];
  readonly actions: EntryActions;
}

/** Entries between two great ones, newest first. */
export function CareLines({ entries, actions }: CareLinesProps) {
  return (
    <ul className={styles.careLines}>
      {entries.map((entry) => (
        <li key={entry.id}>
          <details>
            <summary>
              <time dateTime={entry.happenedOn}>{dayjs(entry.happenedOn).format('D MMM YYYY')}</time>
              <span data-kind={entry.kind}>{careLine(entry)}</span>
              {entry.note ? <span className={styles.said}>{entry.note}</span> : null}
            </summary>
            <div className={styles.entryActions}>
              {actions({ id: entry.id, version: entry.version, day: entry.happenedOn, note: entry.note ?? '' })}
            </div>
          </details>
          {entry.photoIds ? <Photos ids={entry.photoIds} day={dayjs(entry.happenedOn).format('D MMMM YYYY')} /> : null}
        </li>
      ))}
    </ul>
  );
}
