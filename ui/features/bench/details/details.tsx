'use client';

/** Everything said about the chosen setup: recipe, reasons, cautions, what follows. */
import { memo } from 'react';
import { type PlanAnswer, type SetupReview, trapSentences } from '@core/words';
import { Choice } from '../../../controls/choice';
import { nb } from '../../../controls/nb';
import { useUnits } from '../../../data/units-context';
import { useMedia } from '../../../theme/use-media';
import type { WayToKeep } from '../../../potting/ways';
import { useCase } from '../state/case-store';
import { detailsPages, showDetails, useDetails } from '../state/details-store';
import { usePlanned } from '../state/plan-store';
import styles from './details.module.css';
import { Aftercare } from './aftercare';
import { Cautions } from './cautions';
import { ChangeOverView } from './change-over';
import { Costs } from './costs';
import { DoubtsView } from './doubts';
import { PlaceFitLine } from './place-fit';
import { Recipe } from './recipe';
import { RootZone } from './root-zone';
import { RuledOutList } from './ruled-out';
import { DoItNow } from './do-it-now';
import { NextSteps } from './next-steps';
import { PerchedWater } from './perched-water';
import { Printed } from './printed';
import { UnlookedView } from './unlooked';
import { Watch } from './watch';
import { Why } from './why';
import { Button } from '../../../controls/button';

interface DetailsProps {
  readonly plan: PlanAnswer;
  readonly review: SetupReview;
  readonly onKeep: (way: WayToKeep) => void;
}

const pages = detailsPages.map((value) => ({ value, label: value }));

export const Details = memo(function Details({ plan, review, onKeep }: DetailsProps) {
  const { units } = useUnits();
  const curve = usePlanned((state) => state.curve);
  const isRight = useCase((state) => state.entry !== null);
  const page = useDetails((state) => state.page);
  if (useMedia('print')) return <Printed plan={plan} review={review} />;
  return (
    <section className={styles.details} aria-label="About this setup">
      <div className={styles.now} data-verdict={plan.timing.verdict}>
        <strong>{plan.timing.headline}.</strong> {nb(plan.timing.sentence)}
        <Watch timing={plan.timing} />
      </div>
      <PlaceFitLine plan={plan} />
      {plan.worthBuying === '' ? null : <p className={styles.buying}>{nb(plan.worthBuying)}</p>}
      <Choice isWide label="What to show" options={pages} value={page} onChange={showDetails} />
      {/* Scrolls with the panel, so the keyboard must reach it. */}
      <div className={styles.page} tabIndex={0} role="region" aria-label={page}>
        {page === 'Mix' ? (
          <>
            <Recipe review={review} units={units} />
            <PerchedWater spec={review.spec} units={units} />
            <h2>What it costs you</h2>
            <Costs review={review} costs={review.costs} />
          </>
        ) : null}
        {page === 'Why' ? (
          <>
            <Why review={review} />
            <UnlookedView />
            <DoubtsView />
            <RootZone review={review} curve={curve} units={units} />
          </>
        ) : null}
        {page === 'Care' ? (
          <Cautions review={review} traps={trapSentences(plan.resolved.plant.genus)} division={plan.division} />
        ) : null}
        {page === 'After' ? (
          <>
            <ChangeOverView change={review.changeOver} />
            <h2>The first weeks</h2>
            <Aftercare steps={review.aftercare} />
          </>
        ) : null}
        {page === 'Ruled out' ? <RuledOutList ruledOut={plan.ruledOut} /> : null}
      </div>
      <div className={styles.foot}>
        <NextSteps />
        <Button kind="main" isLarge onClick={() => onKeep(isRight ? 'put right' : 'potted')} className={styles.potted}>
          {isRight ? 'Put it right' : 'Potted it'}
        </Button>
        {isRight ? null : <DoItNow />}
        <Button isLarge aria-haspopup="dialog" onClick={() => onKeep('planned')}>
          Plan it
        </Button>
      </div>
    </section>
  );
});
