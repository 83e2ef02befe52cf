import { comparePerchedWater, realise, type SetupSpec } from '@core';
import { cm, litres, type WordUnits } from '@core/words';
import styles from './details.module.css';
import { nb } from '../../../controls/nb';

/** The wet foot with and without crocking, side by side: the same height, another volume. */
export function PerchedWater({ spec, units }: { readonly spec: SetupSpec; readonly units: WordUnits }) {
  const setup = realise(spec);
  if (setup.kind !== 'pot') return null;
  const { withCrocking, withoutCrocking, crockingHeightCm } = comparePerchedWater(setup);
  const text = (foot: typeof withCrocking) =>
    foot.heightCm < 0.1 ? 'none' : `${cm(foot.heightCm, units)}, ${litres(foot.volumeL)}`;
  return (
    <section aria-label="Wet foot">
      <h2>Perched water, the wet foot</h2>
      {crockingHeightCm > 0 ? (
        <>
          <table className={styles.score}>
            <caption className="visually-hidden">Wet foot with and without crocking</caption>
            <tbody>
              <tr>
                <td>with {nb(cm(crockingHeightCm, units))} crocking</td>
                <td>{nb(text(withCrocking))}</td>
              </tr>
              <tr>
                <td>without any</td>
                <td>{nb(text(withoutCrocking))}</td>
              </tr>
            </tbody>
          </table>
          <p className={styles.small}>
            Crocking does not lower the wet foot; it takes the place of mix that would lie in it.
          </p>
        </>
      ) : (
        <p>{withCrocking.heightCm < 0.1 ? 'None worth measuring.' : nb(`${text(withCrocking)}.`)}</p>
      )}
    </section>
  );
}
