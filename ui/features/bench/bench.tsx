'use client';

/**
 * The first screen. The bench begins with the draft in the browser, so the server's page shows only its frame. Its parts
 * are taken up one after the other, each in a task of its own: all at once they would hold the page up.
 */
import dynamic from 'next/dynamic';
import styles from './bench.module.css';

/** Lets the page see to whatever else waits. */
const breath = () => new Promise((resolve) => setTimeout(resolve));

export const Bench = dynamic(
  () =>
    // The shapes of what can be said, and the catalogues behind them: as long to take up as all the rest.
    import('../../data/bench-draft')
      .then(breath)
      .then(() => import('./bench-table'))
      .then((file) => file.BenchTable),
  { loading: () => <p className={styles.waiting}>Setting the bench…</p> },
);
