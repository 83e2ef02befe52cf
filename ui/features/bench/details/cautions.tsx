import type { SetupReview } from '@core/words';
import styles from './details.module.css';

interface CautionsProps {
  readonly review: SetupReview;
  readonly traps: readonly string[];
  /** Whether to divide it; empty where that is no question. */
  readonly division: string;
}

/** Steps to take first and cautions, where they apply. */
export function Cautions({ review, traps, division }: CautionsProps) {
  const steps = review.findings.filter((finding) => finding.effect === 'require step');
  const cautions = review.findings.filter((finding) => finding.effect === 'caution');
  return (
    <div>
      {traps.length > 0 ? (
        <>
          <h2>This plant</h2>
          <p>{traps.join(' ')}</p>
        </>
      ) : null}
      {division === '' ? null : (
        <>
          <h2>One plant, or more</h2>
          <p>{division}</p>
        </>
      )}
      {steps.length > 0 ? <h2>Before you start</h2> : null}
      <ul className={styles.reasons}>
        <li>Water the plant first: wet roots bend, dry ones snap. Clean your blade, and cut away from your hand.</li>
        {steps.map((finding) => (
          <li key={finding.ruleId}>{finding.sentence}</li>
        ))}
      </ul>
      {cautions.length > 0 ? <h2>Take care</h2> : null}
      <ul className={styles.cautions}>
        {cautions.map((finding) => (
          <li key={finding.ruleId}>
            <span aria-hidden="true">⚠ </span>
            {finding.sentence}
          </li>
        ))}
        <li>
          <span aria-hidden="true">⚠ </span>
          Keep plants and media away from pets and children. Labels and local law come before anything said here.
        </li>
      </ul>
    </div>
  );
}
