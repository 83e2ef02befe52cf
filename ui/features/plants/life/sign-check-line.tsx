/** A look at a plant that waits, in its life. */
import { wordSignWatch, signNotYet } from '@core/words';
import type { SignCheckEntry } from '@server/records/journal/entry-schemas';
import styles from '../plants.module.css';
import type { EntryActions } from './entry-actions';
import { longDay } from './long-day';

const answerWords: Readonly<Record<SignCheckEntry['answer'], string>> = {
  waiting: 'Waits',
  'not yet': 'Looked: not yet',
  seen: 'Looked: the sign is there',
  'gone worse': 'Looked: it has gone worse',
};

interface LookLineProps {
  readonly entry: SignCheckEntry;
  readonly actions: EntryActions;
}

export function SignCheckLine({ entry, actions }: LookLineProps) {
  const { until } = wordSignWatch(entry.sign, entry.risk);
  return (
    <div>
      <h2>{longDay(entry.lookedOn)}</h2>
      <p>
        {answerWords[entry.answer]}
        {entry.lookOn === null ? '.' : signNotYet(until, longDay(entry.lookOn))}
      </p>
      <div className={styles.entryActions}>
        {actions({
          id: entry.id,
          version: entry.version,
          day: entry.lookedOn,
          note: null,
          kind: 'looked',
          said: nothing,
        })}
      </div>
    </div>
  );
}

/** Only its day and note are put right; the rest is made anew at the bench. */
const nothing = {};
