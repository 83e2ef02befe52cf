'use client';

/** An archive of this program taken in: tried first, so that one sees what it would bring; then kept, all of it or nothing. */
import { hereAlready } from '@core/words';
import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import type { ArchiveRead, SectionName } from '@server/exchange/archive/schemas';
import { sendArchive } from '../../../data/send-archive';
import { messageOf } from '../../../data/worker/long-work';
import { Button } from '../../../controls/button';
import { ProgressBar } from '../../../controls/progress-bar';
import { FileField } from './file-field';
import styles from './files.module.css';

type State =
  | { readonly status: 'none' }
  | { readonly status: 'busy'; readonly share: number; readonly isTrial: boolean }
  | { readonly status: 'tried'; readonly file: File; readonly read: ArchiveRead }
  | { readonly status: 'kept'; readonly read: ArchiveRead }
  | { readonly status: 'refused'; readonly message: string };

const sectionWords: Readonly<Record<SectionName, string>> = {
  places: 'places',
  ownItems: 'media, genera and things in stock of your own',
  ownItemsBefore: 'what those were before',
  plants: 'plants',
  plantsBefore: 'what stood on tags before',
  events: 'entries of lives',
  eventsBefore: 'what entries said before',
  stockEntries: 'entries of stock',
  pottingDays: 'potting days',
  dayEntries: 'entries of potting days',
  intakes: 'lists taken in',
  photographs: 'photographs',
};

const linesOf = ({ sections }: ArchiveRead): readonly string[] =>
  Object.entries(sections).flatMap(([name, { read, added }]) =>
    read === 0
      ? []
      : [`${sectionWords[name as SectionName]}: ${added} new${added < read ? hereAlready(read - added) : ''}`],
  );

const addedIn = ({ sections }: ArchiveRead): number =>
  Object.values(sections).reduce((sum, { added }) => sum + added, 0);

export function ArchiveIn() {
  const [state, setState] = useState<State>({ status: 'none' });
  const stop = useRef<AbortController | null>(null);
  const queries = useQueryClient();

  const send = async (file: File, isTrial: boolean) => {
    const { signal } = (stop.current = new AbortController());
    setState({ status: 'busy', share: 0, isTrial });
    try {
      const onShare = (share: number) => setState({ status: 'busy', share, isTrial });
      const read = await sendArchive(file, { isTrial, onShare, signal });
      setState(isTrial ? { status: 'tried', file, read } : { status: 'kept', read });
      if (!isTrial) await queries.invalidateQueries();
    } catch (error) {
      setState({ status: 'refused', message: messageOf(error) });
    }
  };

  return (
    <section aria-label="Take in an archive">
      <h2>Take in an archive</h2>
      <p className={styles.hint}>What is here already stays as it is here. You see first what it would bring.</p>
      {state.status === 'busy' ? (
        <div className={styles.which}>
          <p role="status">
            {state.isTrial ? 'Looking at the archive' : 'Taking in the archive'}
            {state.share >= 1 ? ', it is being read…' : '…'}
          </p>
          <ProgressBar label="Sent of the archive" done={state.share} total={1} />
          <Button onClick={() => stop.current?.abort()}>Stop</Button>
        </div>
      ) : (
        <FileField
          label="Choose the archive"
          accept=".json,application/json"
          onFile={(file) => void send(file, true)}
        />
      )}
      {state.status === 'refused' ? <p role="alert">{state.message}</p> : null}
      {state.status === 'tried' ? (
        <>
          <Counted read={state.read} />
          <div className={styles.keep}>
            <Button
              kind="main"
              isLarge
              disabled={addedIn(state.read) === 0}
              onClick={() => void send(state.file, false)}
            >
              {addedIn(state.read) === 0 ? 'All of it is here already' : 'Take it in'}
            </Button>
            <Button onClick={() => setState({ status: 'none' })}>Not now</Button>
          </div>
        </>
      ) : null}
      {state.status === 'kept' ? (
        <>
          <p role="status">It is in.</p>
          <Counted read={state.read} />
        </>
      ) : null}
    </section>
  );
}

function Counted({ read }: { readonly read: ArchiveRead }) {
  const lines = linesOf(read);
  if (lines.length === 0) return <p>It is empty.</p>;
  return (
    <ul className={styles.remarks}>
      {lines.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ul>
  );
}
