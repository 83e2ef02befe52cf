'use client';

/** Where it stands: each place with how hard its air dries a pot this month. */
import { useMemo, useState } from 'react';
import { type Place, summarizePlace } from '@core';
import { monthNames, number, temperature } from '@core/words';
import { usePlaceChoices } from '../../../../data/place-choices';
import { placeInCase } from '../../../../data/place-in-case';
import { useUnits } from '../../../../data/units-context';
import { answer } from '../../state/actions';
import { thisMonth } from '../../../../data/worker/first-case';
import { useCase } from '../../state/case-store';
import styles from '../../questions/pickers.module.css';

export function PlacePicker({ onDone }: { readonly onDone: () => void }) {
  const { units } = useUnits();
  const given = useCase((state) => state.answers.place) as string | Place | undefined;
  const said = useCase((state) => state.answers.month);
  const month = (typeof said === 'number' ? said : thisMonth()) - 1;
  const { mine, examples } = usePlaceChoices();
  const [showsExamples, setShowsExamples] = useState(false);
  const hasExamples = examples.length > 0 && (showsExamples || mine.length === 0);
  const chosenId = typeof given === 'object' ? given.id : given;
  const rows = useMemo(() => {
    const book = [...mine, ...(hasExamples ? examples : [])];
    // A place that came with a plant's record and is in nobody's book any more, or an example that is folded away.
    const chosen = typeof given === 'object' ? given : examples.find(({ id }) => id === given);
    if (chosen && !book.some(({ id }) => id === chosen.id)) book.unshift(chosen);
    return book.map((place) => ({ place, now: summarizePlace(place).months[month]! }));
  }, [mine, examples, hasExamples, given, month]);
  const hardest = Math.max(...rows.map(({ now }) => now.dryingPowerMmPerDay));
  return (
    <div className={styles.column}>
      <p className={styles.hint}>{monthNames[month]}: how hard the air dries a pot.</p>
      <div className={styles.places} role="radiogroup" aria-label="Where it stands">
        {rows.map(({ place, now }) => (
          <button
            key={place.id}
            type="button"
            role="radio"
            aria-checked={place.id === chosenId}
            data-first={place.id === chosenId ? '' : undefined}
            className={styles.place}
            title={place.note}
            onClick={() => {
              answer({ place: placeInCase(place) });
              onDone();
            }}
          >
            <strong>{place.name}</strong>
            <span>
              {temperature(now.temperatureC, units)} · {number(now.relativeHumidityPct, 0)} %
            </span>
            <span className={styles.bar}>
              <i style={{ width: `${(100 * now.dryingPowerMmPerDay) / hardest}%` }} />
            </span>
            <span>{number(now.dryingPowerMmPerDay, 1)} mm a day</span>
            {place.id === chosenId ? <small>{place.note}</small> : null}
          </button>
        ))}
      </div>
      <a className={styles.elsewhere} href="/places/new">
        Add my place
      </a>
      <a className={styles.elsewhere} href="/places/summer">
        Outside for the summer
      </a>
      {examples.length > 0 && mine.length > 0 ? (
        <button
          type="button"
          className={styles.elsewhere}
          aria-expanded={showsExamples}
          onClick={() => setShowsExamples(!showsExamples)}
        >
          {showsExamples ? 'Hide the examples' : 'Show invented examples'}
        </button>
      ) : null}
    </div>
  );
}
