'use client';

/** What the mix holds and weighs, and what to take out of each bag. */
import { type MixReport, mmToInch, nearestSieve } from '@core';
import { cm, litres, number, percent, type WordUnits, gradeOfBag } from '@core/words';
import styles from './media.module.css';

interface MixResultsProps {
  readonly report: MixReport;
  readonly units: WordUnits;
}

function inches(fromMm: number, toMm: number): string {
  return `${number(mmToInch(fromMm), 2)}–${number(mmToInch(toMm), 2)} in`;
}

export function MixResults({ report, units }: MixResultsProps) {
  const facts = [
    ['water, drained', percent(report.capacityShare)],
    ['air, drained', percent(report.airShare)],
    ['wicks water up', cm(report.wickingHeightCm, units)],
    ['dry weight', `${number(report.dryDensityGL, 0)} g/L`],
    ['weight drained', `${number(report.drainedDensityGL, 0)} g/L`],
    ['a litre of bags makes', litres(report.volumeYield)],
    ['settled to', percent(report.settledHeightShare)],
    ['lasts', report.lifeYears >= 20 ? 'as good as for ever' : `${number(report.lifeYears, 1)} years`],
  ] as const;
  return (
    <div>
      <h2>Take for {litres(report.wantedL)}</h2>
      <ol className={styles.bags}>
        {report.bags.map((bag, i) => (
          <li key={`${bag.mediumId}${i}`}>
            <strong>{litres(bag.takeL)}</strong>{' '}
            {bag.pieceShape === 'strand' ? bag.name : bag.name.replace(/ \d.*mm$/, '')}
            <span>
              {bag.pieceShape === 'strand'
                ? 'strands: no sieve measures them'
                : gradeOfBag(
                    number(bag.smallMm, 1),
                    number(bag.largeMm, 1),
                    inches(bag.smallMm, bag.largeMm),
                    nearestSieve(bag.smallMm).designation,
                    nearestSieve(bag.largeMm).designation,
                  )}
            </span>
          </li>
        ))}
      </ol>
      <p className={styles.hint}>Poured loose. Fines vanish between coarse pieces, and it settles a twentieth.</p>
      <h2>It holds, {cm(report.depthCm, units)} deep</h2>
      <table className={styles.facts}>
        <caption className="visually-hidden">What the mix holds</caption>
        <tbody>
          {facts.map(([label, value]) => (
            <tr key={label}>
              <td>{label}</td>
              <td>{value}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
