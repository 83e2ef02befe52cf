import type { RuledOut } from '@core/words';
import styles from './details.module.css';
import { nb } from '../../../controls/nb';

/** What was put aside, the rule that did it, and what would let it back in. */
export function RuledOutList({ ruledOut }: { readonly ruledOut: readonly RuledOut[] }) {
  if (ruledOut.length === 0) return <p>Nothing was ruled out.</p>;
  return (
    <ul className={styles.ruledOut} data-testid="ruled-out">
      {ruledOut.map((entry) => (
        <li key={entry.approachName + entry.title + entry.ruleId}>
          <strong>{entry.title}</strong>
          {entry.alike > 1 ? <span className={styles.small}> and {entry.alike - 1} like it</span> : null}
          <div>
            {nb(entry.sentence)} <span className={styles.change}>{nb(entry.wouldChange)}</span>
          </div>
        </li>
      ))}
    </ul>
  );
}
