'use client';

/** What is done after potting, all plants together, day by day; and the same as a calendar. */
import dayjs from 'dayjs';
import { aftercareNames } from '@core/words';
import type { AftercareList, PlantAftercare } from '@server/projections/aftercare/schemas';
import { AftercareTasks } from '../../journal/aftercare';
import { useAftercare } from '../../data/aftercare';
import styles from './aftercare.module.css';

function byDay(
  tasks: readonly PlantAftercare[],
  today: string,
): readonly (readonly [string, readonly PlantAftercare[]])[] {
  const days = new Map<string, PlantAftercare[]>();
  for (const task of tasks) {
    const day = task.dueOn > today ? task.dueOn : today;
    days.set(day, [...(days.get(day) ?? []), task]);
  }
  return [...days].sort(([a], [b]) => a.localeCompare(b));
}

export function AftercarePage({ first }: { readonly first: AftercareList }) {
  const { tasks, today, reckoning } = useAftercare(first);
  const open = tasks.filter(({ state }) => state === 'open');
  const done = tasks
    .filter(({ state }) => state === 'done' || state === 'skipped')
    .sort((a, b) => (b.doneOn ?? '').localeCompare(a.doneOn ?? ''))
    .slice(0, SHOWN_DONE);
  return (
    <div className={styles.page}>
      <h1>After potting</h1>
      {reckoning > 0 ? (
        <p className={styles.told} role="status">
          The steps of {reckoning} {reckoning === 1 ? 'plant' : 'plants'} are still being worked out; the calendar file
          follows.
        </p>
      ) : (
        <p className={styles.told}>
          <a href={`/api/aftercare/calendar?today=${today}`} download="after-potting.ics">
            As a calendar file (.ics)
          </a>{' '}
          Taken in again, it puts the first right.
        </p>
      )}
      {open.length === 0 && reckoning === 0 ? (
        <p>Nothing is open: no plant was potted lately, or all is done.</p>
      ) : null}
      {byDay(open, today).map(([day, ofDay]) => (
        <section key={day} aria-label={dayjs(day).format('D MMMM')}>
          <h2>
            {day === today ? 'Today' : dayjs(day).format('dddd, D MMMM')}{' '}
            <span className={styles.count}>{ofDay.length}</span>
          </h2>
          <AftercareTasks tasks={ofDay} today={today} />
        </section>
      ))}
      {done.length > 0 ? (
        <section aria-label="Done lately">
          <h2>Done lately</h2>
          <ul className={styles.done}>
            {done.map(({ id, plantName, kind, state, doneOn }) => (
              <li key={id}>
                {doneOn ? dayjs(doneOn).format('D MMM') : ''} {plantName}: {aftercareNames[kind].toLowerCase()}
                {state === 'skipped' ? ', skipped' : ''}
              </li>
            ))}
          </ul>
        </section>
      ) : null}
    </div>
  );
}

const SHOWN_DONE = 12;
