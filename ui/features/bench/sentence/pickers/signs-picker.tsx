'use client';

/** What the plant shows: pictures to touch, as many as were looked at. */
import { SignGlyph } from '../../questions/sign-glyph';
import { chosenSigns, signGroups, type SignKey, withSigns } from '../../questions/signs';
import { answer } from '../../state/actions';
import { useCase } from '../../state/case-store';
import { useFaultAt } from '../../state/worded';
import styles from '../../questions/pickers.module.css';

export function SignsPicker() {
  const chosen = chosenSigns(useCase((state) => state.answers.signs));
  const fault = useFaultAt()('signs');
  const toggle = (key: SignKey) =>
    answer({
      signs: withSigns(chosen, chosen.includes(key) ? chosen.filter((entry) => entry !== key) : [...chosen, key]),
    });
  return (
    <div className={styles.column}>
      {signGroups.map(({ label, signs }) => (
        <div key={label} role="group" aria-label={label}>
          <h3 className={styles.groupName}>{label}</h3>
          <div className={styles.signs}>
            {signs.map((sign) => (
              <button
                key={sign.key}
                type="button"
                className={styles.sign}
                aria-pressed={chosen.includes(sign.key)}
                onClick={() => toggle(sign.key)}
              >
                <SignGlyph sign={sign.key} />
                <span>{sign.label}</span>
              </button>
            ))}
          </div>
        </div>
      ))}
      {fault ? (
        <p role="alert" className={styles.fault}>
          {fault}
        </p>
      ) : null}
    </div>
  );
}
