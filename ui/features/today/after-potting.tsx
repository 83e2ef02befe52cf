'use client';

/** What plants that were potted ask for today. */
import { PageLink } from '../../controls/page-link';
import type { AftercareList } from '@server/projections/aftercare/schemas';
import { AftercareTasks } from '../../journal/aftercare';
import { useAftercare } from '../../data/aftercare';
import styles from './today.module.css';

/** As many as one looks over at a glance. */
const SHOWN = 6;

export function AfterPotting({ first }: { readonly first: AftercareList }) {
  const { tasks, today } = useAftercare(first);
  const due = tasks.filter(({ state, dueOn }) => state === 'open' && dueOn <= today);
  const isAny = tasks.some(({ state }) => state === 'open');
  if (!isAny) return null;
  return (
    <section aria-label="After potting">
      <h2>
        After potting <span className={styles.count}>{due.length}</span>
      </h2>
      {due.length === 0 ? <p className={styles.none}>Nothing today.</p> : null}
      <AftercareTasks tasks={due.slice(0, SHOWN)} today={today} />
      <PageLink href="/aftercare" className={styles.all}>
        All of it, day by day
      </PageLink>
    </section>
  );
}
