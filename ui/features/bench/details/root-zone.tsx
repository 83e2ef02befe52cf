'use client';

/** The root zone's wettest and driest corner at the hour shown, and its warmth and air by month. */
import { cornersAt, type SetupCurve } from '@core';
import {
  cm,
  monthNames,
  number,
  percent,
  type SetupReview,
  temperature,
  type WordUnits,
  saltCrust,
  saltsByLayer,
  wettestAndDriest,
} from '@core/words';
import styles from './details.module.css';
import { nb } from '../../../controls/nb';

interface RootZoneProps {
  readonly review: SetupReview;
  readonly curve: SetupCurve | null;
  readonly units: WordUnits;
}

export function RootZone({ review, curve, units }: RootZoneProps) {
  const due = curve
    ? Math.max(
        0,
        curve.hours.findIndex((row) => row.availableShare <= curve.thresholdShare),
      )
    : 0;
  const start = curve ? cornersAt(curve, 0) : null;
  const end = curve ? cornersAt(curve, due) : null;
  const from = review.spec.vessel.kind === 'mount' ? 'out from the wood' : 'above the base';
  return (
    <section aria-label="Root zone">
      {start && end ? (
        <>
          <h2>Wettest and driest spot</h2>
          <p>
            {nb(
              wettestAndDriest(
                cm(start.wettest.fromCm, units),
                cm(start.wettest.toCm, units),
                from,
                percent(start.wettest.air),
                cm(end.driest.fromCm, units),
                cm(end.driest.toCm, units),
                percent(Math.max(0, end.driest.share)),
              ),
            )}
          </p>
        </>
      ) : null}
      <h2>Roots against air, by month</h2>
      <table className={styles.rootMonths}>
        <thead>
          <tr>
            <th scope="col">month</th>
            <th scope="col">roots</th>
            <th scope="col">air</th>
            <th scope="col">air in the root zone</th>
            <th scope="col">salts, mS/cm</th>
          </tr>
        </thead>
        <tbody>
          {review.year.months.map((month, i) => (
            <tr key={monthNames[i]}>
              <th scope="row">{monthNames[i]!.slice(0, 3)}</th>
              <td>{temperature(month.rootZoneC, units)}</td>
              <td>{temperature(month.airC, units)}</td>
              <td>{percent(month.meanAir)}</td>
              <td>{number(month.meanDsM, 1)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <h2>Salts by layer</h2>
      <p>
        {nb(
          saltsByLayer(
            review.layers
              .map((layer, i) => ({ role: layer.role, dsM: review.year.layersDsM[i] ?? 0 }))
              .filter(({ role }) => role !== 'top dressing'),
          ),
        )}
        {/* A dressing holds hardly any water to measure salts in: there they dry on. */}
        {review.year.crustGM2 >= 1 ? ` ${nb(saltCrust(number(review.year.crustGM2, 0)))}` : null}
      </p>
    </section>
  );
}
