'use client';

/** Plants by need: each with the one reason that puts it there, how sure that is, and what it waits for. */
import { PageLink } from '../../controls/page-link';
import { useState } from 'react';
import { genusById, genusIds } from '@core';
import { needName, wordNeed } from '@core/words';
import type { DueList, DuePlant } from '@server/projections/due/schemas';
import { Button } from '../../controls/button';
import { today } from '../../data/dates';
import { useJournal } from '../../data/use-journal';
import { PutOffDialog } from './put-off-dialog';
import styles from './today.module.css';

/** As many as one looks over at a glance. */
const SHOWN_FIRST = 8;

const kindName = (genusId: string): string => (genusIds.includes(genusId) ? genusById(genusId).name : genusId);

export function Needs({ due }: { readonly due: DueList }) {
  const [isAll, setAll] = useState(false);
  const shown = isAll ? due.plants : due.plants.slice(0, SHOWN_FIRST);
  return (
    <section aria-label="What needs you">
      <h2>
        What needs you <span className={styles.count}>{due.total}</span>
      </h2>
      {due.total === 0 ? <p className={styles.none}>Nothing asks for you today.</p> : null}
      <ol className={styles.needs}>
        {shown.map((plant) => (
          <NeedLine key={plant.plantId} plant={plant} day={due.today} />
        ))}
      </ol>
      {due.plants.length > shown.length ? (
        <Button isWide onClick={() => setAll(true)}>
          All {due.total}
        </Button>
      ) : null}
    </section>
  );
}

function NeedLine({ plant, day }: { readonly plant: DuePlant; readonly day: string }) {
  const { plantId, name, genusId, tagNumber, placeName, spot, need, others, urgency } = plant;
  const { reason, when, waits } = wordNeed(need, day);
  const [isPuttingOff, setPuttingOff] = useState(false);
  const { isBusy, keep } = useJournal();
  const flushed = () =>
    void keep([{ id: plantId, name }], 'flushed', { kind: 'flushed', happenedOn: today(), details: {} });
  return (
    <li className={styles.need} data-sureness={need.sureness}>
      <span className={styles.urgency} title={`Urgency ${Math.round(100 * urgency)} of 100`} aria-hidden="true">
        <i style={{ height: `${Math.round(100 * urgency)}%` }} />
      </span>
      <div>
        <p className={styles.name}>
          {tagNumber ? <span className={styles.tag}>{tagNumber}</span> : null}
          <PageLink href={`/plants/${plantId}`}>{name}</PageLink> <span className="latin">{kindName(genusId)}</span>
          <span className={styles.where}>{[placeName, spot].filter(Boolean).join(', ')}</span>
        </p>
        <p className={styles.reason}>{reason}</p>
        <p className={styles.when}>
          {when} {waits}
          {others.length > 0 ? ` Also: ${others.map(needName).join(', ')}.` : ''}
        </p>
      </div>
      <div className={styles.actions}>
        {need.kind === 'flush' ? (
          <Button isBusy={isBusy} onClick={flushed}>
            Flushed
          </Button>
        ) : null}
        <Button aria-haspopup="dialog" aria-label={`Not now: ${name}`} onClick={() => setPuttingOff(true)}>
          Not now…
        </Button>
      </div>
      {isPuttingOff ? <PutOffDialog plant={plant} onClose={() => setPuttingOff(false)} /> : null}
    </li>
  );
}
