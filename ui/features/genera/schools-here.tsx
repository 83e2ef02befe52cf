'use client';

/** What the schools would do with this genus in the place on the bench; asked for, since it takes seconds. */
import { placeById } from '@core';
import { useEffect, useRef, useState } from 'react';
import type { PlanCase, SchoolId, SidesFacts } from '@core';
import {
  number,
  percent,
  priceText,
  type SchoolComparison,
  setupTitle,
  vesselText,
  wordSides,
  type WordUnits,
} from '@core/words';
import { loadDraft, readCase } from '../../data/bench-draft';
import { commonScale } from '../../drawing/setup-section';
import { ShelfPot } from '../../drawing/shelf-pot';
import { Planner } from '../../data/worker/planner';
import { ProgressBar } from '../../controls/progress-bar';
import styles from './genera.module.css';
import { Button } from '../../controls/button';

interface SchoolsHereProps {
  readonly genusId: string;
  readonly units: WordUnits;
}

const asked: readonly SchoolId[] = ['medium', 'mounts', 'steps'];
const POT_PX = 92;

/** The genus in the bench's own place and routine, without what was measured on another plant. */
function caseFor(genusId: string): PlanCase {
  const draft = loadDraft();
  const reading = draft ? readCase({ ...draft.answers, genus: genusId }) : null;
  if (reading?.status !== 'ok') return { genus: genusId, place: 'heated-flat' };
  const { place, routine, month } = reading.planCase;
  return { genus: genusId, place, routine, month };
}

export function SchoolsHere({ genusId, units }: SchoolsHereProps) {
  const [comparisons, setComparisons] = useState<readonly SidesFacts[]>([]);
  const [isWorking, setWorking] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);
  const planner = useRef<Planner | null>(null);
  useEffect(() => () => planner.current?.close(), []);
  const planCase = caseFor(genusId);
  const placeName = typeof planCase.place === 'string' ? placeById(planCase.place).name : planCase.place.name;

  const ask = async () => {
    setWorking(true);
    setComparisons([]);
    planner.current ??= new Planner();
    for (const schoolId of asked) {
      const outcome = await planner.current.sides(planCase, schoolId, () => undefined);
      if (outcome.status === 'failed') setFailure(outcome.message);
      if (outcome.status !== 'done') break;
      setComparisons((before) => [...before, outcome.value]);
    }
    setWorking(false);
  };
  return (
    <section>
      <h2>What the schools would do in {placeName}</h2>
      {isWorking ? (
        <div className={styles.asking} aria-live="polite">
          <ProgressBar label="Working out each school" done={comparisons.length} total={asked.length} />
          <Button onClick={() => planner.current?.stopThinking()}>Stop</Button>
        </div>
      ) : (
        <Button onClick={() => void ask()}>{comparisons.length > 0 ? 'Work it out again' : 'Work it out'}</Button>
      )}
      {failure ? <p role="alert">{failure}</p> : null}
      {comparisons.map((comparison) => (
        <Comparison key={comparison.schoolId} comparison={wordSides(comparison, units)} units={units} />
      ))}
    </section>
  );
}

function Comparison({ comparison, units }: { readonly comparison: SchoolComparison; readonly units: WordUnits }) {
  const specs = comparison.sides.flatMap((side) => (side.setup ? [side.setup.spec] : []));
  const scale = specs.length > 0 ? commonScale(specs, POT_PX, POT_PX * 1.2) : 1;
  return (
    <div className={styles.comparison}>
      <h3>{comparison.question}</h3>
      <ul>
        {comparison.sides.map((side) => (
          <li key={side.sideId}>
            <strong>
              {side.name}
              {side.isHouse ? ' (ours)' : ''}
            </strong>
            <span>{side.argument}</span>
            {side.setup && side.costs ? (
              <>
                <ShelfPot spec={side.setup.spec} scale={scale} widthPx={POT_PX} heightPx={POT_PX} />
                <span>
                  {setupTitle(side.setup.spec, units)}
                  {side.setup.spec.vessel.kind === 'pot' ? `, ${vesselText(side.setup.spec, units).toLowerCase()}` : ''}
                </span>
                <span>
                  {number(side.costs.wateringsPerYear, 0)} waterings a year, {percent(side.costs.riskShare)} at risk,{' '}
                  {number(side.costs.yearsToNextRepot, 1)} years, price {priceText(side.costs.mediaPrice)}
                </span>
              </>
            ) : (
              <span>leaves nothing that would live here</span>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}
