'use client';

/**
 * The first screen. The bench begins with the draft in the browser, so the server's page shows only its frame. Its parts
 * are taken up one after the other, each in a task of its own: all at once they would hold the page up.
 */
import dynamic from 'next/dynamic';
import { thisMonth } from '../../data/worker/first-case';
import styles from './bench.module.css';

/** Lets the page see to whatever else waits. */
const nextTask = () => new Promise((resolve) => setTimeout(resolve));

/** The shapes of a case are made when the first is read: beforehand, with the case that a new bench begins with. */
async function makeShapes({ readCase, emptyDraft }: typeof import('../../data/bench-draft')): Promise<void> {
  await nextTask();
  readCase(emptyDraft(thisMonth()).answers);
  await nextTask();
}

/** Each part is taken up before the whole that holds it, in a task of its own. */
async function takeUpParts(): Promise<void> {
  await import('./sentence/sentence');
  await nextTask();
  await import('./stage/stage');
  await nextTask();
}

export const Bench = dynamic(
  () =>
    import('../../data/bench-draft')
      .then(makeShapes)
      .then(takeUpParts)
      .then(() => import('./bench-table'))
      .then((file) => file.BenchTable),
  { loading: () => <p className={styles.waiting}>Setting the bench…</p> },
);
