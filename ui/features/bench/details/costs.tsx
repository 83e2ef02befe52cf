import { costOf, type SetupCosts, type SetupSpec, stockNeedsOf, takesFrom } from '@core';
import { number, percent, priceText, type SetupReview } from '@core/words';
import { moneyText } from '../../../data/money';
import { inStock, useStock } from '../../../data/stock';
import { useCase } from '../state/case-store';
import styles from './details.module.css';
import { nb } from '../../../controls/nb';

/** What is in stock of it, at the grower's own prices; null where nothing is, or nothing has a price. */
function useOwnMoney({ spec, layers }: Pick<SetupReview, 'spec' | 'layers'>): string | null {
  const plantName = useCase((state) => state.plantName);
  const rows = useStock()?.items ?? [];
  const byId = new Map(rows.map((row) => [row.id, row.data]));
  const needs = stockNeedsOf(
    spec as SetupSpec,
    layers.flatMap(({ bags }) => bags),
  );
  const takes = takesFrom(needs, inStock(rows), plantName || null);
  const there = takes.flatMap(({ from, amount }) => (from ? [{ item: byId.get(from.id)!, amount }] : []));
  const { sums, unpriced } = costOf(there);
  if (sums.length === 0) return null;
  const without = takes.length - there.length + unpriced;
  return `${sums.map(moneyText).join(' and ')}${without > 0 ? `, and ${without} without a price` : ''}`;
}

interface CostsProps {
  readonly review: Pick<SetupReview, 'spec' | 'layers'>;
  readonly costs: SetupCosts;
}

/** What the setup costs in work, risk, years and money. */
export function Costs({ review, costs }: CostsProps) {
  const money = useOwnMoney(review);
  const rows = [
    ['waterings a year', number(costs.wateringsPerYear, 0)],
    ['minutes a week', number(costs.minutesPerWeek, 1)],
    ['too wet or too dry', percent(costs.riskShare)],
    ['next repotting in', `${number(costs.yearsToNextRepot, 1)} years`],
    ['media, litres', number(costs.litres, 1)],
    ['media, price (1 = a cheap litre)', priceText(costs.mediaPrice)],
    ...(money === null ? [] : [['at the prices of my stock', money] as const]),
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
