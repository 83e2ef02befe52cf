'use client';

/** An orchid without a name: five questions of what anybody sees of it, and the groups that fit, with how sure each is. */
import { useState } from 'react';
import {
  bases,
  flowerKinds,
  genusById,
  groupsByAppearance,
  leafKinds,
  rootKinds,
  type SeenAppearance,
  spacings,
} from '@core';
import { baseWords, flowerKindWords, leafKindWords, rootKindWords, spacingWords, sureWords } from '@core/words';
import { HabitGlyph } from '../../../../drawing/habit-glyph';
import { AppearanceGlyph } from '../../../../drawing/appearance-glyph';
import styles from '../../questions/pickers.module.css';

const questions = [
  { key: 'base', title: '1. What stands on the medium?', answers: bases, words: baseWords },
  { key: 'roots', title: '2. Its roots?', answers: rootKinds, words: rootKindWords },
  { key: 'leaves', title: '3. Its leaves?', answers: leafKinds, words: leafKindWords },
  { key: 'spacing', title: '4. How far are its shoots apart?', answers: spacings, words: spacingWords },
  { key: 'flower', title: '5. Its flower, if it had one?', answers: flowerKinds, words: flowerKindWords },
] as const;
type Question = (typeof questions)[number];

const SHOWN = 3;

export function ByAppearance({ onGroup }: { readonly onGroup: (genusId: string) => void }) {
  const [seen, setSeen] = useState<SeenAppearance>({});
  const isAsked = Object.values(seen).some((answer) => answer !== undefined);
  return (
    <div className={styles.column}>
      <p className={styles.hint}>Touch what you see. Leave out what you cannot tell.</p>
      {questions.map((question) => (
        <AppearanceQuestion
          key={question.key}
          question={question}
          value={seen[question.key]}
          onValue={(value) => setSeen({ ...seen, [question.key]: value })}
        />
      ))}
      {isAsked ? (
        <section aria-label="What it could be" className={styles.found}>
          <h3>What it could be</h3>
          <ul className={styles.guesses} aria-live="polite">
            {groupsByAppearance(seen)
              .slice(0, SHOWN)
              .map((guess) => (
                <li key={guess.genusId}>
                  <button type="button" className={styles.sayable} onClick={() => onGroup(guess.genusId)}>
                    <HabitGlyph habit={genusById(guess.genusId).habit} />
                    <span>
                      {genusById(guess.genusId).name}
                      <small>{sureWords(guess)}</small>
                    </span>
                  </button>
                </li>
              ))}
          </ul>
        </section>
      ) : null}
    </div>
  );
}

interface AppearanceQuestionProps {
  readonly question: Question;
  readonly value: string | undefined;
  /** undefined: touched again, it is taken back. */
  readonly onValue: (value: string | undefined) => void;
}

function AppearanceQuestion({ question: { key, title, answers, words }, value, onValue }: AppearanceQuestionProps) {
  const named = words as Readonly<Record<string, string>>;
  return (
    <fieldset className={styles.looks}>
      <legend>{title}</legend>
      {answers.map((answer) => (
        <button
          key={answer}
          type="button"
          aria-pressed={value === answer}
          onClick={() => onValue(value === answer ? undefined : answer)}
        >
          <AppearanceGlyph question={key} answer={answer} />
          <span>{named[answer]}</span>
        </button>
      ))}
    </fieldset>
  );
}
