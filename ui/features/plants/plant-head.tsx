'use client';

/** Who a plant is: tag, kind, papers, where it stands, and what they said before. */
import * as z from 'zod';
import { putAwayTitle, whereNowWords } from '@core/words';
import { DeleteOutlined, EditOutlined } from '@ant-design/icons';
import dayjs from 'dayjs';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { genusById, genusIds, timeAwaySchema } from '@core';
import type { FactsHistory } from '@server/records/plants/facts-schemas';
import type { PlantLog } from '@server/projections/plants/schemas';
import { client } from '../../data/client';
import { messages } from '../../data/messages';
import { useUndoable } from '../../data/use-undoable';
import { Button } from '../../controls/button';
import { leftWords } from '../../journal/journal-words';
import { AddDialog, type AddKind } from './add-dialog';
import { FactsDialog } from './facts-dialog';
import { flagWords } from './plant-words';
import styles from './plants.module.css';

const inTwoPlaces = z.object({ place: z.object({ timeAway: timeAwaySchema }) });

/** Of a plant that goes elsewhere for part of the year. */
function whereNow(lastCase: unknown): string | null {
  const read = inTwoPlaces.safeParse(lastCase);
  return read.success ? whereNowWords(read.data.place.timeAway, dayjs().format('YYYY-MM-DD')) : null;
}

export function PlantHead({ log }: { readonly log: PlantLog }) {
  const [isOpen, setOpen] = useState(false);
  const [adding, setAdding] = useState<AddKind | null>(null);
  const putAwayUndoable = useUndoable();
  const router = useRouter();
  const [history, setHistory] = useState<FactsHistory['before'] | null>(null);
  const { name, genusId, tagNumber, parentage, source, acquiredOn, placeName, spot, flag, left } = log;
  const told = [
    { label: 'Parentage', value: parentage },
    { label: 'Stands in', value: [placeName, spot].filter(Boolean).join(', ') || null },
    { label: 'By date', value: whereNow(log.lastCase) },
    {
      label: 'From',
      value: [source, acquiredOn ? dayjs(acquiredOn).format('MMMM YYYY') : null].filter(Boolean).join(', ') || null,
    },
    { label: 'Mark', value: flag ? flagWords[flag] : null },
    { label: 'Left', value: left ? `${leftWords[left.how]}, ${dayjs(left.on).format('D MMMM YYYY')}` : null },
  ].filter(({ value }) => value !== null);
  const putAway = async () => {
    // Written down by mistake: a plant that died or went away has left, and stays to be found.
    if (await putAwayUndoable('plants', log.id, putAwayTitle(name))) router.push('/plants');
  };
  const openHistory = () => {
    client.factsBefore(log.id).then(
      ({ before }) => setHistory(before),
      (error: unknown) => messages.error(error instanceof Error ? error.message : String(error)),
    );
  };
  return (
    <header className={styles.head}>
      <div>
        <h1>
          {tagNumber ? <span className={styles.tagNumber}>{tagNumber}</span> : null}
          {name}
        </h1>
        <p className="latin">{genusIds.includes(genusId) ? genusById(genusId).name : genusId}</p>
        <dl className={styles.facts}>
          {told.map(({ label, value }) => (
            <div key={label}>
              <dt>{label}</dt>
              <dd>{value}</dd>
            </div>
          ))}
        </dl>
      </div>
      <div className={styles.headActions}>
        <Button icon={<EditOutlined />} aria-haspopup="dialog" onClick={() => setOpen(true)}>
          Tag and papers…
        </Button>
        <Button aria-haspopup="dialog" onClick={() => setAdding('division')}>
          Divide…
        </Button>
        <Button aria-haspopup="dialog" onClick={() => setAdding('like')}>
          Another like it…
        </Button>
        <Button kind="quiet" icon={<DeleteOutlined />} onClick={() => void putAway()}>
          Delete this plant
        </Button>
        {history === null && log.version > 1 ? (
          <Button kind="quiet" onClick={openHistory}>
            What they said before
          </Button>
        ) : null}
      </div>
      {history === null ? null : (
        <ul className={styles.before} aria-label="What tag and papers said before">
          {history.length === 0 ? <li>Nothing else.</li> : null}
          {history.map(({ version, replacedAt, facts }) => (
            <li key={version}>
              Until {dayjs(replacedAt).format('D MMM YYYY')}:{' '}
              {[
                facts.name,
                facts.tagNumber,
                facts.parentage,
                facts.source,
                facts.spot,
                facts.flag && flagWords[facts.flag],
              ]
                .filter(Boolean)
                .join(' · ')}
            </li>
          ))}
        </ul>
      )}
      {adding ? <AddDialog kind={adding} of={log} onClose={() => setAdding(null)} /> : null}
      {isOpen ? <FactsDialog log={log} onClose={() => setOpen(false)} /> : null}
    </header>
  );
}
