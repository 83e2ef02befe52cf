'use client';

/** Where growers disagree: take a side, or see what each would do here and what it costs. */
import { useState } from 'react';
import { type School, schools, type SidesFacts } from '@core';
import { number, percent, priceText, type SchoolComparison, setupTitle, wordSides, type WordUnits } from '@core/words';
import { useUnits } from '../../../data/units-context';
import { answer } from '../state/actions';
import { useCase } from '../state/case-store';
import { usePlanned } from '../state/plan-store';
import { useEngine } from '../state/use-engine';
import { ShelfPot } from '../../../drawing/shelf-pot';
import { commonScale } from '../../../drawing/setup-section';
import { ProgressBar } from '../../../controls/progress-bar';
import styles from './questions.module.css';
import { Button } from '../../../controls/button';

export function SchoolFields() {
  const answers = useCase((state) => state.answers);
  const chosen = (answers.schools ?? {}) as Readonly<Record<string, string | undefined>>;
  const choose = (id: string, side: string | undefined) => {
    const next = Object.fromEntries(
      Object.entries({ ...chosen, [id]: side }).filter(([, value]) => value !== undefined),
    );
    answer({ schools: Object.keys(next).length > 0 ? next : undefined });
  };
  return (
    <div className={styles.questions}>
      <p className={styles.hint}>Growers differ here. Take a side, or leave it open and ours holds.</p>
      {schools.map((school) => (
        <SchoolField
          key={school.id}
          school={school}
          chosen={chosen[school.id]}
          choices={chosen}
          onChoose={(side) => choose(school.id, side)}
        />
      ))}
    </div>
  );
}

interface SchoolFieldProps {
  readonly school: School;
  readonly chosen: string | undefined;
  readonly choices: Readonly<Record<string, string | undefined>>;
  readonly onChoose: (side: string | undefined) => void;
}

function SchoolField({ school, chosen, choices, onChoose }: SchoolFieldProps) {
  const { units } = useUnits();
  const engine = useEngine();
  const answers = useCase((state) => state.answers);
  const thinking = usePlanned((state) => state.thinking);
  const [comparison, setComparison] = useState<{ readonly key: string; readonly value: SidesFacts } | null>(null);
  const [isAsking, setAsking] = useState(false);
  // What the answer rests on: everything but the side taken in this very question.
  const key = JSON.stringify({ ...answers, schools: { ...choices, [school.id]: undefined } });
  const ask = async () => {
    setAsking(true);
    const outcome = await engine.askSides(school.id);
    if (outcome.status === 'done') setComparison({ key, value: outcome.value });
    setAsking(false);
  };
  const house = school.sides.find((side) => side.id === school.houseSide)!;
  const shown = comparison !== null && comparison.key === key ? comparison.value : null;
  return (
    <fieldset className={styles.school}>
      <legend>{school.question}</legend>
      {[null, ...school.sides].map((side) => (
        <label key={side?.id ?? 'open'} className="tick">
          <input
            type="radio"
            name={`school-${school.id}`}
            checked={(chosen ?? null) === (side?.id ?? null)}
            onChange={() => onChoose(side?.id)}
          />
          <span>
            {side ? side.name : `Open: ours, “${house.name.toLowerCase()}”.`}{' '}
            <span className={styles.argument}>{side ? side.argument : school.houseReason}</span>
          </span>
        </label>
      ))}
      {isAsking ? (
        <div className={styles.asking} aria-live="polite">
          <ProgressBar label="Working out each side" done={thinking?.done ?? 0} total={thinking?.total ?? 1} />
          <Button onClick={() => engine.stopThinking()}>Stop</Button>
        </div>
      ) : (
        <Button onClick={() => void ask()}>What would each do here?</Button>
      )}
      {shown ? <Sides comparison={wordSides(shown, units)} units={units} /> : null}
    </fieldset>
  );
}

const POT_PX = 76;

function Sides({ comparison, units }: { readonly comparison: SchoolComparison; readonly units: WordUnits }) {
  const specs = comparison.sides.flatMap((side) => (side.setup ? [side.setup.spec] : []));
  const scale = specs.length > 0 ? commonScale(specs, POT_PX, POT_PX * 1.3) : 1;
  return (
    <table className={styles.sides}>
      <caption className="visually-hidden">What each side would do here</caption>
      <thead>
        <tr>
          <th scope="col">side</th>
          <th scope="col">would take</th>
          <th scope="col">waterings a year</th>
          <th scope="col">at risk</th>
          <th scope="col">years</th>
          <th scope="col">price</th>
        </tr>
      </thead>
      <tbody>
        {comparison.sides.map((side) => (
          <tr key={side.sideId}>
            <th scope="row">{side.name}</th>
            {side.setup && side.costs ? (
              <>
                <td>
                  <ShelfPot spec={side.setup.spec} scale={scale} widthPx={POT_PX} heightPx={POT_PX} />
                  {setupTitle(side.setup.spec, units)}
                </td>
                <td>{number(side.costs.wateringsPerYear, 0)}</td>
                <td>{percent(side.costs.riskShare)}</td>
                <td>{number(side.costs.yearsToNextRepot, 1)}</td>
                <td>{priceText(side.costs.mediaPrice)}</td>
              </>
            ) : (
              <td colSpan={5}>leaves nothing that would live here</td>
            )}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
