import { outOfMedium } from '@core/words';
import type { ChangeOver } from '@core/words';
import styles from './details.module.css';

const whenNames = { now: 'Now', 'when the sign shows': 'Then', 'next repotting': 'Next time' } as const;

/** From the old medium to the new: the stages, the sign between them, and what clings. */
export function ChangeOverView({ change }: { readonly change: ChangeOver }) {
  return (
    <section aria-label="Changing over">
      <h2>{change.fromName ? outOfMedium(change.fromName.toLowerCase()) : 'Into the new medium'}</h2>
      <ol className={styles.stages}>
        {change.stages.map((stage) => (
          <li key={stage.when}>
            <strong>{whenNames[stage.when]}.</strong> {stage.what}
            {stage.sign ? <span className={styles.sign}>Wait for: {stage.sign}.</span> : null}
          </li>
        ))}
      </ol>
      <p>{change.clinging}</p>
    </section>
  );
}
