/** What is mixed, each mix once: how much of it, and what comes out of each bag. */
import { litres, type DayAnswer } from '@core/words';
import styles from '../day.module.css';

export function Mixes({ answer }: { readonly answer: DayAnswer }) {
  const names = new Map(answer.plants.map(({ id, name }) => [id, name]));
  return (
    <section aria-label="Mixes">
      <h2>Mixes</h2>
      <ul className={styles.mixes}>
        {answer.batches.map(({ key, title, potsL, bagTexts, plants }) => (
          <li key={key}>
            <strong>{title}</strong>
            <p>
              {litres(potsL)} in {plants.length === 1 ? names.get(plants[0]!.plantId) : `${plants.length} pots`}. Take{' '}
              {bagTexts.join(', ')}.
            </p>
          </li>
        ))}
      </ul>
      <p className={styles.soft}>As poured, with what settles and what is in reserve.</p>
    </section>
  );
}
