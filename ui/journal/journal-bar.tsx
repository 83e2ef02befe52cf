'use client';

/** What was done, in two touches, to one plant or to many: what needs no word is written down at once. */
import dayjs from 'dayjs';
import { useState } from 'react';
import { Button } from '../controls/button';
import { keyTable } from '../controls/keys';
import { useJournalKeys } from '../controls/use-bench-keys';
import { today } from '../data/dates';
import { useTodaysFeed } from '../data/todays-feed';
import { type QuickEntryOf, type Done, useJournal } from '../data/use-journal';
import { JournalDialog, type DetailKind } from './journal-dialog';
import { journalWords } from './journal-words';
import styles from './journal.module.css';

const atOnce = ['watered', 'fed', 'flushed'] as const;
const withWords = ['watered', 'felt', 'bloomed', 'grew', 'treated', 'moved', 'weighed', 'noted', 'left'] as const;

interface CareBarProps {
  readonly plants: readonly QuickEntryOf[];
  /** Called when it is kept. */
  readonly onKept?: () => void;
}

const keyOf = (kind: string): string | null =>
  kind in keyTable ? keyTable[kind as keyof typeof keyTable].shown : null;

/** The key that does the same, where there is a keyboard to press it on. */
function KeyOf({ kind }: { readonly kind: string }) {
  const key = keyOf(kind);
  return key === null ? null : (
    <kbd aria-hidden="true" className={styles.key}>
      {key}
    </kbd>
  );
}

export function JournalBar({ plants, onKept }: CareBarProps) {
  const [day, setDay] = useState(today);
  const [open, setOpen] = useState<DetailKind | null>(null);
  const { isBusy, keep } = useJournal();
  const feed = useTodaysFeed();
  // What was mixed today goes with it, without a word more.
  const detailsOf = (kind: (typeof atOnce)[number]) =>
    kind === 'fed' && feed !== null && day === today() ? { note: feed } : {};
  const when = day === today() ? '' : ` on ${dayjs(day).format('D MMM')}`;
  const keepDone = async (done: Done) => {
    const isKept = await keep(plants, `${journalWords[done.kind].toLowerCase()}${when}`, done);
    if (!isKept) return;
    // Another dialog may have been opened meanwhile: only its own is closed.
    setOpen((now) => (now === done.kind ? null : now));
    onKept?.();
  };
  useJournalKeys((name) => {
    if (plants.length === 0 || isBusy) return;
    if (name === 'watered' || name === 'fed' || name === 'flushed')
      void keepDone({ kind: name, happenedOn: day, details: detailsOf(name) });
    else if (name !== 'felt' || plants.length === 1) setOpen(name);
  });
  // Of many at once no weight and no finger is the same.
  const shown = plants.length === 1 ? withWords : withWords.filter((kind) => kind !== 'weighed' && kind !== 'felt');
  return (
    <div className={styles.bar} role="group" aria-label="Write down">
      {atOnce.map((kind) => (
        <Button
          key={kind}
          kind="main"
          isBusy={isBusy}
          disabled={plants.length === 0}
          title={kind === 'fed' && feed !== null ? feed : undefined}
          onClick={() => void keepDone({ kind, happenedOn: day, details: detailsOf(kind) })}
        >
          {journalWords[kind]}
          <KeyOf kind={kind} />
        </Button>
      ))}
      {shown.map((kind) => (
        <Button key={kind} disabled={plants.length === 0} aria-haspopup="dialog" onClick={() => setOpen(kind)}>
          {kind === 'watered' ? 'Refilled, rain, hose' : journalWords[kind]}…
          {kind === 'watered' ? null : <KeyOf kind={kind} />}
        </Button>
      ))}
      <label className={`entry ${styles.day}`}>
        <input
          type="date"
          aria-label="Day"
          value={day}
          max={today()}
          onChange={(event) => setDay(event.target.value || today())}
        />
      </label>
      {open === null ? null : (
        <JournalDialog
          kind={open}
          plants={plants}
          day={day}
          isBusy={isBusy}
          onKeep={(done) => void keepDone(done)}
          onClose={() => setOpen(null)}
        />
      )}
    </div>
  );
}
