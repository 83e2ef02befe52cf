'use client';

/** Steps after potting: each done, or skipped, by one touch; late ones say so. */
import dayjs from 'dayjs';
import { PageLink } from '../controls/page-link';
import { useState } from 'react';
import { aftercareNames, aftercareSentence, nowUntil, lateSince } from '@core/words';
import type { PlantAftercare } from '@server/projections/aftercare/schemas';
import { Button } from '../controls/button';
import { today as todayNow } from '../data/dates';
import { type Done, useJournal } from '../data/use-journal';
import { JudgeDialog } from './judge-dialog';
import styles from './aftercare.module.css';

interface AftercareProps {
  /** In the order of their days. */
  readonly tasks: readonly PlantAftercare[];
  /** YYYY-MM-DD */
  readonly today: string;
  /** Of one plant, on its own page: it need not be named. */
  readonly ofOne?: boolean;
}

/** So far ahead a plant's own page looks. */
const AHEAD_DAYS = 60;

function whenText({ dueOn, untilOn }: PlantAftercare, today: string): string {
  if (dueOn > today) return `on ${dayjs(dueOn).format('dddd, D MMMM')}`;
  if (untilOn < today) return lateSince(dayjs(dueOn).format('D MMMM'));
  return dueOn === untilOn || untilOn === today ? 'today' : nowUntil(dayjs(untilOn).format('D MMMM'));
}

/** What is written down anyway is written down as such. */
const asDone: Partial<Readonly<Record<PlantAftercare['kind'], 'watered' | 'flushed' | 'fed'>>> = {
  'first water': 'watered',
  'water again': 'watered',
  flush: 'flushed',
  feed: 'fed',
};

/** Three things are asked where a potting is judged. */
const isJudged: ReadonlySet<PlantAftercare['kind']> = new Set(['tug', 'judge again']);

const doneOf = ({ kind, pottingId }: PlantAftercare, outcome: 'done' | 'skipped'): Done => {
  const beside = outcome === 'done' ? asDone[kind] : undefined;
  return beside
    ? { kind: beside, happenedOn: todayNow(), details: {} }
    : { kind: 'nursed', happenedOn: todayNow(), details: { pottingId, task: kind, outcome } };
};

export function AftercareTasks({ tasks, today, ofOne = false }: AftercareProps) {
  const { isBusy, keep } = useJournal();
  const [judging, setJudging] = useState<PlantAftercare | null>(null);
  const until = dayjs(today).add(AHEAD_DAYS, 'day').format('YYYY-MM-DD');
  const open = tasks.filter(({ state, dueOn }) => state === 'open' && (!ofOne || dueOn <= until));
  if (open.length === 0) return null;
  const list = (
    <ul className={styles.tasks}>
      {open.map((task) => {
        const { id, plantId, plantName, placeName, kind, ppm, untilOn, dueOn } = task;
        const of = [{ id: plantId, name: plantName }];
        const name = aftercareNames[kind].toLowerCase();
        const write = (outcome: 'done' | 'skipped') => {
          if (outcome === 'done' && isJudged.has(kind)) return setJudging(task);
          const said = outcome === 'done' ? name : `${name}, skipped`;
          return void keep(of, said, doneOf(task, outcome));
        };
        return (
          <li key={id} data-late={untilOn < today ? '' : undefined} data-ahead={dueOn > today ? '' : undefined}>
            <div>
              {ofOne ? null : (
                <p>
                  <PageLink href={`/plants/${plantId}`}>{plantName}</PageLink>{' '}
                  {placeName ? <small>{placeName}</small> : null}
                </p>
              )}
              <p>
                <strong>{aftercareSentence({ kind, ppm })}</strong> <small>{whenText(task, today)}</small>
              </p>
            </div>
            <div className={styles.actions} role="group" aria-label={`${plantName}: ${name}`}>
              <Button kind={dueOn > today ? 'plain' : 'main'} isBusy={isBusy} onClick={() => write('done')}>
                {isJudged.has(kind) ? 'Done…' : 'Done'}
              </Button>
              <Button kind="quiet" isBusy={isBusy} onClick={() => write('skipped')}>
                Skip
              </Button>
            </div>
          </li>
        );
      })}
    </ul>
  );
  const judge = judging ? (
    <JudgeDialog
      name={judging.plantName}
      isBusy={isBusy}
      onClose={() => setJudging(null)}
      onKeep={(seen) => {
        const { plantId, plantName, kind, pottingId } = judging;
        const details = { pottingId, task: kind, outcome: 'done', ...seen } as const;
        const done = { kind: 'nursed', happenedOn: todayNow(), details } as const;
        void keep([{ id: plantId, name: plantName }], aftercareNames[kind].toLowerCase(), done).then(() =>
          setJudging(null),
        );
      }}
    />
  ) : null;
  return ofOne ? (
    <section aria-label="After potting">
      <h2 className={styles.head}>After potting</h2>
      {list}
      {judge}
    </section>
  ) : (
    <>
      {list}
      {judge}
    </>
  );
}
