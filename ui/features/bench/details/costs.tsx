import dynamic from 'next/dynamic';
import type { SetupCosts } from '@core';
import { number, percent, priceText, type SetupReview } from '@core/words';
import styles from './details.module.css';
import { nb } from '../../../controls/nb';

/** Nobody needs it before the first answer stands. */
const StockMoney = dynamic(() => import('./stock-money').then(({ StockMoney: row }) => row), { ssr: false });

interface CostsProps {
  readonly review: Pick<SetupReview, 'spec' | 'layers'>;
  readonly costs: SetupCosts;
}

/** What the setup costs in work, risk, years and money. */
export function Costs({ review, costs }: CostsProps) {
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
        <StockMoney review={review} />
      </tbody>
    </table>
  );
}
