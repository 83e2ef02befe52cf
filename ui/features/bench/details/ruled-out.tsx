import { setupsStopped, andMore } from '@core/words';
import type { RuledOut } from '@core/words';
import styles from './details.module.css';
import { nb } from '../../../controls/nb';

/** Media named at most; the rest are counted. */
const MEDIA_NAMED = 4;

/** "Stops 36 setups in 3 media: …" */
function stoppedText({ alike, media, title }: RuledOut): string {
  if (alike === 1) return `Stops ${title}.`;
  const named = media.slice(0, MEDIA_NAMED).join(', ');
  const rest = media.length > MEDIA_NAMED ? andMore(media.length - MEDIA_NAMED) : '';
  return setupsStopped(alike, media.length, named, rest);
}

/** What was put aside, the rule that did it, and what would let it back in. */
export function RuledOutList({ ruledOut }: { readonly ruledOut: readonly RuledOut[] }) {
  if (ruledOut.length === 0) return <p>Nothing was ruled out.</p>;
  return (
    <ul className={styles.ruledOut} data-testid="ruled-out">
      {ruledOut.map((entry) => (
        <li key={entry.ruleId + entry.title}>
          <div>
            {nb(entry.sentence)} <span className={styles.change}>{nb(entry.wouldChange)}</span>
          </div>
          <div className={styles.small}>{stoppedText(entry)}</div>
        </li>
      ))}
    </ul>
  );
}
