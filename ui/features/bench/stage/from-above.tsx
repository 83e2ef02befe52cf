'use client';

/** From above: how long growth stays inside the rim, in this pot and in others, and what another place in it would cost. */
import { AimOutlined, EditOutlined, RedoOutlined, UndoOutlined } from '@ant-design/icons';
import { changedSpec, type GrowthView, type PlantInHand, type SetupSpec } from '@core';
import {
  cm,
  number,
  percent,
  type WordUnits,
  years as yearsText,
  growthNote,
  yearsLess,
  aboutYearsInside,
  moreThanYearsInside,
} from '@core/words';
import { Button } from '../../../controls/button';
import { GrowthPlan, nudged, yearColors } from '../../../drawing/growth-plan';
import { edit } from '../state/actions';
import { drawMap, movePlacements, useAbove } from '../state/above-store';
import { usePlanned } from '../state/plan-store';
import { GrowthMap } from './growth-map';
import styles from './from-above.module.css';

const EVEN = 0.5;
/** Less is told as nothing. */
const SHORT_YEARS = 0.05;

interface FromAboveProps {
  readonly spec: SetupSpec;
  readonly plant: PlantInHand;
  readonly units: WordUnits;
}

interface Lasting {
  readonly years: number;
  readonly isBeyond: boolean;
}

/** Longer than is followed, for no time at all, or so many years. */
function lasts({ years, isBeyond }: Lasting): string {
  if (isBeyond) return moreThanYearsInside(yearsText(Math.floor(years)));
  return years < SHORT_YEARS ? 'At the rim from the first day' : aboutYearsInside(yearsText(years));
}

/** The same on a small button. */
function shortly({ years, isBeyond }: Lasting): string {
  return isBeyond ? `over ${Math.floor(years)} y` : `${number(years, 1)} y`;
}

const standsWords: Readonly<Record<GrowthView['shown']['position'], string>> = {
  centre: 'in the middle',
  'back to the wall': 'back to the wall',
  'behind the middle': 'behind the middle',
  'on the diagonal': 'back in the corner',
  'backs together': 'backs together',
  'side by side': 'side by side',
};

function headline({ shown, best }: GrowthView, isMoved: boolean): string {
  if (!isMoved) return `${lasts(shown)}, ${standsWords[shown.position]}.`;
  const costs = best.years - shown.years;
  const end = costs < SHORT_YEARS ? 'as long as it can be' : yearsLess(yearsText(costs));
  return `${lasts(shown)}: ${end}.`;
}

export function FromAbove({ spec, plant, units }: FromAboveProps) {
  const view = usePlanned((state) => state.growth);
  const moved = useAbove((state) => state.stands);
  const isDrawing = useAbove((state) => state.isDrawing);
  if (!view) return <p className={styles.waiting}>Growing it on…</p>;
  if (isDrawing) return <GrowthMap view={view} onDone={() => drawMap(false)} />;
  const stands = moved ?? view.shown.stands;
  const turn = (turnDeg: number) => movePlacements(nudged(stands, 0, { turnDeg }, view.shown.widthCm / 2));
  return (
    <section className={styles.above} aria-label="From above">
      <p className={styles.headline} aria-live="polite">
        {headline(view, moved !== null)}
      </p>
      <div className={styles.pot}>
        <GrowthPlan view={view} stands={stands} plant={plant} units={units} onMove={movePlacements} />
        <div className={styles.beside}>
          <ol className={styles.years} aria-label="Chance that it is still inside the rim">
            {view.shown.chances.map((chance, year) => (
              <li key={year}>
                <b style={{ color: yearColors[year] }}>{year + 1}</b>
                <span>{yearsText(year + 1)}</span>
                <strong>{percent(chance)}</strong>
                <i style={{ width: `${100 * chance}%`, background: yearColors[year] }} />
              </li>
            ))}
          </ol>
          <div className={styles.moves}>
            <Button aria-label="Draw it" title="Draw it" icon={<EditOutlined />} onClick={() => drawMap(true)} />
            <Button aria-label="Turn it left" title="Turn it left" icon={<UndoOutlined />} onClick={() => turn(15)} />
            <Button
              aria-label="Turn it right"
              title="Turn it right"
              icon={<RedoOutlined />}
              onClick={() => turn(-15)}
            />
            <Button
              aria-label="Back to where it stands best"
              title="Back to where it stands best"
              icon={<AimOutlined />}
              disabled={moved === null}
              onClick={() => movePlacements(null)}
            />
          </div>
        </div>
      </div>
      <ul className={styles.sizes} aria-label="How long other sizes last">
        {view.sizes.map((size) => (
          <li key={size.rimDiameterCm}>
            <button
              type="button"
              aria-pressed={size.rimDiameterCm === view.shown.widthCm}
              onClick={() => edit(changedSpec(spec, { rimDiameterCm: size.rimDiameterCm }), true)}
            >
              <strong>{cm(size.rimDiameterCm, units)}</strong>
              <span>{shortly(size)}</span>
            </button>
          </li>
        ))}
      </ul>
      <p className={styles.note}>{growthNote(view.certainty === EVEN ? null : view.certainty)}</p>
    </section>
  );
}
