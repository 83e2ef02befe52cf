'use client';

import { Button, Collapse } from 'antd';
import { useState } from 'react';
import { provenanceLabel } from '@core';
import { daysWithCause, number, type SetupReview } from '@core/words';
import styles from './details.module.css';
import { MonthDays } from './month-days';
import { nb } from '../../../controls/nb';

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
      <div className={styles.days} role="img" aria-label={`Of the year: ${daysWithCause(review.year)}`}>
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
        <Button block onClick={() => setAll(true)}>
          All {reasons.length} reasons
        </Button>
      )}
      <Collapse
        size="small"
        items={[
          {
            key: 'score',
            label: `How it scores: ${number(review.score, 0)} points`,
            children: (
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
            ),
          },
          {
            key: 'rules',
            label: 'Rules that spoke, and where they come from',
            children: (
              <ul className={styles.reasons}>
                {review.findings.map((finding) => (
                  <li key={finding.ruleId}>
                    <code>{finding.ruleId}</code> ({finding.effect}): {provenanceLabel(finding.provenance)}
                  </li>
                ))}
              </ul>
            ),
          },
        ]}
      />
    </div>
  );
}
