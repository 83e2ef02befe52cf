/** What was done in a few touches, in a plant's life: one line each, or one for a run of the same. */
import dayjs from 'dayjs';
import type { QuickEntry } from '@server/records/journal/quick-entry-schemas';
import { journalLine } from '../../../journal/journal-words';
import styles from '../plants.module.css';
import type { EntryActions } from './entry-actions';
import { Photos } from './photos';
import { type Run, runsOf } from './runs';

interface CareLinesProps {
  /** Between two great ones, newest first. */
  readonly entries: readonly QuickEntry[];
  readonly actions: EntryActions;
}

export function JournalLines({ entries, actions }: CareLinesProps) {
  return (
    <ul className={styles.careLines}>
      {runsOf(entries).map((run) => (
        <li key={run.entries[0]!.id}>
          {run.entries.length > 1 ? (
            <RunLine run={run} actions={actions} />
          ) : (
            <CareLine entry={run.entries[0]!} actions={actions} />
          )}
        </li>
      ))}
    </ul>
  );
}

const shortDay = (day: string): string => dayjs(day).format('D MMM YYYY');

function RunLine({ run: { entries }, actions }: { readonly run: Run; readonly actions: EntryActions }) {
  const [newest, oldest] = [entries[0]!, entries[entries.length - 1]!];
  return (
    <details>
      <summary>
        <time dateTime={newest.happenedOn}>{shortDay(newest.happenedOn)}</time>
        <span data-kind={newest.kind}>
          {journalLine(newest)} {entries.length} times
        </span>
        <span className={styles.said}>since {shortDay(oldest.happenedOn)}</span>
      </summary>
      <ul>
        {entries.map((entry) => (
          <li key={entry.id}>
            <CareLine entry={entry} actions={actions} />
          </li>
        ))}
      </ul>
    </details>
  );
}

function CareLine({ entry, actions }: { readonly entry: QuickEntry; readonly actions: EntryActions }) {
  return (
    <>
      <details>
        <summary>
          <time dateTime={entry.happenedOn}>{shortDay(entry.happenedOn)}</time>
          <span data-kind={entry.kind}>{journalLine(entry)}</span>
          {entry.note ? <span className={styles.said}>{entry.note}</span> : null}
        </summary>
        <div className={styles.entryActions}>
          {actions({
            id: entry.id,
            version: entry.version,
            day: entry.happenedOn,
            note: entry.note ?? '',
            kind: entry.kind,
            said: entry,
          })}
        </div>
      </details>
      {entry.photoIds ? <Photos ids={entry.photoIds} day={dayjs(entry.happenedOn).format('D MMMM YYYY')} /> : null}
    </>
  );
}
