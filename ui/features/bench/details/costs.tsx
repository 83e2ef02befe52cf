import type { SetupCosts } from '@core';
import { number, percent, priceText } from '@core/words';
import styles from './details.module.css';
import { nb } from '../../../controls/nb';

/** What the setup costs in work, risk, years and money. */
export function Costs({ costs }: { readonly costs: SetupCosts }) {
  const rows = [
    ['waterings a year', number(costs.wateringsPerYear, 0)],
    ['minutes a week', number(costs.minutesPerWeek, 1)],
    ['too wet or too dry', percent(costs.riskShare)],
    ['next repotting in', `${number(costs.yearsToNextRepot, 1)} years`],
    ['media, litres', number(costs.litres, 1)],
    ['media, price (1 = a cheap litre)', priceText(costs.mediaPrice)],
  ] as const;
  return (
    <table className={styles.score}>
      <caption className="visually-hidden">What it costs</caption>
      <tbody>
        {rows.map(([label, value]) => (
          <tr key={label}>
            <td>{label}</td>
            <td>{nb(value)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
