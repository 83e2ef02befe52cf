/** How the newest potting went, as it was judged. */
import { wordJudgement } from '@core/words';
import type { PlantLog } from '@server/projections/plants/schemas';
import styles from '../plants.module.css';
import { howItWent } from './how-it-went';
import { longDay } from './long-day';

export function Went({ log }: { readonly log: PlantLog }) {
  const judged = howItWent(log);
  if (judged.length === 0) return null;
  return (
    <section aria-label="How it went" className={styles.needs}>
      <h2>How it went</h2>
      <ul>
        {judged.map(({ on, judgement }, n) => {
          const [verdict, ...said] = wordJudgement(judgement);
          return (
            <li key={n}>
              <strong>{verdict}</strong> {longDay(on)}. {said.join(' ')}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
