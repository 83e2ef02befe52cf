'use client';

import { useState } from 'react';
import { provenanceLabel } from '@core';
import { daysWithCause, number, type SetupReview, ofTheYear } from '@core/words';
import styles from './details.module.css';
import { MonthDays } from './month-days';
import { nb } from '../../../controls/nb';
import { Button } from '../../../controls/button';

/** So many reasons come first: they are sorted by weight. */
const FIRST_REASONS = 3;

/** Reasons with their numbers, what would change each, and the score laid open. */
export function Why({ review }: { readonly review: SetupReview }) {
  const pulls = review.findings.filter((finding) => finding.effect === 'prefer' || finding.effect === 'penalise');
  const [isAll, setAll] = useState(false);
  const reasons = [
    ...review.reasons.map(({ code: key, sentence, wouldChange }) => ({ key, sentence, wouldChange })),
    ...pulls.map(({ ruleId: key, sentence, wouldChange }) => ({ key, sentence, wouldChange })),
  ];
  const { fineDays, watchDays, harmDays, months } = review.year;
  return (
    <div>
      <div className={styles.days} role="img" aria-label={ofTheYear(daysWithCause(review.year))}>
        <span data-kind="fine" style={{ flexGrow: fineDays }} />
        <span data-kind="watch" style={{ flexGrow: watchDays }} />
        <span data-kind="harm" style={{ flexGrow: harmDays }} />
      </div>
      <MonthDays months={months} />
      <p className={styles.small}>{nb(daysWithCause(review.year))}</p>
      <ul className={styles.reasons}>
        {(isAll ? reasons : reasons.slice(0, FIRST_REASONS)).map(({ key, sentence, wouldChange }) => (
          <li key={key}>
            {nb(sentence)} <span className={styles.change}>{nb(wouldChange)}</span>
          </li>
        ))}
      </ul>
      {isAll || reasons.length <= FIRST_REASONS ? null : (
        <Button isWide onClick={() => setAll(true)}>
          All {reasons.length} reasons
        </Button>
      )}
      <details className={styles.more}>
        <summary>How it scores: {number(review.score, 0)} points</summary>
        <table className={styles.score}>
          <tbody>
            {review.pulls.map((pull) => (
              <tr key={pull.code}>
                <td>{pull.code.replaceAll('-', ' ')}</td>
                <td>
                  {pull.points > 0 ? '+' : ''}
                  {number(pull.points, 1)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
      <details className={styles.more}>
        <summary>The rules behind it, and their sources</summary>
        <ul className={styles.reasons}>
          {review.findings.map((finding) => (
            <li key={finding.ruleId}>
              <code>{finding.ruleId}</code> ({finding.effect}): {provenanceLabel(finding.provenance)}
            </li>
          ))}
        </ul>
      </details>
    </div>
  );
}
