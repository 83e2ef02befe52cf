'use client';

/** Feed and water by arithmetic: each card a question, its figures under large buttons, its answer, its caution. */
import { BlendCard, PenCard, PeroxideCard } from './water-cards';
import { BottlesCard, CalMagCard, FeedCard } from './feed-cards';
import { RowOfPots } from './row-of-pots';
import styles from './solutions.module.css';

export function SolutionsPage() {
  return (
    <div className={styles.page}>
      <h1>Feed and water</h1>
      <p className={styles.told}>The label of a bottle, and local law, come before anything worked out here.</p>
      <div className={styles.cards}>
        <FeedCard />
        <CalMagCard />
        <BlendCard />
        <PenCard />
        <PeroxideCard />
        <RowOfPots />
        <BottlesCard />
      </div>
    </div>
  );
}
