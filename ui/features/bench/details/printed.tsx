'use client';

/** On paper nothing can be opened: what was under the tabs stands side by side. */
import { type PlanAnswer, type SetupReview, trapSentences } from '@core/words';
import { nb } from '../../../controls/nb';
import { useUnits } from '../../../data/units-context';
import { Aftercare } from './aftercare';
import { Cautions } from './cautions';
import { ChangeOverView } from './change-over';
import styles from './details.module.css';
import { Recipe } from './recipe';

interface PrintedProps {
  readonly plan: PlanAnswer;
  readonly review: SetupReview;
}

export function Printed({ plan, review }: PrintedProps) {
  const { units } = useUnits();
  return (
    <section className={styles.printed} aria-label="About this setup">
      <div>
        <h2>{plan.timing.headline}</h2>
        <p>{nb(plan.timing.sentence)}</p>
        <Recipe review={review} units={units} />
      </div>
      <div>
        <h2>Why</h2>
        <ul>
          {review.reasons.map((reason) => (
            <li key={reason.code}>{nb(reason.sentence)}</li>
          ))}
        </ul>
        <Cautions review={review} traps={trapSentences(plan.resolved.plant.genus)} division={plan.division} />
      </div>
      <div>
        <ChangeOverView change={review.changeOver} />
        <h2>The first weeks</h2>
        <Aftercare steps={review.aftercare} />
      </div>
    </section>
  );
}
