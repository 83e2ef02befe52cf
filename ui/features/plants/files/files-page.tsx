'use client';

/** Everything out as files, and in again: a grower's own list, an archive of this program. */
import { PageLink } from '../../../controls/page-link';
import { useState } from 'react';
import { useIsBrowser } from '../../../data/browser/stored';
import { Button } from '../../../controls/button';
import { ArchiveIn } from './archive-in';
import { FileField } from './file-field';
import { Intakes } from './intakes';
import { useListFile } from './list-file';
import { SettleList } from './settle-list';
import styles from './files.module.css';

export function FilesPage() {
  const isBrowser = useIsBrowser();
  return (
    <div className={`entry ${styles.page}`}>
      <h1>Lists and files</h1>
      {isBrowser ? <InBrowser /> : <p className={styles.hint}>One moment…</p>}
    </div>
  );
}

function InBrowser() {
  const list = useListFile();
  const [pasted, setPasted] = useState('');
  if (list.file) {
    return (
      // Another file is another list: nothing of the one before it stays.
      <SettleList key={list.file.key} file={list.file} onSettle={list.settle} onDone={list.putAside} />
    );
  }
  return (
    <>
      <section aria-label="Take in a list">
        <h2>Take in a list of plants</h2>
        <p className={styles.hint}>
          Any table will do: save your spreadsheet as CSV, with one line of headings and one line a plant. You see what
          becomes of it before anything is kept.
        </p>
        <div className={styles.begin}>
          <FileField
            label="Choose the file"
            accept=".csv,.tsv,.txt,text/csv,text/tab-separated-values,text/plain"
            onFile={(chosen) => void list.open(chosen)}
          />
          <label className={styles.paste}>
            Or paste it
            <textarea rows={3} value={pasted} onChange={(event) => setPasted(event.target.value)} />
          </label>
          <Button disabled={pasted.trim() === ''} onClick={() => list.paste(pasted)}>
            Read what I pasted
          </Button>
        </div>
        {list.fault ? <p role="alert">{list.fault}</p> : null}
      </section>
      <TakeOut />
      <ArchiveIn />
      <Intakes />
      <p>
        <PageLink href="/plants">Back to the plants</PageLink>
      </p>
    </>
  );
}

const tables = [
  { kind: 'plants', label: 'Plants' },
  { kind: 'events', label: 'What happened' },
  { kind: 'readings', label: 'What was measured' },
  { kind: 'stock', label: 'Stock' },
  { kind: 'air', label: 'Air of my places' },
] as const;

function TakeOut() {
  return (
    <section aria-label="Take it out">
      <h2>Take it out</h2>
      <p className={styles.hint}>
        The archive is one file with everything: plants, lives, stock, places and photographs. It can be read in again,
        here or on another machine.
      </p>
      <p className={styles.outs}>
        <a href="/api/archive" download>
          Archive (JSON)
        </a>
        {tables.map(({ kind, label }) => (
          <a key={kind} href={`/api/tables/${kind}`} download>
            {label} (CSV)
          </a>
        ))}
      </p>
    </section>
  );
}
