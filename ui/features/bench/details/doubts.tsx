'use client';

/** How sure the answer is, what matters most, and what would change the order. On demand: it takes a second. */
import { type SetupSpec, specId } from '@core';
import { number, percent, assumedAnswers } from '@core/words';
import { choose as chooseSetup } from '../state/actions';
import { usePlanned } from '../state/plan-store';
import { useEngine } from '../state/use-engine';
import { useDoubtWords } from '../state/worded';
import styles from './details.module.css';
import { ProgressBar } from '../../../controls/progress-bar';
import { nb } from '../../../controls/nb';
import { Button } from '../../../controls/button';

const confidenceNames = { firm: 'Firm', fair: 'Fair', wide: 'Wide open' } as const;

export function DoubtsView() {
  const engine = useEngine();
  const thinking = usePlanned((state) => state.thinking);
  const plan = usePlanned((state) => state.plan);
  const doubts = useDoubtWords();
  if (thinking) {
    return (
      <div className={styles.thinking} aria-live="polite">
        <ProgressBar label="Weighing what may be off" done={thinking.done} total={thinking.total} />
        <Button onClick={() => engine.stopThinking()}>Stop weighing</Button>
      </div>
    );
  }
  if (!doubts) {
    return (
      <Button isWide onClick={() => engine.askDoubts()}>
        How sure is this?
      </Button>
    );
  }
  const { sensitivity, turns } = doubts;
  const choose = (spec: SetupSpec) => {
    const setup = plan?.setups.find((entry) => entry.id === specId(spec));
    if (setup) chooseSetup(setup.id);
  };
  return (
    <div>
      <h2>How sure</h2>
      <p>
        <strong>{confidenceNames[sensitivity.confidence]}.</strong> {nb(sensitivity.sentence)}
      </p>
      <table className={styles.score}>
        <caption className="visually-hidden">What matters most</caption>
        <tbody>
          {sensitivity.swings.map((swing) => (
            <tr key={swing.input}>
              <td>
                {swing.input} <span className={styles.small}>{nb(swing.moved)}</span>
              </td>
              <td>
                {percent(Math.min(swing.lowFine, swing.highFine))}–
                {nb(percent(Math.max(swing.lowFine, swing.highFine)))}
                {swing.changesOrder ? ' ⇅' : ''}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className={styles.small}>
        Share of the year that is fine, with each moved as far as it may be off; ⇅ = another setup may then lead.
        {sensitivity.assumed.length > 0 ? assumedAnswers(number(sensitivity.assumed.length, 0)) : ''}
      </p>
      <h2>What would change the order</h2>
      {turns.length === 0 ? <p>Nothing we tried: it leads in every routine and air.</p> : null}
      <ul className={styles.turns}>
        {turns.map((turn) => (
          <li key={turn.condition}>
            <button type="button" onClick={() => choose(turn.spec)}>
              {nb(turn.sentence)}
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
