'use client';

/** A grower's own list taken in: what its columns hold is recognised, what is unsure is asked once, and all of it is kept or nothing. */
import Link from 'next/link';
import { useState } from 'react';
import { useIsBrowser } from '../../../data/stored';
import { Button } from '../../../controls/button';
import { Intakes } from './intakes';
import { useListFile } from './list-file';
import { SettleList } from './settle-list';
import styles from './take-in.module.css';

export function TakeIn() {
  const isBrowser = useIsBrowser();
  return (
    <div className={styles.page}>
      <h1>Take in a list</h1>
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
      <SettleList key={list.file.name} file={list.file} onSettle={list.settle} onDone={list.putAside} />
    );
  }
  return (
    <>
      <p className={styles.hint}>
        Any table will do: save your spreadsheet as CSV, with one line of headings and one line a plant. You see what
        becomes of it before anything is kept.
      </p>
      <div className={styles.begin}>
        <label className={styles.file}>
          Choose the file
          <input
            type="file"
            accept=".csv,.tsv,.txt,text/csv,text/tab-separated-values,text/plain"
            onChange={(event) => {
              const chosen = event.target.files?.[0];
              if (chosen) void list.open(chosen);
            }}
          />
        </label>
        <label className={styles.paste}>
          Or paste it
          <textarea rows={5} value={pasted} onChange={(event) => setPasted(event.target.value)} />
        </label>
        <Button disabled={pasted.trim() === ''} onClick={() => list.paste(pasted)}>
          Read what I pasted
        </Button>
      </div>
      {list.fault ? <p role="alert">{list.fault}</p> : null}
      <Intakes />
      <p>
        <Link href="/plants">Back to the plants</Link>
      </p>
    </>
  );
}
